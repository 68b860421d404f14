import { Typography } from '@mui/material';
import { useState } from 'react';
import { CodesSheet } from '../../door/CodesSheet';
import { fieldMessage, otherMessage } from '../../../shared/fieldMessage';
import { Form } from '../../../shared/Form';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';

/** New recovery codes in place of the old ones. */
export function CodesForm() {
  const [passphrase, setPassphrase] = useState('');
  const [codes, setCodes] = useState<string[] | null>(null);
  const { busy, problem, ask } = useAsk();
  const renew = async () => {
    const fresh = await ask(() =>
      call(() => api.POST('/api/account/recovery-codes', { body: { passphrase } })),
    );
    if (!fresh) return;
    setPassphrase('');
    setCodes(fresh.codes);
  };
  return (
    <Section title="Recovery codes">
      {codes !== null ? (
        <CodesSheet codes={codes} onDone={() => setCodes(null)} />
      ) : (
        <Form
          action="Make new codes"
          onSubmit={() => void renew()}
          busy={busy}
          error={otherMessage(problem, ['passphrase'])}
        >
          <Typography>
            Lost the paper, or used most of them? New codes take the place of all the old ones.
          </Typography>
          <TextEntry
            label="Passphrase, to prove it is you"
            type="password"
            autoComplete="current-password"
            value={passphrase}
            onChange={setPassphrase}
            error={fieldMessage(problem, 'passphrase')}
          />
        </Form>
      )}
    </Section>
  );
}
