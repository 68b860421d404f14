import { scalePow } from 'd3-scale';

/** Marks that may stand on the axis, min. */
const marks = [5, 15, 30, 60, 120, 240, 480, 720, 1440, 2880];

/** The least a mark's words need beside another's, px. */
const roomForWords = 62;

export interface TimeAxis {
  /** Where a minute lies, px from the left. */
  at: (minutes: number) => number;
  ticks: number[];
}

/**
 * Minutes from now to the last way's end, on a width. The first minutes get more room than the last: whether it is 5 or 15 is as much to a
 * thirsty person as whether it is 4 h or 5.
 */
export function timeAxis(longestMinutes: number, width: number): TimeAxis {
  const scale = scalePow()
    .exponent(0.5)
    .domain([0, Math.max(10, longestMinutes)])
    .range([0, Math.max(1, width)]);
  const at = (minutes: number) => scale(Math.max(0, minutes));
  const ticks: number[] = [];
  for (const mark of marks) {
    const last = ticks.at(-1);
    const isFree = last === undefined ? at(mark) > roomForWords : at(mark) - at(last) > roomForWords;
    if (mark <= longestMinutes && isFree && at(mark) < width - 24) ticks.push(mark);
  }
  return { at, ticks };
}
