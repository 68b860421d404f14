import { Button, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { Section } from '../../../shared/Section';
import { clockTime, dayName } from '../../../shared/time';
import { useStore } from '../../../store/StoreContext';
import { usePersistence } from './usePersistence';

/** What is saved on this device, when it last met the server, and how long the browser promises to keep it. */
export function KeptHere() {
  const { db } = useStore();
  const read = useLiveQuery(
    async () => ({
      records: await db.records.count(),
      met: (await db.meta.get('met'))?.value as string | undefined,
    }),
    [db],
  );
  const { state, usedMb, ask } = usePersistence();
  if (!read) return null;
  return (
    <Section title="Kept on this device">
      <Typography sx={{ fontSize: '1.5rem', fontWeight: 750 }}>
        {read.records === 1 ? '1 record' : `${read.records} records`}
        {usedMb !== null && `, ${usedMb} MB with the program`}
      </Typography>
      <Typography>
        {read.met
          ? `It last met the server on ${dayName(read.met)}, ${clockTime(read.met, new Date(read.met))}.`
          : 'It has not met the server yet.'}
      </Typography>
      {state === 'kept' && (
        <Typography>The browser has promised to keep them until you clear them yourself.</Typography>
      )}
      {state === 'unasked' && (
        <>
          <Typography>
            The browser may clear them when the device runs short of room. Ask it to keep them: what has not
            been sent yet exists only here.
          </Typography>
          <div>
            <Button variant="contained" onClick={() => void ask()}>
              Ask the browser to keep them
            </Button>
          </div>
        </>
      )}
      {state === 'refused' && (
        <Typography>
          The browser has been asked and has not promised to keep them: it may clear them when the device runs
          short of room. Installing the page, or using it often, makes most browsers promise. Meet the server
          when you can.
        </Typography>
      )}
      {state === 'unknown' && (
        <Typography>
          This browser does not say how long it keeps them. Meet the server when you can.
        </Typography>
      )}
    </Section>
  );
}
