import { useSettings } from '../store/LocalDataContext';
import { SwitchEntry } from './SwitchEntry';

/** Whether viruses are part of the target: one setting, offered wherever it matters. */
export function CountVirusesSwitch() {
  const { settings, change } = useSettings();
  return (
    <SwitchEntry
      label="Viruses count"
      checked={settings.countViruses}
      onChange={(checked) => void change({ countViruses: checked })}
    />
  );
}
