import WbTwilight from '@mui/icons-material/WbTwilight';
import { Box } from '@mui/material';
import { useState, type KeyboardEvent } from 'react';
import { clock } from '../clock';
import { startAfter, startRange, startWidth, stepsOf } from './dayStarts';

interface Props {
  /** From 1. */
  day: number;
  hour: number;
  /** px. */
  left: number;
  onMove: (hour: number) => void;
}

/** The hour a day starts at, moved to the right for later: dragged, or by the arrow keys; the plan follows when it is let go. */
export function StartHandle({ day, hour, left, onMove }: Props) {
  const [drag, setDrag] = useState<{ from: number; hour: number } | null>(null);
  const shown = drag?.hour ?? hour;
  const keys = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMove(startAfter(hour, by));
  };
  return (
    <Box
      role="slider"
      tabIndex={0}
      aria-label={`Start of day ${day}`}
      aria-valuemin={startRange.from}
      aria-valuemax={startRange.to}
      aria-valuenow={shown}
      aria-valuetext={clock(shown)}
      title={`Day ${day} starts at ${clock(shown)}: drag to the right for later`}
      onKeyDown={keys}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setDrag({ from: event.clientX, hour });
      }}
      onPointerMove={(event) => {
        if (drag) setDrag({ ...drag, hour: startAfter(hour, stepsOf(event.clientX - drag.from)) });
      }}
      onPointerUp={() => {
        setDrag(null);
        if (drag && drag.hour !== hour) onMove(drag.hour);
      }}
      onPointerCancel={() => setDrag(null)}
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
        fontWeight: drag ? 800 : 600,
        outline: drag ? '2px dashed' : undefined,
      }}
    >
      <WbTwilight aria-hidden sx={{ fontSize: 20, color: 'text.secondary' }} />
      {clock(shown)}
    </Box>
  );
}
