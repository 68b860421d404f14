import { Box } from '@mui/material';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useCatalogue } from '../../../core/CatalogueContext';
import { show } from '../../../shared/units';

interface Props {
  name: string;
  km: number;
  /** As far as it may go, km. */
  from: number;
  to: number;
  x: (km: number) => number;
  kmAt: (x: number) => number;
  top: number;
  onMove: (km: number) => void;
  onSelect: () => void;
}

/** How far one press of an arrow key moves a camp, km. */
const keyStep = 0.5;

const tenth = (km: number) => Math.round(km * 10) / 10;

/** A camp that is moved along the walk: dragged, or by the arrow keys; the plan follows when it is let go. */
export function CampHandle({ name, km, from, to, x, kmAt, top, onMove, onSelect }: Props) {
  const catalogue = useCatalogue();
  const [dragged, setDragged] = useState<number | null>(null);
  const within = (at: number) => Math.min(to, Math.max(from, tenth(at)));
  const at = dragged ?? km;
  const keys = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -keyStep, ArrowRight: keyStep }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMove(within(km + by));
  };
  const place = (event: PointerEvent) => {
    const strip = event.currentTarget.parentElement!.getBoundingClientRect();
    return within(kmAt(event.clientX - strip.left));
  };
  return (
    <>
      {dragged !== null && (
        <Box
          aria-hidden
          sx={{
            position: 'absolute',
            left: Math.max(0, x(at) - 70),
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
          {show(catalogue, 'distance', at)}
        </Box>
      )}
      <Box
        role="slider"
        tabIndex={0}
        aria-label={`Camp ${name}`}
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={at}
        aria-valuetext={`${name} at ${show(catalogue, 'distance', at)}`}
        title={`${name}: drag to move the camp`}
        onKeyDown={keys}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setDragged(km);
        }}
        onPointerMove={(event) => {
          if (dragged !== null) setDragged(place(event));
        }}
        onPointerUp={(event) => {
          const end = place(event);
          setDragged(null);
          // A tap only names it.
          if (Math.abs(x(end) - x(km)) > 6) onMove(end);
          else onSelect();
        }}
        onPointerCancel={() => setDragged(null)}
        sx={{
          position: 'absolute',
          left: x(at) - 24,
          top: top - 36,
          width: 48,
          height: 48,
          cursor: 'ew-resize',
          touchAction: 'none',
          borderRadius: 2,
          outline: dragged === null ? undefined : '2px dashed',
        }}
      />
    </>
  );
}
