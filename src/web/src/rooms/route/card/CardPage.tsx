import Print from '@mui/icons-material/Print';
import { Box, Button, GlobalStyles, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Schema } from '../../../core/contract';
import { calculate } from '../../../core/core';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { ProblemLine } from '../../../shared/ProblemLine';
import { fileName, saveFile } from '../../../shared/saveFile';
import { useTrip } from '../TripContext';
import { DayCard } from './DayCard';
import { planCsv } from './planCsv';

/** The plan to take along: a card for each day, a GPX with the plan in its waypoints, a table. All made on this device. */
export function CardPage() {
  const { route, plan, request } = useTrip();
  const [paper, setPaper] = useState('A5');
  const [fault, setFault] = useState<string | null>(null);
  const { response } = plan;
  if (!response) return <Typography>{plan.problem?.detail ?? 'Working it out …'}</Typography>;
  const save = async (format: Schema<'TripFileFormat'>) => {
    const said = (stop: Schema<'PlanStop'>) => [stop.words, stop.ifElse].filter(Boolean).join('. ');
    const outcome = await calculate('write-trip', {
      format,
      route,
      sources: (request.sources ?? []).map(({ id, source }) => ({
        source,
        words: response.stops
          .filter((stop) => stop.id === id)
          .map(said)
          .join('. '),
      })),
      stops: response.stops
        .filter((stop) => !request.sources?.some(({ id }) => id === stop.id))
        .map((stop) => ({ name: stop.name, alongKm: stop.alongKm, words: said(stop) })),
    });
    setFault(outcome.ok ? null : (outcome.problem.errors[0]?.message ?? outcome.problem.detail));
    if (outcome.ok) saveFile(outcome.response.name, outcome.response.mediaType, outcome.response.text);
  };

  return (
    <Stack spacing={2}>
      <GlobalStyles
        styles={{
          '@page': { size: paper, margin: '9mm' },
          '@media print': {
            'nav, .no-print, [role=status]': { display: 'none !important' },
            'html, body': { background: '#ffffff', color: '#000000' },
          },
        }}
      />
      <Box className="no-print" sx={{ display: 'grid', gap: 2 }}>
        <ChoiceGroup
          label="Paper"
          value={paper}
          onChange={setPaper}
          choices={[
            { id: 'A5', name: 'A5' },
            { id: 'A4', name: 'A4' },
          ]}
        />
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" size="large" startIcon={<Print />} onClick={() => window.print()}>
            Print the cards
          </Button>
          <Button variant="outlined" onClick={() => void save('gpx')}>
            GPX with the plan in its waypoints
          </Button>
          <Button
            variant="outlined"
            onClick={() => saveFile(`${fileName(route.name)}.csv`, 'text/csv', planCsv(response))}
          >
            Table (CSV)
          </Button>
        </Box>
        {fault && <ProblemLine>{fault}</ProblemLine>}
        <Typography sx={{ color: 'text.secondary' }}>
          One page a day, readable in black and white. Everything here is made on this device, with or without
          signal.
        </Typography>
      </Box>
      {response.days.map((day) => (
        <DayCard key={day.day} day={day} plan={response} title={route.name ?? ''} />
      ))}
    </Stack>
  );
}
