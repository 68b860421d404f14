import { Button } from '@mui/material';
import { useState } from 'react';
import { otherMessage } from '../../shared/fieldMessage';
import { Form } from '../../shared/Form';
import { useAsk } from '../../shared/useAsk';
import { api, call } from '../../store/api';
import { NamePassphrase } from './NamePassphrase';

export function SignInForm({ onIn, onRecover }: { onIn: () => void; onRecover?: () => void }) {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const { busy, problem, ask } = useAsk();
  const signIn = async () => {
    const done = await ask(() =>
      call(() => api.POST('/api/account/sign-in', { body: { name, passphrase } })),
    );
    if (done) onIn();
  };
  return (
    <Form
      action="Sign in"
      onSubmit={() => void signIn()}
      busy={busy}
      error={otherMessage(problem, ['name', 'passphrase'])}
      more={onRecover && <Button onClick={onRecover}>I have lost my passphrase</Button>}
    >
      <NamePassphrase
        name={name}
        onName={setName}
        passphrase={passphrase}
        onPassphrase={setPassphrase}
        problem={problem}
      />
    </Form>
  );
}
