import { Stack } from '@mui/material';
import { Section } from '../../../shared/Section';
import { useStore } from '../../../store/StoreContext';
import { SignInAgain } from './SignInAgain';
import { CodesForm } from './CodesForm';
import { PassphraseForm } from './PassphraseForm';
import { SignOutPanel } from './SignOutPanel';
import { useLink } from '../../../store/useLink';

/** The person's own account. */
export function AccountPage() {
  const { demo, person } = useStore();
  const link = useLink();
  if (link === 'signedOut') return <SignInAgain />;
  return (
    <Stack spacing={1.5}>
      {demo ? (
        <Section title={`Signed in as ${person.name}`}>
          The demo data signs in by itself, on this machine only, and has no passphrase. Your own data,
          started with ./run --own, has one.
        </Section>
      ) : (
        <>
          <PassphraseForm />
          <CodesForm />
        </>
      )}
      <SignOutPanel />
    </Stack>
  );
}
