import { FormControlLabel, Switch } from '@mui/material';
import { useSettings } from '../store/LocalDataContext';

/** Whether viruses are part of the target: one setting, offered wherever it matters. */
export function CountVirusesSwitch() {
  const { settings, change } = useSettings();
  return (
    <FormControlLabel
      control={
        <Switch
          checked={settings.countViruses}
          onChange={(event) => void change({ countViruses: event.target.checked })}
        />
      }
      label="Viruses count"
      sx={{ minHeight: 48 }}
    />
  );
}
