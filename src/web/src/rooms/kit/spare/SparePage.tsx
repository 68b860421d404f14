import { Box, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Schema } from '../../../core/contract';
import { calculateLong } from '../../../core/long';
import { useCalculation } from '../../../core/useCalculation';
import { Assumptions } from '../../../shared/Assumptions';
import { PrintAlone } from '../../../shared/PrintAlone';
import { ProblemLine } from '../../../shared/ProblemLine';
import { RouteSelect } from '../../../shared/RouteSelect';
import { Section } from '../../../shared/Section';
import { plain, show } from '../../../shared/units';
import { useCatalogue } from '../../../store/CatalogueContext';
import { useKitEntries } from '../../../store/InHandContext';
import { usePlace } from '../../../store/usePlace';
import { TripForm } from '../check/TripForm';
import { useOuting } from '../useOuting';
import { NeedForm } from './NeedForm';
import { SpareCard } from './SpareCard';

/** For another party that has no way to treat its water: what they are given, on a card to show or read out. */
export function SparePage() {
  const catalogue = useCatalogue();
  const kit = useKitEntries();
  const { routes, route, choose, trip, setTrip, outing, isTold } = useOuting();
  const { place } = usePlace();
  const [need, setNeed] = useState<Schema<'OthersNeed'>>({});
  const { response, problem } = useCalculation(
    'spare',
    outing && isTold
      ? { ...outing, kit, need, alongKm: place?.routeId === route?.id ? (place?.km ?? null) : null }
      : null,
    calculateLong,
  );
  const errors = (field: string) => problem?.errors.find((e) => e.field === field)?.message;
  const others = problem?.errors.filter(({ field }) => !/^(need|trip)\./.test(field)) ?? [];

  return (
    <Stack spacing={2}>
      <PrintAlone />
      <Section title="For another party">
        {response && (
          <Box>
            <Typography variant="h1" component="p" data-testid="headline">
              {response.headline}
            </Typography>
            <Typography sx={{ color: 'text.secondary' }}>
              They need {show(catalogue, 'volume', response.theirL)}; our own trip still asks for{' '}
              {show(catalogue, 'volume', response.oursL)},{' '}
              {plain((catalogue.route.supplyMargin - 1) * 100, 0)} % more than planned counted in.
            </Typography>
          </Box>
        )}
        {!response && isTold && problem === null && (
          <Typography role="status">Counting what can be spared…</Typography>
        )}
        {!isTold && outing && (
          <Typography>
            Say below how much water your own trip still asks for: what is left over can be given.
          </Typography>
        )}
        {others.map((e) => (
          <ProblemLine key={e.field}>{e.message}</ProblemLine>
        ))}
        {response?.cards.map((card) => (
          <SpareCard key={`${card.kind}-${card.itemId ?? ''}`} card={card} />
        ))}
      </Section>
      <Box className="no-print" sx={{ display: 'grid', gap: 2 }}>
        <Section title="What they need">
          <NeedForm
            need={need}
            taken={response?.need}
            onChange={setNeed}
            errors={(field) => errors(`need.${field}`)}
          />
        </Section>
        <Section title="What our trip still asks">
          <RouteSelect routes={routes} route={route} onChoose={choose} />
          {route === undefined && (
            <TripForm
              trip={trip}
              taken={undefined}
              onChange={setTrip}
              errors={(field) => errors(`trip.${field}`)}
            />
          )}
          {response && <Assumptions assumptions={response.assumptions} />}
        </Section>
      </Box>
    </Stack>
  );
}
