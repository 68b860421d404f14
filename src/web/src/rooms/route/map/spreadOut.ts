import { forceCollide, forceSimulation, forceX, forceY } from 'd3-force';

export interface ScreenPoint {
  x: number;
  y: number;
}

/** The least a finger's place may be, px (WCAG 2.2, target size), and the most it needs to be. */
const [least, most] = [24, 44];

/** Squares of the least side at this distance, px, do not overlap in whatever direction they lie. */
export const apart = Math.ceil(least * Math.SQRT2);

/**
 * Where marks are drawn for places on the screen: at their place, moved off it only as far as it takes to tell and tap each one.
 * What is not a mark, and stays where it is, is kept clear of.
 */
export function spreadOut(
  places: readonly ScreenPoint[],
  clearOf: readonly ScreenPoint[] = [],
): ScreenPoint[] {
  const all = [...places, ...clearOf];
  const marks = all.map(({ x, y }, i) => (i < places.length ? { x, y } : { x, y, fx: x, fy: y }));
  const moved = forceSimulation(marks)
    .stop()
    .force('x', forceX((_, i) => all[i].x).strength(0.1))
    .force('y', forceY((_, i) => all[i].y).strength(0.1))
    .force('apart', forceCollide(apart / 2 + 0.5).iterations(3));
  // Most walks have few that crowd: those with room need not be asked.
  if (crowded(marks)) moved.tick(30);
  // What pulled them back to their places must not hold any two together.
  moved.force('x', null).force('y', null);
  for (let step = 0; step < 300 && crowded(marks); step++) moved.tick();
  return marks.slice(0, places.length).map(({ x, y }) => ({ x, y }));
}

/** The side of each mark's square to touch, px: no two overlap where marks are apart. */
export function touchSides(marks: readonly ScreenPoint[]): number[] {
  return marks.map((mark) =>
    Math.min(
      most,
      ...marks
        .filter((other) => other !== mark)
        .map(({ x, y }) => Math.max(Math.abs(x - mark.x), Math.abs(y - mark.y))),
    ),
  );
}

function crowded(marks: readonly ScreenPoint[]): boolean {
  return marks.some((a, i) => marks.slice(i + 1).some((b) => Math.hypot(a.x - b.x, a.y - b.y) < apart));
}
