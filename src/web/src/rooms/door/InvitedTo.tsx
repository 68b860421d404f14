import { Typography } from '@mui/material';
import type { Schema } from '../../core/contract';

/** What an invitation is to, in a line. */
export function InvitedTo({ invited }: { invited: Schema<'InvitedTo'> }) {
  return (
    <Typography>
      You are invited to <strong>{invited.tripName}</strong>
      {invited.role === 'follower' ? ' to follow it: you can read it.' : ': you can log and plan in it.'}
    </Typography>
  );
}
