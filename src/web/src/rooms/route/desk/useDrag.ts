import { useState, type KeyboardEvent, type PointerEvent } from 'react';

/** A hand that shakes by so much has only tapped, px. */
const tapPx = 6;

interface Grip {
  clientX: number;
  value: number;
}

interface Dragging {
  value: number;
  /** What it would be where the hand is, by where it was taken hold of. */
  at: (event: PointerEvent, from: Grip) => number;
  /** One press of an arrow key later, or earlier. */
  step: (by: 1 | -1) => number;
  /** What it would be, while the hand still holds it; null where it let go of it. */
  onLook: (value: number | null) => void;
  onMove: (value: number) => void;
  onTap?: () => void;
}

/** A mark on the strip that is dragged, or moved by the arrow keys: what to show, and what to listen to. */
export function useDrag({ value, at, step, onLook, onMove, onTap }: Dragging) {
  const [grip, setGrip] = useState<(Grip & { now: number }) | null>(null);
  const letGo = () => {
    setGrip(null);
    onLook(null);
  };
  return {
    shown: grip?.now ?? value,
    isHeld: grip !== null,
    listeners: {
      onKeyDown: (event: KeyboardEvent) => {
        const by = ({ ArrowLeft: -1, ArrowRight: 1 } as const)[event.key];
        if (by === undefined) return;
        event.preventDefault();
        onMove(step(by));
      },
      onPointerDown: (event: PointerEvent) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setGrip({ clientX: event.clientX, value, now: value });
      },
      onPointerMove: (event: PointerEvent) => {
        if (grip === null) return;
        const now = at(event, grip);
        if (now === grip.now) return;
        setGrip({ ...grip, now });
        onLook(now);
      },
      onPointerUp: (event: PointerEvent) => {
        if (grip === null) return;
        const end = at(event, grip);
        letGo();
        if (Math.abs(event.clientX - grip.clientX) <= tapPx) onTap?.();
        else if (end !== grip.value) onMove(end);
      },
      onPointerCancel: letGo,
    },
  };
}
