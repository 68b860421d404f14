import { Box, Button, Stack, Typography } from '@mui/material';
import { Link, useNavigate, useParams } from 'react-router';
import { ListCard } from '../../shared/ListCard';
import { TwoPanes } from '../../shared/TwoPanes';
import { useStore } from '../../store/StoreContext';
import { AccountPage } from './account/AccountPage';
import { BackupPage } from './backup/BackupPage';
import { ChoicesPage } from './ChoicesPage';
import { DevicePage } from './device/DevicePage';
import { PartyPage } from './party/PartyPage';

const pages = [
  { id: 'choices', name: 'Reading and typing', about: 'Units, screen, keys, the target', Page: ChoicesPage },
  {
    id: 'device',
    name: 'This device',
    about: 'What is kept, what waits, how to install it',
    Page: DevicePage,
  },
  { id: 'party', name: 'Party', about: 'Trips you share, who is in, invitations', Page: PartyPage },
  { id: 'account', name: 'Account', about: 'Passphrase, recovery codes, signing out', Page: AccountPage },
  { id: 'backup', name: 'Backup', about: 'Your book in one file, out and in', Page: BackupPage },
];

/** What one person chooses, and what belongs to the device, the party and the account. */
export function SettingsRoom() {
  const { page: id } = useParams();
  const navigate = useNavigate();
  const { person } = useStore();
  const shown = pages.find((page) => page.id === id) ?? pages[0];
  return (
    <TwoPanes
      backTo="/settings"
      onDetail={id !== undefined}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Settings</Typography>
          <Typography sx={{ color: 'text.secondary' }}>Signed in as {person.name}.</Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
            {pages.map((page) => (
              <li key={page.id}>
                <ListCard chosen={page === shown} onOpen={() => void navigate(`/settings/${page.id}`)}>
                  <Typography sx={{ fontWeight: 700 }}>{page.name}</Typography>
                  <Typography variant="body2" sx={{ color: 'text.secondary' }}>
                    {page.about}
                  </Typography>
                </ListCard>
              </li>
            ))}
          </Box>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button component={Link} to="/drills" variant="outlined">
              Scenes to practise on
            </Button>
            <Button component={Link} to="/words" variant="outlined">
              Words and schools
            </Button>
          </Box>
        </Stack>
      }
      detail={
        <>
          {/* Alone on a phone, it is the page. */}
          <Typography variant="h1" sx={{ display: { lg: 'none' }, mb: 1.5 }}>
            {shown.name}
          </Typography>
          <shown.Page />
        </>
      }
    />
  );
}
