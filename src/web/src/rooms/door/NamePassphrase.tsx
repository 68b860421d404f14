import { useState } from 'react';
import type { Problem } from '../../core/contract';
import { fieldMessage } from '../../shared/fieldMessage';
import { TextEntry } from '../../shared/TextEntry';
import { SwitchEntry } from '../../shared/SwitchEntry';

interface Props {
  name: string;
  onName: (name: string) => void;
  passphrase: string;
  onPassphrase: (passphrase: string) => void;
  /** Whether the passphrase is being chosen, not proved. */
  fresh?: boolean;
  problem: Problem | null;
}

/** A name and a passphrase, which can be looked at while it is typed: cold fingers mistype. */
export function NamePassphrase({ name, onName, passphrase, onPassphrase, fresh, problem }: Props) {
  const [shown, setShown] = useState(false);
  return (
    <>
      <TextEntry
        label="Name"
        value={name}
        onChange={onName}
        autoComplete="username"
        error={fieldMessage(problem, 'name')}
        hint={fresh ? 'What your party calls you' : undefined}
      />
      <TextEntry
        label={fresh ? 'A new passphrase' : 'Passphrase'}
        type={shown ? 'text' : 'password'}
        value={passphrase}
        onChange={onPassphrase}
        autoComplete={fresh ? 'new-password' : 'current-password'}
        error={fieldMessage(problem, 'passphrase')}
        hint={
          fresh
            ? 'At least 15 characters. Four or five words that do not belong together do well.'
            : undefined
        }
      />
      <SwitchEntry label="Show the passphrase" checked={shown} onChange={(checked) => setShown(checked)} />
    </>
  );
}
