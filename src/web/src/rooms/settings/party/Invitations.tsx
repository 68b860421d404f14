import { Box, Button, Stack, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import { linkFor } from '../../door/linkSecret';
import type { Schema } from '../../../core/contract';
import { clockTime } from '../../../shared/time';
import { TextEntry } from '../../../shared/TextEntry';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';
import { roleNames } from './PersonRow';
import { ProblemLine } from '../../../shared/ProblemLine';

type Card = Schema<'InvitationCard'>;

/** Invitation links: made, shown once, withdrawn. */
export function Invitations({ trip }: { trip: string }) {
  const [open, setOpen] = useState<Card[]>([]);
  const [fresh, setFresh] = useState<Schema<'FreshInvitation'> | null>(null);
  const { busy, problem, ask } = useAsk();

  const [asked, setAsked] = useState(0);
  useEffect(() => {
    const read = call(() => api.GET('/api/trips/{book}/invitations', { params: { path: { book: trip } } }));
    void read.then((answer) => answer.ok && setOpen(answer.data));
  }, [trip, asked]);
  const readAgain = () => setAsked((n) => n + 1);

  const invite = async (role: Schema<'PartyRole'>) => {
    const made = await ask(() =>
      call(() =>
        api.POST('/api/trips/{book}/invitations', { params: { path: { book: trip } }, body: { role } }),
      ),
    );
    setFresh(made);
    readAgain();
  };
  const withdraw = async (invitation: string) => {
    await ask(() =>
      call(() =>
        api.DELETE('/api/trips/{book}/invitations/{invitation}', {
          params: { path: { book: trip, invitation } },
        }),
      ),
    );
    if (fresh?.invitation.id === invitation) setFresh(null);
    readAgain();
  };

  return (
    <Stack spacing={1}>
      <Typography variant="h3">Invitations</Typography>
      {fresh && (
        <Box>
          <TextEntry
            label={`Link for a ${roleNames[fresh.invitation.role].toLowerCase()}, shown only now`}
            value={linkFor(fresh.secret)}
            onChange={() => undefined}
            hint="Whoever has it can join. Send it to your party alone."
          />
          <Button onClick={() => void navigator.clipboard.writeText(linkFor(fresh.secret))}>
            Copy the link
          </Button>
        </Box>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {open.map((invitation) => (
          <Box
            component="li"
            key={invitation.id}
            sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', minHeight: 48 }}
          >
            <Typography sx={{ flex: 1, minWidth: 200 }}>
              {roleNames[invitation.role]} link: until {clockTime(invitation.expiresAt)},{' '}
              {invitation.usesLeft} may still join
            </Typography>
            <Button disabled={busy} onClick={() => void withdraw(invitation.id)}>
              Withdraw
            </Button>
          </Box>
        ))}
      </Box>
      {problem && <ProblemLine>{problem.detail}</ProblemLine>}
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" disabled={busy} onClick={() => void invite('member')}>
          Invite a member
        </Button>
        <Button variant="outlined" disabled={busy} onClick={() => void invite('follower')}>
          Invite a follower
        </Button>
      </Stack>
    </Stack>
  );
}
