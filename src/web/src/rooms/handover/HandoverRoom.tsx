import { Box, Stack, Tab, Tabs, Typography } from '@mui/material';
import { useNavigate, useParams } from 'react-router';
import { GivePage } from './give/GivePage';
import { TakePage } from './take/TakePage';

const pages = [
  { id: 'give', name: 'Hand over', Page: GivePage },
  { id: 'take', name: 'Take in', Page: TakePage },
] as const;

/** From phone to phone without a network: codes on one screen, read by the other. */
export function HandoverRoom() {
  const { page } = useParams();
  const navigate = useNavigate();
  const shown = pages.find(({ id }) => id === page) ?? pages[0];
  return (
    <Stack spacing={1.5}>
      <Typography variant="h1">Two phones, no network</Typography>
      <Box sx={{ borderBottom: 1, borderColor: 'divider' }}>
        <Tabs
          value={shown.id}
          onChange={(_, next: string) => void navigate(`/handover/${next}`)}
          aria-label="Parts of the room"
        >
          {pages.map(({ id, name }) => (
            <Tab key={id} value={id} label={name} sx={{ minHeight: 48, color: 'text.primary' }} />
          ))}
        </Tabs>
      </Box>
      <shown.Page />
    </Stack>
  );
}
