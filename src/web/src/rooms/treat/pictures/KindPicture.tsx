import { Box } from '@mui/material';
import type { Schema } from '../../../core/contract';

type Kind = Schema<'SourceKind'>;

/** Lines in ink, and the water itself, which is filled. */
const drawn: Record<Kind, { ink: string; water: string }> = {
  stream: { ink: 'M6 6q10 8 4 18t6 18M30 6q8 10 2 18t8 18', water: 'M9 6q10 8 4 18t6 18h17q-10-9-6-18t-3-18z' },
  spring: { ink: 'M4 40V22l8-10h14l10 8v6M18 24q4-4 8 0', water: 'M19 24q3-3 7 0q1 8 8 10t8 8H24q4-10-5-18z' },
  river: { ink: 'M2 10h44M2 40h44', water: 'M2 13h44v24H2z' },
  lake: { ink: 'M2 24l10-14l8 9l6-7l18 12', water: 'M2 26h44q-4 14-22 14T2 26z' },
  pond: { ink: 'M10 26V10m-3 4l3-6l3 6M16 26V16m24 10V12m-3 4l3-6l3 6', water: 'M6 28q18-7 36 0q2 10-18 10T6 28z' },
  tank: { ink: 'M6 14h36v26H6zM6 14l4-6h28l4 6', water: 'M8 22h32v16H8z' },
  well: { ink: 'M10 24h28v18H10zM14 24V12m20 12V12M10 12L24 4l14 8zM24 12v10', water: 'M14 30h20v8H14z' },
  pothole: { ink: 'M2 20h8q2 18 14 18t14-18h8M6 30l-3 6m39-6l3 6', water: 'M11 24h26q-3 12-13 12T11 24z' },
  ditch: { ink: 'M2 14h10l8 24h8l8-24h10', water: 'M16 27h16l-4 11h-8z' },
  tap: { ink: 'M6 14h16v-6m-6 0h12M22 14h8q8 0 8 8v4h-8v-4h-8M6 10v14', water: 'M34 30q5 7 0 11q-5-4 0-11z' },
  seep: { ink: 'M4 8h40M4 8v14l6 4l5-5l6 6l7-7l6 5l10-5V8', water: 'M12 30q3 5 0 8q-3-3 0-8zm11 2q3 5 0 8q-3-3 0-8zm12-3q3 5 0 8q-3-3 0-8z' },
  snow: { ink: 'M24 6v36M9 15l30 18M9 33l30-18M24 12l-4-4m4 4l4-4M24 36l-4 4m4-4l4 4', water: '' },
  rain: { ink: 'M12 24q-8 0-8-7t8-7q3-7 11-7t11 7q9 0 9 7t-8 7z', water: 'M12 29q3 5 0 8q-3-3 0-8zm12 3q3 5 0 8q-3-3 0-8zm12-3q3 5 0 8q-3-3 0-8z' },
  distilled: { ink: 'M18 6h8M20 6v10L10 36q-1 6 5 6h16q6 0 5-6L26 16V6', water: 'M14 32h18l3 6q0 3-4 3H15q-4 0-4-3z' },
  fromPlants: { ink: 'M8 40Q6 14 40 6q2 26-20 28q-6 0-12 6zM12 36q8-14 20-22', water: 'M38 30q4 6 0 10q-4-4 0-10z' },
  unknown: { ink: '', water: '' },
}; // prettier-ignore

/** The kind of source, in a few lines. */
export function KindPicture({ kind }: { kind: Kind }) {
  const { ink, water } = drawn[kind];
  return (
    <Box
      component="svg"
      viewBox="0 0 48 46"
      aria-hidden
      sx={{ width: 48, height: 46, color: 'text.primary' }}
    >
      {water && <path d={water} fill="#5fa9b5" />}
      <path
        d={ink}
        fill="none"
        stroke="currentColor"
        strokeWidth="2.4"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {kind === 'unknown' && (
        <text x="24" y="34" textAnchor="middle" fontSize="30" fontWeight="700" fill="currentColor">
          ?
        </text>
      )}
    </Box>
  );
}
