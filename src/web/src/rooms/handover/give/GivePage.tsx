import { Box, Stack, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { bundleOf, recordsOf } from '../../../handover/gather';
import { pack, type Bundle } from '../../../handover/bundle';
import { mostBytes } from '../../../handover/frames';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { useStore } from '../../../store/StoreContext';
import { CodeShow } from './CodeShow';
import { FileOut } from './FileOut';
import { ThingChoice } from './ThingChoice';
import { useThing } from './useThing';

/** What is handed over, as codes that the other phone reads off this screen, or as a file. */
export function GivePage() {
  const { db, person } = useStore();
  const choice = useThing();
  const { thing, title, chosenAt } = choice;
  const key = JSON.stringify(thing);
  const made = useLiveQuery(async (): Promise<{
    key: string;
    bundle: Bundle;
    bytes: Uint8Array;
    count: number;
  } | null> => {
    if (thing === null) return null;
    const records = await recordsOf(db, thing);
    if (records.length === 0) return null;
    const bundle = bundleOf(records, person.name, title, new Date(chosenAt));
    return { key, bundle, bytes: await pack(bundle), count: records.length };
  }, [db, key, title, person.name, chosenAt]);
  // Between two choices nothing is shown that belongs to the one before.
  const ready = made?.key === key ? made : null;

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Section title="What is handed over">
        <ThingChoice choice={choice} />
        {made === null && <Typography>Nothing of this is here to hand over.</Typography>}
        {ready && (
          <Stack spacing={1.5}>
            <Typography>
              {title}: {ready.count} {ready.count === 1 ? 'record' : 'records'}
            </Typography>
            <FileOut bundle={ready.bundle} />
          </Stack>
        )}
      </Section>
      {ready &&
        (ready.bytes.length > mostBytes ? (
          <ProblemLine>This is too much for codes. Hand it over as a file, or choose less.</ProblemLine>
        ) : (
          <CodeShow key={key} bytes={ready.bytes} />
        ))}
    </Box>
  );
}
