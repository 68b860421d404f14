import { Box, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Schema } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { fieldMessage } from '../../../shared/fieldMessage';
import { NumberEntry } from '../../../shared/NumberEntry';
import { useSettings } from '../../../store/LocalDataContext';
import { MakeshiftCard } from './MakeshiftCard';
import { asEntered, type Entry } from '../../../shared/entered';

const uses: { id: Schema<'MakeshiftUse'>; title: string }[] = [
  { id: 'clear', title: 'Clears, no more' },
  { id: 'draw', title: 'Draws the clear water off' },
  { id: 'boil', title: 'For the fire' },
];

/** Things made of what lies about: filters, siphons, vessels, each as a little procedure. */
export function BuildPage() {
  const { units } = useSettings().settings;
  const [litres, setLitres] = useState<Entry>(null);
  const [vesselL, setVesselL] = useState<Entry>(null);
  const { response, problem } = useCalculation('makeshift', {
    units,
    litres: asEntered(litres),
    vesselL: asEntered(vesselL),
  });
  return (
    <Stack spacing={2}>
      <Typography>
        What seeps, falls as rain or dew, or is distilled stands under Make water, with what it yields.
      </Typography>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, maxWidth: 640 }}>
        <NumberEntry
          label="Water wanted"
          quantity="volume"
          step={0.5}
          value={litres ?? response?.litres ?? null}
          isDefault={litres === null}
          onChange={setLitres}
          error={fieldMessage(problem, 'litres')}
        />
        <NumberEntry
          label="Vessel for the layers"
          quantity="volume"
          step={0.5}
          value={vesselL ?? response?.vesselL ?? null}
          isDefault={vesselL === null}
          onChange={setVesselL}
          error={fieldMessage(problem, 'vesselL')}
        />
      </Box>
      {response &&
        uses.map(({ id, title }) => (
          <Box key={id} component="section" aria-label={title}>
            <Typography variant="h2" sx={{ mb: 1 }}>
              {title}
            </Typography>
            <Box
              sx={{
                display: 'grid',
                gap: 1.5,
                alignItems: 'start',
                gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 380px), 1fr))',
              }}
            >
              {response.cards
                .filter(({ use }) => use === id)
                .map((card) => (
                  <MakeshiftCard key={card.id} card={card} />
                ))}
            </Box>
          </Box>
        ))}
    </Stack>
  );
}
