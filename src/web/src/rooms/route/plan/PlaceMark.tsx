import { useTheme } from '@mui/material';
import type { Schema } from '../../../core/contract';

interface Props {
  stop: Schema<'PlanStop'>;
  /** Where it is on the strip, px, and where the ground is below it. */
  x: number;
  foot: number;
  /** Where its mark is drawn: beside its place where marks crowd. */
  head: number;
  y: number;
}

/** A place on the strip, told apart by its shape: full drop, hollow drop, cross, tent, way out. */
export function PlaceMark({ stop, x, foot, head, y }: Props) {
  const { palette } = useTheme();
  const stem = (
    <line x1={head} x2={x} y1={y + 12} y2={foot} stroke={palette.text.secondary} strokeDasharray="2 4" />
  );
  const drop = 'M0,-13 C6,-4 9,0 9,5 A9,9 0 0 1 -9,5 C-9,0 -6,-4 0,-13 Z';
  if (stop.kind === 'camp') {
    return (
      <g>
        <path
          d={`M${x},${foot - 22} l14,24 h-28 Z`}
          fill={palette.background.paper}
          stroke={palette.text.primary}
          strokeWidth={2.5}
          strokeLinejoin="round"
        />
        <path d={`M${x},${foot - 9} l6,11 h-12 Z`} fill={palette.text.primary} />
      </g>
    );
  }
  if (stop.kind === 'bailOut') {
    return (
      <g>
        {stem}
        <path
          d={`M${head - 9},${y} h14 m-6,-6 l7,6 l-7,6`}
          fill="none"
          stroke={palette.text.primary}
          strokeWidth={3}
        />
      </g>
    );
  }
  // No chance is given for a water that is not to be used.
  if (stop.chance === null) {
    return (
      <g>
        {stem}
        <path d={`M${head - 9},${y - 9} l18,18 m0,-18 l-18,18`} stroke={palette.error.main} strokeWidth={4} />
      </g>
    );
  }
  return (
    <g>
      {stem}
      <path
        d={drop}
        transform={`translate(${head} ${y})`}
        fill={stop.trusted ? palette.primary.main : palette.background.paper}
        stroke={palette.primary.main}
        strokeWidth={2.5}
        strokeDasharray={stop.trusted ? undefined : '3 2'}
      />
      {stop.planned && <circle cx={head} cy={y + 5} r={3.5} fill={palette.primary.contrastText} />}
    </g>
  );
}
