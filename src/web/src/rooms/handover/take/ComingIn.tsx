import { Box, Button, Checkbox, FormControlLabel, Typography } from '@mui/material';
import { useState } from 'react';
import type { Bundle } from '../../../handover/bundle';
import type { Incoming } from '../../../handover/takeIn';
import { nameRecord } from '../../../shared/nameRecord';
import { lines } from '../../../shared/versionLines';
import { clockTime, dayName } from '../../../shared/time';

interface Props {
  bundle: Bundle;
  incoming: Incoming[];
  onTake: (theirs: ReadonlySet<string>) => void;
  onLeave: () => void;
}

/** What would change here, before anything does: what is new, what is here already, and what differs, record by record. */
export function ComingIn({ bundle, incoming, onTake, onLeave }: Props) {
  const [theirs, setTheirs] = useState<ReadonlySet<string>>(new Set());
  const fresh = incoming.filter(({ state }) => state === 'new');
  const same = incoming.filter(({ state }) => state === 'same');
  const other = incoming.filter(({ state }) => state === 'other');
  const count = fresh.length + theirs.size;
  const choose = (id: string, takesTheirs: boolean) =>
    setTheirs(
      (before) => new Set(takesTheirs ? [...before, id] : [...before].filter((known) => known !== id)),
    );
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box>
        <Typography variant="h1" component="p" data-testid="headline">
          {bundle.title.slice(0, 120)}
        </Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          From {bundle.from.slice(0, 80)}, {dayName(bundle.madeAt)} {clockTime(bundle.madeAt)}
        </Typography>
      </Box>
      <Typography sx={{ fontWeight: 650 }}>
        {fresh.length} new, {same.length} here already, {other.length} in another version
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {counted(fresh).map(([name, times]) => (
          <li key={name}>
            {name}
            {times > 1 && ` × ${times}`}
          </li>
        ))}
      </Box>
      {other.length > 0 && (
        <Box>
          <Typography>Yours stands unless you take theirs:</Typography>
          {other.map((record) => (
            <FormControlLabel
              key={record.id}
              sx={{ display: 'flex', minHeight: 48 }}
              control={
                <Checkbox
                  checked={theirs.has(record.id)}
                  disabled={!record.mayReplace}
                  onChange={(_, takesTheirs) => choose(record.id, takesTheirs)}
                />
              }
              label={
                <>
                  {record.mayReplace
                    ? `Take theirs: ${nameRecord(record.kind, record.body)}`
                    : `${nameRecord(record.kind, record.body)} is written already: yours stands`}
                  <Typography
                    component="span"
                    variant="body2"
                    sx={{ display: 'block', color: 'text.secondary' }}
                  >
                    {differences(record)}
                  </Typography>
                </>
              }
            />
          ))}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" size="large" onClick={() => onTake(theirs)}>
          {count === 0 ? 'Done' : `Take in ${count}`}
        </Button>
        <Button size="large" onClick={onLeave}>
          Leave it
        </Button>
      </Box>
    </Box>
  );
}

/** What is otherwise, mine to theirs. */
function differences({ mine, body }: Incoming): string {
  return lines(mine, body)
    .filter(({ differs }) => differs)
    .map((line) => `${line.name}: ${line.mine} → ${line.theirs}`)
    .join(' · ');
}

/** Names with how often each comes. */
function counted(records: Incoming[]): [string, number][] {
  const counts = new Map<string, number>();
  for (const { kind, body } of records) {
    const name = nameRecord(kind, body);
    counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return [...counts];
}
