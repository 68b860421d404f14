import type { Schema } from '../../../core/contract';

type Stop = Schema<'PlanStop'>;

/** The map's colours, from the theme in use. */
export interface MapInks {
  ink: string;
  water: string;
  stop: string;
  paper: string;
}

/** A place's mark as drawn lines: the shapes of the strip, so that a drop is a drop on both. */
export function markOf(stop: Stop, inks: MapInks, isSelected: boolean): string {
  const ring = isSelected
    ? `<circle cx="22" cy="22" r="19" fill="none" stroke="${inks.ink}" stroke-width="3"/>`
    : '';
  return `<svg viewBox="0 0 44 44" width="44" height="44" aria-hidden="true">${ring}${shape(stop, inks)}</svg>`;
}

function shape(stop: Stop, { ink, water, stop: red, paper }: MapInks): string {
  if (stop.kind === 'camp')
    return `<path d="M22 10l13 23H9z" fill="${paper}" stroke="${ink}" stroke-width="2.5" stroke-linejoin="round"/><path d="M22 22l6 11H16z" fill="${ink}"/>`;
  if (stop.kind === 'bailOut')
    return `<path d="M12 22h18m-7-7l8 7l-8 7" fill="none" stroke="${ink}" stroke-width="3"/>`;
  if (stop.kind !== 'source')
    return `<circle cx="22" cy="22" r="6" fill="${paper}" stroke="${ink}" stroke-width="3"/>`;
  if (stop.chance === null)
    return `<path d="M14 14l16 16m0-16L14 30" stroke="${paper}" stroke-width="8"/><path d="M14 14l16 16m0-16L14 30" stroke="${red}" stroke-width="4"/>`;
  const drop = 'M22 9c6 9 9 13 9 18a9 9 0 0 1-18 0c0-5 3-9 9-18z';
  const [fill, dash] = stop.trusted ? [water, ''] : [paper, ' stroke-dasharray="3 2"'];
  const planned = stop.planned ? `<circle cx="22" cy="27" r="3.5" fill="${paper}"/>` : '';
  return `<path d="${drop}" fill="${fill}" stroke="${water}" stroke-width="2.5"${dash}/>${planned}`;
}
