import LocalDrink from '@mui/icons-material/LocalDrink';
import { Button } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { show } from '../../../shared/units';
import { useQuickWrite } from '../../../store/QuickWrite';
import { useWhose } from '../../book/write/useWhose';
import { AskedPanel } from '../inhand/AskedPanel';
import type { SipReminder } from './useSips';

/** What is due to be drunk from what can't be seen stands large, and is answered by a tap. */
export function SipsDue({ reminders }: { reminders: SipReminder[] }) {
  const due = reminders.filter(({ isDue }) => isDue);
  return due.map((reminder) => <Due key={reminder.containerId} reminder={reminder} />);
}

function Due({ reminder: { containerId, walkerId, headline, words, dueL } }: { reminder: SipReminder }) {
  const catalogue = useCatalogue();
  const write = useQuickWrite();
  const { whose } = useWhose();
  const drank = (what: { litres: number | null; all?: true }) =>
    void write({ kind: 'drank', containerId, walkerId: walkerId ?? whose, ...what });
  const mouthfuls = catalogue.lists.book.quickDrinks.filter(({ litres }) => litres < dueL);
  return (
    <AskedPanel Icon={LocalDrink} headline={headline} words={words}>
      {dueL > 0 && (
        <Button variant="contained" onClick={() => drank({ litres: dueL })}>
          {show(catalogue, 'volume', dueL)} drunk
        </Button>
      )}
      {mouthfuls.slice(-1).map(({ name, litres }) => (
        <Button key={name} variant="outlined" onClick={() => drank({ litres })}>
          Only {name}
        </Button>
      ))}
      <Button variant="outlined" onClick={() => drank({ litres: null, all: true })}>
        It is empty
      </Button>
    </AskedPanel>
  );
}
