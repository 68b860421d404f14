import { Box } from '@mui/material';
import type { Schema } from '../../../core/contract';

type Flow = Schema<'SourceFlow'>;

/** A leaf on the water: carried off, hardly moved, or lying still among scum. */
export function FlowPicture({ flow }: { flow: Flow }) {
  return (
    <Box
      component="svg"
      viewBox="0 0 64 48"
      aria-hidden
      sx={{ width: 72, height: 54, color: 'text.primary' }}
    >
      <g fill="none" stroke="currentColor" strokeWidth="2.4" strokeLinecap="round" strokeLinejoin="round">
        {flow === 'flowing' && (
          <>
            <path d="M4 18q8-7 15 0t15 0t15 0t11-3" />
            <path d="M4 40q8-7 15 0t15 0t15 0t11-3" />
            <path d="M24 29h30m-8-6l8 6l-8 6" />
          </>
        )}
        {flow === 'slow' && (
          <>
            <path d="M4 18q10-4 20 0t20 0t16-1" />
            <path d="M4 40q10-4 20 0t20 0t16-1" />
            <path d="M27 29h9m-4-4l4 4l-4 4" />
          </>
        )}
        {flow === 'stagnant' && (
          <>
            <path d="M4 18h56M4 40h56" />
            <circle cx="44" cy="25" r="2.5" />
            <circle cx="52" cy="31" r="3.5" />
            <circle cx="38" cy="33" r="1.5" />
            <circle cx="8" cy="31" r="2" />
          </>
        )}
      </g>
      {flow === 'unknown' ? (
        <text x="32" y="36" textAnchor="middle" fontSize="28" fontWeight="700" fill="currentColor">
          ?
        </text>
      ) : (
        <path d="M9 29q6-7 14 0q-8 7-14 0zm-4 1l4-1" fill="#6d8a35" stroke="currentColor" strokeWidth="1.4" />
      )}
    </Box>
  );
}
