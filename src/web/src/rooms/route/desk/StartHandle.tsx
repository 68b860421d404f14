import WbTwilight from '@mui/icons-material/WbTwilight';
import { Box } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { clock } from '../clock';
import { startAfter, startWidth, stepsOf } from './dayStarts';
import { useDrag } from './useDrag';

interface Props {
  /** From 1. */
  day: number;
  hour: number;
  /** px. */
  left: number;
  /** The hour the hand holds it at, so that the plan follows; null once it lets go. */
  onLook: (hour: number | null) => void;
  onMove: (hour: number) => void;
}

/** The hour a day starts at, moved to the right for later: dragged, or by the arrow keys. */
export function StartHandle({ day, hour, left, onLook, onMove }: Props) {
  const range = useCatalogue().route;
  const { shown, isHeld, listeners } = useDrag({
    value: hour,
    at: (event, from) => startAfter(from.value, stepsOf(event.clientX - from.clientX), range),
    step: (by) => startAfter(hour, by, range),
    onLook,
    onMove,
  });
  return (
    <Box
      role="slider"
      tabIndex={0}
      aria-label={`Start of day ${day}`}
      aria-valuemin={range.earliestStartHour}
      aria-valuemax={range.latestStartHour}
      aria-valuenow={shown}
      aria-valuetext={clock(shown)}
      title={`Day ${day} starts at ${clock(shown)}: drag to the right for later`}
      {...listeners}
      sx={{
        position: 'absolute',
        bottom: 0,
        left,
        width: startWidth,
        height: 48,
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'center',
        gap: 0.25,
        cursor: 'ew-resize',
        touchAction: 'none',
        userSelect: 'none',
        borderRadius: 2,
        fontWeight: isHeld ? 800 : 600,
        outline: isHeld ? '2px dashed' : undefined,
      }}
    >
      <WbTwilight aria-hidden sx={{ fontSize: 20, color: 'text.secondary' }} />
      {clock(shown)}
    </Box>
  );
}
