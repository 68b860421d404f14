import { Box } from '@mui/material';
import type { Plan } from '../../../core/contract';
import { useTrip } from '../TripContext';
import { startPlaces, withStartAt } from './dayStarts';
import { StartHandle } from './StartHandle';

interface Props {
  plan: Plan;
  /** px. */
  width: number;
  x: (km: number) => number;
}

/** When each day starts, below the place it starts from; left out where so many days have no room. */
export function StartRow({ plan, width, x }: Props) {
  const { route, look, change } = useTrip();
  const days = route.days ?? [];
  const places = startPlaces(
    plan.days.map(({ fromKm }) => x(fromKm)),
    width,
  );
  if (places === null) return null;
  return (
    <Box sx={{ position: 'relative', height: 44 }}>
      {plan.days.map(({ day, startHour }, i) => (
        <StartHandle
          key={day}
          day={i + 1}
          hour={startHour}
          left={places[i]}
          onLook={(to) => look(to === null ? null : { days: withStartAt(days, i, to) })}
          onMove={(to) => change({ days: withStartAt(days, i, to) })}
        />
      ))}
    </Box>
  );
}
