import { Stack, Typography, Link as MuiLink } from '@mui/material';
import { Link } from 'react-router';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { Section } from '../../shared/Section';
import { useSettings } from '../../store/LocalDataContext';
import type { Settings } from '../../store/settings';
import { CountVirusesSwitch } from '../../shared/CountVirusesSwitch';
import { SwitchEntry } from '../../shared/SwitchEntry';

const unitChoices = [
  { id: 'metric', name: 'Metric', hint: 'litres, °C, metres, grams' },
  { id: 'us', name: 'US', hint: 'quarts and gallons, °F, feet, ounces' },
];

const themeChoices = [
  { id: 'paper', name: 'Paper', hint: 'by day' },
  { id: 'dusk', name: 'Dusk', hint: 'by head-torch, easy on eyes used to the dark' },
  { id: 'glare', name: 'Glare', hint: 'the strongest contrast, for full sun' },
];

/** What one person chooses; kept with their records. */
export function ChoicesPage() {
  const { settings, change } = useSettings();
  return (
    <Stack spacing={1.5}>
      <Section title="Reading and typing">
        <ChoiceGroup
          label="Units"
          choices={unitChoices}
          value={settings.units}
          onChange={(units) => void change({ units: units as Settings['units'] })}
        />
        <ChoiceGroup
          label="Screen"
          choices={themeChoices}
          value={settings.theme}
          onChange={(theme) => void change({ theme: theme as Settings['theme'] })}
        />
        <SwitchEntry
          label="Single keys act (press ? for the list)"
          checked={settings.shortcuts}
          onChange={(checked) => void change({ shortcuts: checked })}
        />
      </Section>
      <Section title="The target">
        <CountVirusesSwitch />
        <Typography>
          Leave it on unless you are remote, with few people and no stock upstream. Every answer it changes
          says so.{' '}
          <MuiLink component={Link} to="/words">
            Words and schools
          </MuiLink>
        </Typography>
      </Section>
    </Stack>
  );
}
