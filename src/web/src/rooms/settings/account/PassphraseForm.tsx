import { Alert } from '@mui/material';
import { useState } from 'react';
import { fieldMessage, otherMessage } from '../../../shared/fieldMessage';
import { Form } from '../../../shared/Form';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';

/** A new passphrase; every other device has to sign in with it. */
export function PassphraseForm() {
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const [done, setDone] = useState(false);
  const { busy, problem, ask } = useAsk();
  const change = async () => {
    setDone(false);
    const changed = await ask(() => call(() => api.POST('/api/account/passphrase', { body: { now, next } })));
    if (!changed) return;
    setNow('');
    setNext('');
    setDone(true);
  };
  return (
    <Section title="Passphrase">
      <Form
        action="Change it"
        onSubmit={() => void change()}
        busy={busy}
        error={otherMessage(problem, ['now', 'next'])}
      >
        <TextEntry
          label="Passphrase as it is"
          type="password"
          autoComplete="current-password"
          value={now}
          onChange={setNow}
          error={fieldMessage(problem, 'now')}
        />
        <TextEntry
          label="New passphrase"
          type="password"
          autoComplete="new-password"
          value={next}
          onChange={setNext}
          error={fieldMessage(problem, 'next')}
          hint="At least 15 characters. Four or five words that do not belong together do well."
        />
      </Form>
      {done && (
        <Alert severity="success" variant="outlined">
          Changed. Every other device is signed out.
        </Alert>
      )}
    </Section>
  );
}
