import { Typography } from '@mui/material';

/** A room whose records are being read: its name at once, and that it is coming. */
export function Reading({ what }: { what: string }) {
  return (
    <>
      <Typography variant="h1" gutterBottom>
        {what}
      </Typography>
      <Typography role="status">Reading what is kept on this device…</Typography>
    </>
  );
}
