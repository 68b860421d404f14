import { Button, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { Section } from '../../../shared/Section';
import { today } from '../../../shared/time';
import { saveFile } from '../../../shared/saveFile';
import { recordsIn } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { backupFile } from './backupFile';

/** Writes the person's own book into a file, without the server. */
export function TakeOut() {
  const { db, person } = useStore();
  const count = useLiveQuery(() => recordsIn(db, person.id).count(), [db, person.id]);
  const save = async () => {
    const file = await backupFile(db, person.id);
    const day = today();
    saveFile(`jolly-brook-${day}.json`, 'application/json', JSON.stringify(file));
  };
  return (
    <Section title="Take a backup out">
      <Typography>
        Your own book as it is on this device, {count === 1 ? '1 record' : `${count ?? '…'} records`}, sent or
        not. A trip’s records stay with the trip. Keep the file where this device is not.
      </Typography>
      <div>
        <Button variant="contained" size="large" onClick={() => void save()}>
          Save the backup
        </Button>
      </div>
    </Section>
  );
}
