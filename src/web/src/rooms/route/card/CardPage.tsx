import Print from '@mui/icons-material/Print';
import { Box, Button, GlobalStyles, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { calculate } from '../../../core/core';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { ProblemLine } from '../../../shared/ProblemLine';
import { saveFile } from '../../../shared/saveFile';
import { useTrip } from '../TripContext';
import { DayCard } from './DayCard';
import { planCsv } from './planCsv';
import { planGpx } from './planGpx';

/** The plan to take along: a card for each day, a GPX with the plan in its waypoints, a table. All made on this device. */
export function CardPage() {
  const { route, plan, request } = useTrip();
  const [paper, setPaper] = useState('A5');
  const [fault, setFault] = useState<string | null>(null);
  const { response } = plan;
  if (!response) return <Typography>{plan.problem?.detail ?? 'Working it out …'}</Typography>;
  const name = (route.name ?? 'route').toLowerCase().replace(/[^a-z0-9]+/g, '-');

  const gpx = async () => {
    const line = await calculate('route-line', route);
    if (!line.ok) {
      setFault(line.problem.detail);
      return;
    }
    saveFile(
      `${name}.gpx`,
      'application/gpx+xml',
      planGpx(route.name ?? '', line.response.points, response, request),
    );
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
          <Button variant="outlined" onClick={() => void gpx()}>
            GPX with the plan in its waypoints
          </Button>
          <Button variant="outlined" onClick={() => saveFile(`${name}.csv`, 'text/csv', planCsv(response))}>
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
