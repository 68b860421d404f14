import { Box } from '@mui/material';
import { useId } from 'react';
import type { Schema } from '../../../core/contract';

type Clarity = Schema<'Clarity'>;

/** How much of the mark the water hides. */
const cloud: Record<Clarity, number> = {
  clear: 0,
  slightlyCloudy: 0.35,
  cloudy: 0.68,
  muddy: 0.92,
  slurry: 1,
  unknown: 0,
};

const specks = [
  [13, 22], [24, 30], [17, 38], [27, 44], [12, 50], [22, 56], [29, 20], [19, 14], [10, 32], [28, 36],
] as const; // prettier-ignore

/** A mark on the bottom, seen through a bottle of the water. */
export function ClarityPicture({ clarity }: { clarity: Clarity }) {
  const id = useId();
  const hidden = cloud[clarity];
  return (
    <Box
      component="svg"
      viewBox="0 0 40 64"
      aria-hidden
      sx={{ width: 44, height: 66, color: 'text.primary' }}
    >
      <clipPath id={id}>
        <path d="M8 6h24v50q0 4-4 4H12q-4 0-4-4z" />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        <rect x="8" y="12" width="24" height="50" fill="#bfe0e4" />
        {clarity === 'unknown' ? (
          <text x="20" y="46" textAnchor="middle" fontSize="26" fontWeight="700" fill="#17262b">
            ?
          </text>
        ) : (
          <>
            <path d="M14 42l12 12M26 42L14 54" stroke="#17262b" strokeWidth="4.5" strokeLinecap="round" />
            <rect x="8" y="12" width="24" height="50" fill="#9a7f4e" opacity={hidden} />
            {specks.slice(0, Math.round(hidden * specks.length)).map(([x, y]) => (
              <circle key={`${x}-${y}`} cx={x} cy={y} r="1.3" fill="#5d4a28" />
            ))}
          </>
        )}
      </g>
      <path d="M8 6h24v50q0 4-4 4H12q-4 0-4-4z" fill="none" stroke="currentColor" strokeWidth="2" />
      <path d="M8 12h24" stroke="currentColor" strokeWidth="1" />
    </Box>
  );
}
