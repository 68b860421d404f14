import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { today } from '../../../shared/time';
import { useReading } from '../../../core/useReading';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';
import { FileButton } from '../../../shared/FileButton';
import { useTrip } from '../TripContext';
import { asEntered, type Entry } from '../../../shared/entered';

type Day = Schema<'DayWeather'>;

const sources = {
  default: 'assumed',
  typed: 'typed in',
  service: 'from the weather service (simulated)',
  table: 'from a table',
} as const;

/** The weather day by day, each with where it comes from. */
export function WeatherPanel() {
  const catalogue = useCatalogue();
  const { route, change, plan, sources: waters } = useTrip();
  const { busy, problem, ask } = useAsk();
  const table = useReading('read-weather');
  const [told, setTold] = useState<string[]>([]);
  const count = Math.max(1, route.days?.length ?? 1);
  const assumed = catalogue.route.weather;
  const weather: Day[] = Array.from(
    { length: count },
    (_, i) => route.weather?.[i] ?? route.weather?.at(-1) ?? assumed,
  );
  const set = (i: number, part: Partial<Day>) =>
    change({
      weather: weather.map((day, j) => (j === i ? { ...day, ...part, hours: null, source: 'typed' } : day)),
    });
  const middle = plan.response
    ? plan.response.ground.reduce((sum, p) => sum + p.value, 0) / plan.response.ground.length
    : 0;

  const fromService = async () => {
    const at = waters.find((w) => w.body.latitudeDeg != null)?.body;
    const days = await ask(() =>
      call(() =>
        api.GET('/api/weather', {
          params: {
            query: {
              latitude: at?.latitudeDeg ?? catalogue.defaults.latitudeDeg,
              longitude: at?.longitudeDeg ?? catalogue.defaults.longitudeDeg,
              elevation: Math.round(middle),
              from: route.startDate ?? today(),
              days: count,
            },
          },
        }),
      ),
    );
    if (days) change({ weather: days, weatherElevationM: Math.round(middle) });
  };
  const fromTable = async (file: File) => {
    const read = await table.read(file, { startDate: route.startDate ?? null, days: count });
    if (!read) return;
    setTold(read.flags);
    change({ weather: read.days });
  };

  return (
    <Section title="Weather">
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" disabled={busy} onClick={() => void fromService()}>
          Ask the weather service (simulated)
        </Button>
        <FileButton
          label="Read a table (CSV)"
          name="Weather table"
          accept=".csv,text/csv"
          onFile={(f) => void fromTable(f)}
        />
      </Box>
      {problem && (
        <ProblemLine>{problem.errors[0]?.message ?? problem.detail} Nothing was changed.</ProblemLine>
      )}
      {table.wrong && <ProblemLine>{table.wrong} Nothing was changed.</ProblemLine>}
      {told.map((flag) => (
        <Typography key={flag} role="status">
          {flag}
        </Typography>
      ))}
      {weather.map((day, i) => (
        <Box
          key={i}
          component="section"
          aria-label={`Weather of day ${i + 1}`}
          sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5 }}
        >
          <Typography variant="h3" sx={{ mb: 1 }}>
            Day {i + 1}: {sources[day.source ?? 'typed']}
          </Typography>
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
            <NumberEntry
              label="Low"
              quantity="temperature"
              step={1}
              value={day.lowC ?? null}
              onChange={(v: Entry) => set(i, { lowC: asEntered(v) })}
            />
            <NumberEntry
              label="High"
              quantity="temperature"
              step={1}
              value={day.highC ?? null}
              onChange={(v: Entry) => set(i, { highC: asEntered(v) })}
            />
            <NumberEntry
              label="Humidity"
              quantity="percent"
              step={5}
              value={day.humidityPercent ?? null}
              onChange={(v: Entry) => set(i, { humidityPercent: asEntered(v) })}
            />
            <NumberEntry
              label="Cloud"
              quantity="share"
              step={10}
              value={day.cloud ?? null}
              onChange={(v: Entry) => set(i, { cloud: asEntered(v) })}
            />
            <NumberEntry
              label="Wind"
              quantity="wind"
              step={1}
              value={day.windMs ?? null}
              unknown="Not known: none counted"
              onChange={(v: Entry) => set(i, { windMs: asEntered(v) })}
            />
          </Box>
        </Box>
      ))}
      <NumberEntry
        label="Height the weather is for"
        quantity="elevation"
        step={50}
        value={route.weatherElevationM ?? null}
        unknown="Not known: taken as it is all along"
        onChange={(v: Entry) => change({ weatherElevationM: asEntered(v) })}
      />
    </Section>
  );
}
