import { Typography } from '@mui/material';
import { useState } from 'react';
import { fieldMessage, otherMessage } from '../../shared/fieldMessage';
import { Form } from '../../shared/Form';
import { TextEntry } from '../../shared/TextEntry';
import { useAsk } from '../../shared/useAsk';
import { api, call } from '../../store/api';
import { NamePassphrase } from './NamePassphrase';

/** The first visit to a store of one's own: the owner's account. */
export function OwnerForm({
  wantsCode,
  onCodes,
}: {
  wantsCode: boolean;
  onCodes: (codes: string[]) => void;
}) {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [code, setCode] = useState('');
  const { busy, problem, ask } = useAsk();
  const make = async () => {
    const made = await ask(() =>
      call(() => api.POST('/api/account/owner', { body: { name, passphrase, code } })),
    );
    if (made) onCodes(made.codes);
  };
  return (
    <Form
      action="Make my account"
      onSubmit={() => void make()}
      busy={busy}
      error={otherMessage(problem, ['name', 'passphrase', 'code'])}
    >
      <Typography>
        Nobody has an account here yet. You become the owner; your party joins later by the links you make.
      </Typography>
      <NamePassphrase
        name={name}
        onName={setName}
        passphrase={passphrase}
        onPassphrase={setPassphrase}
        fresh
        problem={problem}
      />
      {wantsCode && (
        <TextEntry
          label="Code of the first start"
          value={code}
          onChange={setCode}
          error={fieldMessage(problem, 'code')}
          hint="It was printed where the server runs."
        />
      )}
    </Form>
  );
}
