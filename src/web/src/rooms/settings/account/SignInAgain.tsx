import { Typography } from '@mui/material';
import { SignInForm } from '../../door/SignInForm';
import { Section } from '../../../shared/Section';
import { useStore } from '../../../store/StoreContext';

/** The server no longer knows this device: everything goes on here, and is sent once the person has signed in again. */
export function SignInAgain() {
  const { sync } = useStore();
  return (
    <Section title="Sign in again">
      <Typography>
        The server has signed this device out. Everything you keep stays here and is sent as soon as you have
        signed in.
      </Typography>
      <SignInForm onIn={() => sync.nudge()} />
    </Section>
  );
}
