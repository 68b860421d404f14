import { useRef, type PointerEvent } from 'react';

/** How far a finger must go for a swipe, px, and how much straighter than up or down. */
const far = 90;
const straight = 2;

/** Handlers that tell of a swipe to the left by a finger; a mouse that selects text is none. */
export function useSwipe(onSwipe: () => void) {
  const from = useRef<{ x: number; y: number } | null>(null);
  return {
    onPointerDown: (event: PointerEvent) => {
      from.current = event.pointerType === 'touch' ? { x: event.clientX, y: event.clientY } : null;
    },
    onPointerUp: (event: PointerEvent) => {
      const start = from.current;
      from.current = null;
      if (start && isSwipe(event.clientX - start.x, event.clientY - start.y)) onSwipe();
    },
    onPointerCancel: () => {
      from.current = null;
    },
  };
}

/** Whether a movement is a swipe to the left: far enough, and not a scroll that strayed. */
export function isSwipe(x: number, y: number): boolean {
  return x < -far && Math.abs(x) > straight * Math.abs(y);
}
