import AddLocation from '@mui/icons-material/AddLocationAlt';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { ListCard } from '../../../shared/ListCard';
import { Section } from '../../../shared/Section';
import { TakenOut } from '../../../shared/TakenOut';
import { show, wholePercent } from '../../../shared/units';
import { keep, type Kept } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { useRecords } from '../../../store/useRecords';
import { useRetire } from '../../../store/useRetire';
import { useTrip } from '../TripContext';
import { SourceEditor } from './SourceEditor';
import { SourcesIn } from './SourcesIn';

/** The route's waters: what each is, whether it runs, what stopping there costs. */
export function SourcesPage() {
  const store = useStore();
  const { record, route, sources, plan } = useTrip();
  const [chosen, setChosen] = useState<string | null>(null);
  const shown = sources.find((s) => s.id === chosen) ?? null;
  const retire = useRetire('trip-source');
  const out = (useRecords('trip-source') ?? []).filter(
    ({ body }) => body.routeId === record.id && body.retired === true,
  );

  const add = async () => {
    const body = {
      name: `Source ${sources.length + 1}`,
      class: 'seasonalLate' as const,
      alongKm: Math.round((route.lengthKm ?? 0) * 5) / 10,
      routeId: record.id,
    };
    const id = await keep(store.db, 'trip-source', body, { book: record.book }).catch(() => null);
    if (id === null) return;
    store.sync.nudge();
    setChosen(id);
  };

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 7fr)' },
      }}
    >
      <Stack spacing={1.5}>
        {sources.length === 0 && (
          <Typography>
            No water is entered on this route. Everything then has to be carried from the start.
          </Typography>
        )}
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
          {sources.map((source) => (
            <li key={source.id}>
              <ListCard chosen={source.id === chosen} onOpen={() => setChosen(source.id)}>
                <SourceLine
                  source={source}
                  stop={plan.response?.stops.find((s) => s.id === source.id) ?? null}
                />
              </ListCard>
            </li>
          ))}
        </Box>
        <Box>
          <Button variant="outlined" startIcon={<AddLocation />} onClick={() => void add()}>
            Add a source
          </Button>
        </Box>
        {route.latitudes && <SourcesIn route={record} known={sources} />}
        <TakenOut
          things={out.map(({ id, body }) => ({ id, name: body.name ?? '' }))}
          onPutBack={(id) =>
            void retire(
              out.find((s) => s.id === id)!,
              false,
            )
          }
        />
      </Stack>
      {shown ? (
        <SourceEditor
          key={shown.id}
          record={shown}
          stop={plan.response?.stops.find((s) => s.id === shown.id) ?? null}
        />
      ) : (
        <Section label="Source">
          <Typography>Open a source to say what it is and what was last heard of it.</Typography>
        </Section>
      )}
    </Box>
  );
}

interface LineProps {
  source: Kept<'trip-source'>;
  stop: Schema<'PlanStop'> | null;
}

function SourceLine({ source, stop }: LineProps) {
  const catalogue = useCatalogue();
  const name = catalogue.route.sourceClasses.find((c) => c.id === source.body.class)?.name;
  return (
    <>
      <Typography sx={{ fontWeight: 700 }}>
        {show(catalogue, 'distance', source.body.alongKm ?? 0)} · {source.body.name}
      </Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {source.body.doNotUse
          ? 'Do not use'
          : source.body.onlyIfNeeded
            ? 'Left out until it is called for'
            : stop?.chance != null
              ? `Runs with ${wholePercent(stop.chance)} %`
              : ''}
        {` · ${name}`}
      </Typography>
    </>
  );
}
