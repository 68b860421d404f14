import { Button, Typography } from '@mui/material';
import { useState } from 'react';
import { fieldMessage, otherMessage } from '../../shared/fieldMessage';
import { Form } from '../../shared/Form';
import { TextEntry } from '../../shared/TextEntry';
import { useAsk } from '../../shared/useAsk';
import { api, call } from '../../store/api';
import { NamePassphrase } from './NamePassphrase';

/** A lost passphrase: one of the codes on paper sets a new one. */
export function RecoverForm({ onIn, onBack }: { onIn: () => void; onBack: () => void }) {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [code, setCode] = useState('');
  const { busy, problem, ask } = useAsk();
  const recover = async () => {
    const done = await ask(() =>
      call(() => api.POST('/api/account/recover', { body: { name, code, passphrase } })),
    );
    if (done) onIn();
  };
  return (
    <Form
      action="Set it and sign in"
      onSubmit={() => void recover()}
      busy={busy}
      error={otherMessage(problem, ['name', 'passphrase', 'code'])}
      more={<Button onClick={onBack}>Back</Button>}
    >
      <Typography>
        Use one of the recovery codes you wrote down. It is used up by this, and every other device is signed
        out.
      </Typography>
      <TextEntry
        label="Recovery code"
        value={code}
        onChange={setCode}
        error={fieldMessage(problem, 'code')}
      />
      <NamePassphrase
        name={name}
        onName={setName}
        passphrase={passphrase}
        onPassphrase={setPassphrase}
        fresh
        problem={problem}
      />
    </Form>
  );
}
