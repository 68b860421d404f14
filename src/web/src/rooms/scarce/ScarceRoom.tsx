import { Box, Button, Stack, Tab, Tabs, Typography } from '@mui/material';
import { useNavigate, useParams } from 'react-router';
import { BuildPage } from './build/BuildPage';
import { CallPage } from './call/CallPage';
import { MakePage } from './make/MakePage';
import { SearchPage } from './search/SearchPage';
import { ScarceProvider, useScarce } from './ScarceContext';
import { StandingPage } from './standing/StandingPage';

const pages = [
  { id: 'standing', name: 'Where we stand', Page: StandingPage },
  { id: 'search', name: 'Look for it', Page: SearchPage },
  { id: 'make', name: 'Make water', Page: MakePage },
  { id: 'build', name: 'Build it', Page: BuildPage },
  { id: 'call', name: 'Call for help', Page: CallPage },
] as const;

/** For when there is no good source: where the party stands, what could be made, how to call. */
export function ScarceRoom() {
  return (
    <ScarceProvider>
      <Pages />
    </ScarceProvider>
  );
}

function Pages() {
  const { page } = useParams();
  const navigate = useNavigate();
  const { reset } = useScarce();
  const shown = pages.find(({ id }) => id === page) ?? pages[0];
  return (
    <Stack spacing={1.5}>
      <Box
        className="no-print"
        sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}
      >
        <Typography variant="h1">Water is short</Typography>
        <Button onClick={reset}>Start over</Button>
      </Box>
      <Tabs
        className="no-print"
        value={shown.id}
        onChange={(_, next: string) => void navigate(`/scarce/${next}`)}
        variant="scrollable"
        allowScrollButtonsMobile
        aria-label="Parts of the room"
        sx={{ borderBottom: 1, borderColor: 'divider' }}
      >
        {pages.map(({ id, name }) => (
          <Tab key={id} value={id} label={name} sx={{ minHeight: 48, color: 'text.primary' }} />
        ))}
      </Tabs>
      <shown.Page />
    </Stack>
  );
}
