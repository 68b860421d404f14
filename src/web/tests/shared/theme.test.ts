import { getContrastRatio, type Theme } from '@mui/material/styles';
import { describe, expect, test } from 'vitest';
import { themeOf } from '../../src/shared/theme';

/** WCAG 2.2, 1.4.3 and 1.4.11: least contrast of words, and of what tells a control or a picture apart. */
const words = 4.5;
const shapes = 3;
/** 1.4.6: what is read in full sun, and by tired eyes under a lamp. */
const wordsInGlare = 7;

const themes = ['paper', 'dusk', 'glare'] as const;
const grounds = ({ palette }: Theme) => [palette.background.default, palette.background.paper];
const tones = ({ palette: { primary, success, warning, error } }: Theme) => ({
  primary,
  success,
  warning,
  error,
});

describe.each(themes)('%s', (name) => {
  const theme = themeOf(name);
  const { palette } = theme;
  const least = name === 'glare' ? wordsInGlare : words;

  test('what is read stands out from the page and from a card', () => {
    for (const ground of grounds(theme)) {
      for (const ink of [palette.text.primary, palette.text.secondary]) {
        expect(getContrastRatio(ink, ground), `${ink} on ${ground}`).toBeGreaterThanOrEqual(least);
      }
    }
  });

  test('good, care and stop are read as words, and what stands on them is too', () => {
    for (const [tone, { main, contrastText }] of Object.entries(tones(theme))) {
      for (const ground of grounds(theme)) {
        expect(getContrastRatio(main, ground), `${tone} on ${ground}`).toBeGreaterThanOrEqual(least);
      }
      expect(getContrastRatio(contrastText, main), `on ${tone}`).toBeGreaterThanOrEqual(least);
    }
  });

  test('a word under a lamp or in the sun is no smaller than sixteen pixels', () => {
    const { body1, body2, caption, button, h1, h2, h3 } = theme.typography;
    for (const { fontSize } of [body1, body2, caption, button, h1, h2, h3]) {
      expect(parseFloat(String(fontSize))).toBeGreaterThanOrEqual(1);
      expect(String(fontSize)).toMatch(/rem$/);
    }
  });
});

test('the rims of fields are seen in full sun', () => {
  const { palette } = themeOf('glare');
  expect(getContrastRatio(palette.divider, palette.background.default)).toBeGreaterThanOrEqual(shapes);
});
