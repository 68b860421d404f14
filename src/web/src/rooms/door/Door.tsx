import { Box, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Section } from '../../shared/Section';
import { askAbout, type About } from '../../store/api';
import { CodesSheet } from './CodesSheet';
import { JoinForm } from './JoinForm';
import { linkSecret } from './linkSecret';
import { OwnerForm } from './OwnerForm';
import { RecoverForm } from './RecoverForm';
import { SignInForm } from './SignInForm';

type Way = 'signIn' | 'recover' | 'join';

/** Stands before the rooms while nobody is signed in on this device. */
export function Door({ about, onIn }: { about: About; onIn: (about: About) => void }) {
  const [way, setWay] = useState<Way>(linkSecret() === null ? 'signIn' : 'join');
  const [codes, setCodes] = useState<string[] | null>(null);
  const enter = () => void askAbout().then(onIn, () => undefined);

  return (
    <Box component="main" sx={{ maxWidth: 560, mx: 'auto', p: { xs: 1.5, md: 4 } }}>
      <Stack spacing={2}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
          <Box component="img" src="/drop.svg" alt="" sx={{ width: 48, height: 48 }} />
          <Typography variant="h1">Jolly Brook</Typography>
        </Box>
        {codes !== null ? (
          <Section title="Your recovery codes">
            <CodesSheet codes={codes} onDone={enter} />
          </Section>
        ) : about.state === 'needsOwner' ? (
          <Section title="Make this yours">
            <OwnerForm wantsCode={about.wantsCode} onCodes={setCodes} />
          </Section>
        ) : way === 'join' ? (
          <Section title="Join a party">
            <JoinForm onCodes={setCodes} onSignIn={() => setWay('signIn')} />
          </Section>
        ) : way === 'recover' ? (
          <Section title="A new passphrase">
            <RecoverForm onIn={enter} onBack={() => setWay('signIn')} />
          </Section>
        ) : (
          <Section title="Sign in">
            <SignInForm onIn={enter} onRecover={() => setWay('recover')} />
          </Section>
        )}
        <Typography sx={{ color: 'text.secondary' }}>
          Once signed in, everything works on this device without the server, for as long as you like.
        </Typography>
      </Stack>
    </Box>
  );
}
