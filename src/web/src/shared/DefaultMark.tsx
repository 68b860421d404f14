import { Box } from '@mui/material';

/** Marks an answer nobody has given yet. */
export function DefaultMark() {
  return (
    <Box
      component="span"
      sx={{
        ml: 1,
        px: 0.75,
        border: 1,
        borderColor: 'divider',
        borderRadius: 1,
        fontWeight: 500,
        color: 'text.secondary',
      }}
    >
      assumed
    </Box>
  );
}
