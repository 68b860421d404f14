import { Box, Button, MenuItem, TextField, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { useAsk } from '../../../shared/useAsk';
import { api, call, type BookCard } from '../../../store/api';
import { useStore } from '../../../store/StoreContext';

type Role = Schema<'PartyRole'>;

export const roleNames: Record<Role, string> = {
  keeper: 'Keeper',
  member: 'Member',
  follower: 'Follower',
};

const roleHints: Record<Role, string> = {
  keeper: 'invites and removes',
  member: 'logs and plans',
  follower: 'reads',
};

interface Props {
  trip: BookCard;
  other: Schema<'PartyCard'>;
  canChange: boolean;
}

/** A person in the party; the keeper can change their role or take them out. */
export function PersonRow({ trip, other, canChange }: Props) {
  const { person, sync } = useStore();
  const { busy, problem, ask } = useAsk();
  const path = { book: trip.id, person: other.id };
  const done = () => sync.nudge();
  const change = (role: Role) =>
    ask(() =>
      call(() => api.PUT('/api/trips/{book}/party/{person}', { params: { path }, body: { role } })),
    ).then(done);
  const remove = () =>
    ask(() => call(() => api.DELETE('/api/trips/{book}/party/{person}', { params: { path } }))).then(done);
  return (
    <Box
      component="li"
      sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', minHeight: 48 }}
    >
      <Typography sx={{ flex: { xs: '1 0 100%', sm: 1 }, fontWeight: 650 }}>
        {other.name}
        {other.id === person.id && ' (you)'}
      </Typography>
      {canChange ? (
        <>
          <TextField
            select
            size="small"
            value={other.role}
            disabled={busy}
            onChange={(event) => void change(event.target.value as Role)}
            slotProps={{ select: { SelectDisplayProps: { 'aria-label': `Role of ${other.name}` } } }}
          >
            {(['follower', 'member', 'keeper'] as const).map((role) => (
              <MenuItem key={role} value={role} sx={{ minHeight: 48 }}>
                {roleNames[role]}: {roleHints[role]}
              </MenuItem>
            ))}
          </TextField>
          <Button
            color="error"
            disabled={busy}
            onClick={() => void remove()}
            aria-label={`Remove ${other.name}`}
          >
            Remove
          </Button>
        </>
      ) : (
        <Typography>
          {roleNames[other.role]}: {roleHints[other.role]}
        </Typography>
      )}
      {problem && (
        <Typography role="alert" color="error" sx={{ width: '100%' }}>
          {problem.errors[0]?.message ?? problem.detail}
        </Typography>
      )}
    </Box>
  );
}
