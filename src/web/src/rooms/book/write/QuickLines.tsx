import { Box, Button, ButtonBase, Stack, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { show } from '../../../shared/units';
import type { Entry } from '../../../store/bookLines';
import { useQuickWrite } from '../../../store/QuickWrite';
import { QuickSource } from './QuickSource';
import { useWhose } from './useWhose';
import { WhoseEntry } from './WhoseEntry';

const sips = [0.25, 0.5, 1];

/** One thumb, one tap: what was drunk, and the colour of urine. Each can be taken back. */
export function QuickLines({ onWrite }: { onWrite?: () => void }) {
  const writeNow = useQuickWrite();
  const write = (line: Entry) => {
    onWrite?.();
    return writeNow(line);
  };
  const catalogue = useCatalogue();
  const { walkers, whose, choose } = useWhose();
  return (
    <Stack spacing={2}>
      <WhoseEntry walkers={walkers} value={whose} onChange={choose} />
      <Box>
        <Typography variant="h3" sx={{ mb: 1 }}>
          Drank
        </Typography>
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(3, 1fr)' }}>
          {sips.map((litres) => (
            <Button
              key={litres}
              variant="contained"
              aria-label={`Drank ${show(catalogue, 'volume', litres)}`}
              onClick={() => void write({ kind: 'drank', litres, walkerId: whose })}
              sx={{ minHeight: 64, fontSize: '1.15rem', whiteSpace: 'nowrap', px: 0.5 }}
            >
              + {show(catalogue, 'volume', litres)}
            </Button>
          ))}
        </Box>
      </Box>
      <Box>
        <Typography variant="h3" sx={{ mb: 1 }}>
          Urine
        </Typography>
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(4, 1fr)' }}>
          {catalogue.lists.book.urine.map((step) => (
            <Swatch
              key={step.number}
              step={step}
              onChoose={() => void write({ kind: 'urine', urineColour: step.number, walkerId: whose })}
            />
          ))}
        </Box>
      </Box>
      <QuickSource write={write} />
    </Stack>
  );
}

interface SwatchProps {
  step: { number: number; words: string; colour: string };
  chosen?: boolean;
  onChoose: () => void;
}

/** A step of the urine scale: its number, its words and its colour. */
export function Swatch({ step, chosen, onChoose }: SwatchProps) {
  return (
    <ButtonBase
      onClick={onChoose}
      aria-label={`${step.number}, ${step.words}`}
      aria-pressed={chosen}
      sx={{
        display: 'grid',
        minHeight: 72,
        borderRadius: 2,
        border: chosen ? 4 : 1,
        borderColor: chosen ? 'primary.main' : 'divider',
        overflow: 'hidden',
        gridTemplateRows: '24px 1fr',
        gridTemplateColumns: 'minmax(0, 1fr)',
        alignItems: 'center',
        justifyContent: 'stretch',
      }}
    >
      <Box sx={{ bgcolor: step.colour, width: '100%', height: '100%' }} />
      <Typography component="span" sx={{ px: 0.5, lineHeight: 1.1 }}>
        {step.number} {step.words}
      </Typography>
    </ButtonBase>
  );
}
