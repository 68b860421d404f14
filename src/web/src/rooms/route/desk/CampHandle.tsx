import { Box } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { show } from '../../../shared/units';
import { useDrag } from './useDrag';

interface Props {
  name: string;
  km: number;
  /** As far as it may go, km. */
  from: number;
  to: number;
  x: (km: number) => number;
  kmAt: (x: number) => number;
  top: number;
  /** Where the hand holds it, so that the plan follows; null once it lets go. */
  onLook: (km: number | null) => void;
  onMove: (km: number) => void;
  onSelect: () => void;
}

/** How far one press of an arrow key moves a camp, km. */
const keyStep = 0.5;

const tenth = (km: number) => Math.round(km * 10) / 10;

/** A camp that is moved along the walk: dragged, or by the arrow keys. */
export function CampHandle({ name, km, from, to, x, kmAt, top, onLook, onMove, onSelect }: Props) {
  const catalogue = useCatalogue();
  const within = (at: number) => Math.min(to, Math.max(from, tenth(at)));
  const { shown, isHeld, listeners } = useDrag({
    value: km,
    at: (event) => {
      const strip = event.currentTarget.parentElement!.getBoundingClientRect();
      return within(kmAt(event.clientX - strip.left));
    },
    step: (by) => within(km + by * keyStep),
    onLook,
    onMove,
    onTap: onSelect,
  });
  return (
    <>
      {isHeld && (
        <Box
          aria-hidden
          sx={{
            position: 'absolute',
            left: Math.max(0, x(shown) - 70),
            top: top - 64,
            width: 140,
            textAlign: 'center',
            fontWeight: 700,
            bgcolor: 'background.paper',
            border: 2,
            borderColor: 'text.primary',
            borderRadius: 1,
            zIndex: 2,
            pointerEvents: 'none',
          }}
        >
          {show(catalogue, 'distance', shown)}
        </Box>
      )}
      <Box
        role="slider"
        tabIndex={0}
        aria-label={`Camp ${name}`}
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={shown}
        aria-valuetext={`${name} at ${show(catalogue, 'distance', shown)}`}
        title={`${name}: drag to move the camp`}
        {...listeners}
        sx={{
          position: 'absolute',
          left: x(shown) - 24,
          top: top - 36,
          width: 48,
          height: 48,
          cursor: 'ew-resize',
          touchAction: 'none',
          borderRadius: 2,
          outline: isHeld ? '2px dashed' : undefined,
        }}
      />
    </>
  );
}
