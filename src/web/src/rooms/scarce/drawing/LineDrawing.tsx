import { Box } from '@mui/material';

/** A thing drawn on a field of 72 × 72: in ink, with what is water filled. */
export interface Drawing {
  ink: string;
  water: string;
}

/** A drawing beside its words, which say the same. */
export function LineDrawing({ drawing, size = 96 }: { drawing: Drawing; size?: number }) {
  return (
    <Box
      component="svg"
      viewBox="0 0 72 72"
      aria-hidden
      sx={{ width: size, height: size, flexShrink: 0, color: 'text.primary' }}
    >
      <path d={drawing.water} fill="#5fa9b5" />
      <path
        d={drawing.ink}
        fill="none"
        stroke="currentColor"
        strokeWidth={2.4}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </Box>
  );
}
