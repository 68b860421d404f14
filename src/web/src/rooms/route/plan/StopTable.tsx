import { Box, Link as MuiLink, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Plan, Schema } from '../../../core/contract';
import { plain, show, wholePercent } from '../../../shared/units';
import { clock } from '../clock';

/** Place by place: arrive with, take, carry, and what if. */
export function StopTable({
  plan,
  selected = null,
  onSelect,
}: {
  plan: Plan;
  selected?: string | null;
  /** Opens a place; left out where the table is only read. */
  onSelect?: (id: string) => void;
}) {
  return (
    <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {plan.stops.map((stop, i) => (
        <StopRow
          key={`${stop.id}-${i}`}
          stop={stop}
          newDay={stop.day !== plan.stops[i - 1]?.day}
          isSelected={stop.id === selected}
          onSelect={onSelect}
        />
      ))}
    </Box>
  );
}

/** "Torren 3 L (Camp bag 2 L, Steel bottle 1 L)" */
function share(
  { walker, litres, containers }: Schema<'WalkerShare'>,
  say: (value: number) => string,
): string {
  const into = containers.map((c) => `${c.container} ${say(c.litres)}`).join(', ');
  return containers.length > 1 ? `${walker} ${say(litres)} (${into})` : `${walker} ${say(litres)}`;
}

interface RowProps {
  stop: Schema<'PlanStop'>;
  newDay: boolean;
  isSelected: boolean;
  onSelect?: (id: string) => void;
}

function StopRow({ stop, newDay, isSelected, onSelect }: RowProps) {
  const catalogue = useCatalogue();
  const litres = (value: number) => show(catalogue, 'volume', value);
  const facts = [
    stop.kind !== 'start' && `${litres(stop.arriveL)} in hand`,
    stop.weightKg > 0 && `${show(catalogue, 'kitMass', stop.weightKg)} with containers`,
    stop.split.length > 1 && stop.split.map((s) => share(s, litres)).join('; '),
    stop.planned && stop.stopMinutes > 0 && `${plain(Math.ceil(stop.stopMinutes), 0)} min here`,
    stop.planned &&
      stop.readyHour !== null &&
      `${stop.treatBy ? `${stop.treatBy}: ` : ''}drinkable from ${clock(stop.readyHour)}${stop.waitsHere ? ', wait here' : ''}`,
    stop.turnBackWords,
  ].filter(Boolean);
  const strong = stop.planned || stop.kind === 'start';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: onSelect ? '4.5rem 1fr' : { xs: '4.5rem 1fr', md: '6rem 15rem 1fr' },
        bgcolor: isSelected ? 'action.selected' : undefined,
        columnGap: 1.5,
        py: 1.25,
        borderTop: newDay ? 3 : 1,
        borderColor: newDay ? 'text.primary' : 'divider',
        breakInside: 'avoid',
      }}
    >
      <Box>
        <Typography sx={{ fontWeight: 650 }}>{show(catalogue, 'distance', stop.alongKm)}</Typography>
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {newDay && `Day ${stop.day + 1}, `}
          {clock(stop.arriveHour)}
        </Typography>
      </Box>
      <Box>
        {onSelect && stop.kind === 'source' ? (
          <MuiLink
            component="button"
            color="inherit"
            onClick={() => onSelect(stop.id)}
            sx={{ font: 'inherit', fontSize: '1.0625rem', fontWeight: 700, textAlign: 'left', py: 0.5 }}
          >
            {stop.name}
          </MuiLink>
        ) : (
          <Typography sx={{ fontWeight: 700 }}>{stop.name}</Typography>
        )}
        {stop.chance !== null && (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            runs with {wholePercent(stop.chance)} %
          </Typography>
        )}
      </Box>
      <Box sx={{ gridColumn: onSelect ? '1 / -1' : { xs: '1 / -1', md: 'auto' } }}>
        <Typography sx={{ fontWeight: strong ? 700 : 400, fontSize: strong ? '1.1875rem' : undefined }}>
          {stop.words}
        </Typography>
        {facts.length > 0 && <Typography variant="body2">{facts.join(' · ')}</Typography>}
        {stop.ifElse !== '' && (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            {stop.ifElse}
          </Typography>
        )}
      </Box>
    </Box>
  );
}
