import { Box } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Plan, Schema } from '../../../core/contract';
import { show } from '../../../shared/units';
import { useTrip } from '../TripContext';
import { CampHandle } from './CampHandle';
import { campRange, withCampAt } from './campRanges';
import { MarkButton } from './MarkButton';
import { spreadMarks } from './spreadMarks';

type Stop = Schema<'PlanStop'>;

interface Props {
  plan: Plan;
  places: Stop[];
  /** px. */
  width: number;
  x: (km: number) => number;
  kmAt: (x: number) => number;
  foot: (stop: Stop) => number;
  selected: string | null;
  onSelect: (id: string) => void;
}

/** What of the strip can be touched: every mark is named, a water opens, a camp is moved. */
export function StripTouch({ plan, places, width, x, kmAt, foot, selected, onSelect }: Props) {
  const catalogue = useCatalogue();
  const { route, look, change } = useTrip();
  const days = route.days ?? [];
  const marks = places.filter(({ kind }) => kind !== 'camp');
  const touch = spreadMarks(
    marks.map(({ alongKm }) => x(alongKm)),
    width,
  );
  const named = places.find(({ id }) => id === selected);
  return (
    <>
      {places.map((stop) =>
        stop.kind === 'camp' ? (
          <CampHandle
            key={`camp ${stop.day}`}
            name={stop.name}
            km={stop.alongKm}
            {...campRange(days, stop.day, plan.lengthKm)}
            x={x}
            kmAt={kmAt}
            top={foot(stop)}
            onLook={(km) => look(km === null ? null : { days: withCampAt(days, stop.day, km) })}
            onMove={(km) => change({ days: withCampAt(days, stop.day, km) })}
            onSelect={() => onSelect(stop.id)}
          />
        ) : (
          <MarkButton
            key={stop.id}
            name={`${stop.name}, ${show(catalogue, 'distance', stop.alongKm)}`}
            place={touch[marks.indexOf(stop)]}
            isSelected={stop.id === selected}
            onSelect={() => onSelect(stop.id)}
          />
        ),
      )}
      {named && (
        <Box
          aria-hidden
          sx={{
            position: 'absolute',
            top: 46,
            left: Math.max(0, x(named.alongKm) - 110),
            width: 220,
            textAlign: 'center',
            fontWeight: 700,
            pointerEvents: 'none',
            '& > span': { bgcolor: 'background.paper', px: 0.75, border: 2, borderRadius: 1 },
          }}
        >
          <span>{named.name}</span>
        </Box>
      )}
    </>
  );
}
