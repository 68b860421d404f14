import DeleteOutline from '@mui/icons-material/DeleteOutlined';
import { Box, Button, IconButton, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { asEntered, type Entry } from '../../../shared/entered';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { useTrip } from '../TripContext';

type WayOut = Schema<'BailOut'>;

/** Where one can leave the route early: shown on the strip, the map and the card with what is in hand there. */
export function WaysOut() {
  const { route, change, plan } = useTrip();
  const ways = route.bailOuts ?? [];
  const set = (bailOuts: WayOut[]) => change({ bailOuts });
  const wrong = plan.problem?.errors.filter((e) => e.field.startsWith('bailOuts.')) ?? [];
  const halfway = Math.round((route.lengthKm ?? 0) * 5) / 10;
  return (
    <Section title="Ways out">
      {ways.length === 0 && (
        <Typography>
          None named. A road, a hut, a side valley: where you could leave the route early.
        </Typography>
      )}
      {wrong.map((e) => (
        <ProblemLine key={e.message}>{e.message}</ProblemLine>
      ))}
      {ways.map((way, i) => {
        const part = (next: Partial<WayOut>) => set(ways.map((w, j) => (j === i ? { ...w, ...next } : w)));
        return (
          <Box
            key={i}
            sx={{
              display: 'grid',
              gap: 1.5,
              alignItems: 'end',
              gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr auto' },
            }}
          >
            <TextEntry label="Way out" value={way.name ?? ''} onChange={(name) => part({ name })} />
            <NumberEntry
              label="Leaves the route at"
              quantity="distance"
              step={0.5}
              value={way.alongKm ?? null}
              onChange={(v: Entry) => part({ alongKm: asEntered(v) })}
            />
            <IconButton
              aria-label={`Take ${way.name || 'this way out'} away`}
              onClick={() => set(ways.filter((_, j) => j !== i))}
              sx={{ justifySelf: 'start' }}
            >
              <DeleteOutline />
            </IconButton>
          </Box>
        );
      })}
      <Box>
        <Button variant="outlined" onClick={() => set([...ways, { name: 'Way out', alongKm: halfway }])}>
          Add a way out
        </Button>
      </Box>
    </Section>
  );
}
