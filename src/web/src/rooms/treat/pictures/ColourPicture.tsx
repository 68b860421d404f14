import { Box } from '@mui/material';
import type { Schema } from '../../../core/contract';

type Colour = Schema<'WaterColour'>;

const tint: Record<Colour, string> = {
  none: '#dceff1',
  tea: '#93622f',
  green: '#6d8a35',
  unknown: '#ffffff',
};

/** A glass of the water held against something white. */
export function ColourPicture({ colour }: { colour: Colour }) {
  return (
    <Box
      component="svg"
      viewBox="0 0 48 52"
      aria-hidden
      sx={{ width: 52, height: 56, color: 'text.primary' }}
    >
      <rect x="2" y="2" width="44" height="48" rx="3" fill="#ffffff" />
      <path d="M11 18h26l-3 26q-.4 3-3.4 3H17.4q-3 0-3.4-3z" fill={tint[colour]} />
      {colour === 'green' && <path d="M13 21q5 4 11 1t11 1" fill="none" stroke="#3c5214" strokeWidth="2.5" />}
      {colour === 'unknown' && (
        <text x="24" y="41" textAnchor="middle" fontSize="22" fontWeight="700" fill="#17262b">
          ?
        </text>
      )}
      <path d="M10 8l4 36q.4 3 3.4 3h13.2q3 0 3.4-3l4-36" fill="none" stroke="#17262b" strokeWidth="2" />
    </Box>
  );
}
