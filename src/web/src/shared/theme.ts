import { createTheme, type Theme } from '@mui/material/styles';
import type {} from '@mui/x-date-pickers/themeAugmentation';
import type { Schema } from '../core/contract';

type Name = NonNullable<Schema<'ScreenTheme'>>;

const face = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';

const colours = {
  paper: {
    mode: 'light' as const,
    page: '#f4eddd',
    card: '#fffaf0',
    ink: '#17262b',
    soft: '#47585c',
    line: '#b9ad93',
    water: '#0b4f5c',
    onWater: '#ffffff',
    good: '#1d5c2e',
    care: '#7d4300',
    stop: '#9b1c1c',
  },
  dusk: {
    mode: 'dark' as const,
    page: '#101719',
    card: '#182226',
    ink: '#f0e3c8',
    soft: '#b9b19d',
    line: '#46565a',
    water: '#8fc7cf',
    onWater: '#0a1518',
    good: '#93d19c',
    care: '#f0b56a',
    stop: '#f59a8c',
  },
  glare: {
    mode: 'light' as const,
    page: '#ffffff',
    card: '#ffffff',
    ink: '#000000',
    soft: '#000000',
    line: '#000000',
    water: '#000000',
    onWater: '#ffffff',
    good: '#003d12',
    care: '#4a2600',
    stop: '#6b0000',
  },
};

/** Paper by day, dusk by head-torch, glare in full sun. */
export function themeOf(name: Name): Theme {
  const c = colours[name];
  return createTheme({
    palette: {
      mode: c.mode,
      background: { default: c.page, paper: c.card },
      text: { primary: c.ink, secondary: c.soft },
      primary: { main: c.water, contrastText: c.onWater },
      success: { main: c.good, contrastText: c.mode === 'dark' ? '#0a1518' : '#ffffff' },
      warning: { main: c.care, contrastText: c.mode === 'dark' ? '#0a1518' : '#ffffff' },
      error: { main: c.stop, contrastText: c.mode === 'dark' ? '#0a1518' : '#ffffff' },
      divider: c.line,
    },
    shape: { borderRadius: 10 },
    typography: {
      fontFamily: face,
      fontSize: 16,
      htmlFontSize: 16,
      body1: { fontSize: '1.0625rem', lineHeight: 1.45 },
      body2: { fontSize: '1rem', lineHeight: 1.4 },
      caption: { fontSize: '1rem', lineHeight: 1.35 },
      button: { fontSize: '1.0625rem', fontWeight: 650, textTransform: 'none' },
      h1: { fontSize: '1.5rem', fontWeight: 750, lineHeight: 1.15 },
      h2: { fontSize: '1.1875rem', fontWeight: 700, lineHeight: 1.2 },
      h3: { fontSize: '1.0625rem', fontWeight: 700, lineHeight: 1.25 },
    },
    components: {
      MuiCssBaseline: {
        styleOverrides: {
          // The bars below may not hide what the keyboard reaches on a phone.
          html: { '@media (max-width: 899px)': { scrollPaddingTop: 16, scrollPaddingBottom: 150 } },
          body: { fontVariantNumeric: 'tabular-nums', WebkitTextSizeAdjust: '100%' },
          // Drawn in the colours the person's system asks for: patterns, shapes and words still tell things apart.
          '@media (forced-colors: active)': { svg: { color: 'CanvasText !important' } },
          '@media (prefers-reduced-motion: reduce)': {
            '*, *::before, *::after': {
              animationDuration: '0.01ms !important',
              transitionDuration: '0.01ms !important',
              scrollBehavior: 'auto !important',
            },
          },
          ':focus-visible': { outline: `3px solid ${c.ink}`, outlineOffset: 2 },
        },
      },
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiButton: {
        defaultProps: { disableElevation: true },
        styleOverrides: { root: { minHeight: 48, paddingInline: 20, borderWidth: 2 } },
      },
      MuiIconButton: { styleOverrides: { root: { minWidth: 48, minHeight: 48 } } },
      MuiPaper: {
        defaultProps: { elevation: 0 },
        styleOverrides: { root: { backgroundImage: 'none' } },
      },
      MuiToggleButton: {
        styleOverrides: {
          root: {
            minHeight: 48,
            color: c.ink,
            borderColor: c.line,
            borderWidth: name === 'glare' ? 2 : 1,
            fontSize: '1rem',
            fontWeight: 550,
            textTransform: 'none',
            lineHeight: 1.15,
            '&.Mui-selected, &.Mui-selected:hover': { backgroundColor: c.water, color: c.onWater },
          },
        },
      },
      MuiInputBase: { styleOverrides: { root: { minHeight: 48, fontSize: '1.125rem' } } },
      MuiOutlinedInput: { styleOverrides: { notchedOutline: { borderColor: c.line } } },
      MuiPickersInputBase: {
        styleOverrides: {
          root: { minHeight: 48, fontSize: '1.125rem' },
          // What stands in an empty field is read in the sun too.
          sectionsContainer: { opacity: 1 },
        },
      },
      MuiPickersOutlinedInput: { styleOverrides: { notchedOutline: { borderColor: c.line } } },
      MuiFormHelperText: { styleOverrides: { root: { fontSize: '1rem', marginInline: 0 } } },
      MuiInputLabel: { styleOverrides: { root: { color: c.soft } } },
      MuiBottomNavigationAction: {
        styleOverrides: {
          root: { minHeight: 56, color: c.soft },
          label: { fontSize: '1rem', '&.Mui-selected': { fontSize: '1rem' } },
        },
      },
      MuiSwitch: { defaultProps: { disableRipple: true } },
    },
  });
}
