import Sensors from '@mui/icons-material/Sensors';
import SensorsOff from '@mui/icons-material/SensorsOff';
import { Box, Button, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import { clockTime } from '../../../shared/time';
import { show } from '../../../shared/units';
import type { DraftStore } from '../useDraft';

interface Reading {
  at: string;
  temperatureC: number;
  turbidityNtu: number;
  conductivityUsCm: number;
}

/** The water probe: while it hangs in the water its readings fill the fields; pulled out, the last one stays, marked stale. */
export function ProbePanel({ form, water }: { form: DraftStore; water: string }) {
  const catalogue = useCatalogue();
  const [connected, setConnected] = useState(false);
  const [reading, setReading] = useState<Reading | null>(null);
  const [stale, setStale] = useState(false);
  const { set } = form;

  useEffect(() => {
    if (!connected) return;
    const stream = new EventSource(`/api/probe?water=${encodeURIComponent(water)}`);
    stream.addEventListener('reading', (event: MessageEvent<string>) => {
      const next = JSON.parse(event.data) as Reading;
      setReading(next);
      setStale(false);
      set({
        temperatureC: next.temperatureC,
        clarityBy: 'probe',
        turbidityNtu: next.turbidityNtu,
        conductivityUsCm: next.conductivityUsCm,
      });
    });
    stream.onerror = () => setStale(true);
    return () => {
      stream.close();
      setStale(true);
    };
    // The setter always sets into the newest draft.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [connected, water]);

  return (
    <Box role="group" aria-label="Water probe" sx={{ display: 'grid', gap: 0.5 }}>
      <Button
        variant="outlined"
        startIcon={connected ? <SensorsOff /> : <Sensors />}
        onClick={() => setConnected(!connected)}
        sx={{ justifySelf: 'start' }}
      >
        {connected ? 'Take the probe out' : 'Hang in the probe (simulated)'}
      </Button>
      {reading && (
        <Typography role="status">
          <strong>{stale ? `Stale, last read ${clockTime(reading.at)}: ` : 'Reading: '}</strong>
          {show(catalogue, 'temperature', reading.temperatureC)},{' '}
          {show(catalogue, 'turbidity', reading.turbidityNtu)},{' '}
          {show(catalogue, 'conductivity', reading.conductivityUsCm)}
        </Typography>
      )}
      {connected && !reading && (
        <Typography role="status">
          {stale ? 'The probe does not answer.' : 'Waiting for the probe…'}
        </Typography>
      )}
    </Box>
  );
}
