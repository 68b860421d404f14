import { Alert, Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCalculation } from '../../core/useCalculation';
import { calculate } from '../../core/core';
import { Section } from '../../shared/Section';
import { TextEntry } from '../../shared/TextEntry';
import { useSettings } from '../../store/LocalDataContext';
import { keepWith } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { CarriedFields } from './CarriedFields';
import { ItemFields } from './ItemFields';
import type { Item } from '../../store/kitItems';
import { kinds } from './kinds';
import { toldLines, type Told } from './told';
import { ProblemLine } from '../../shared/ProblemLine';

interface Props {
  /** Null for a new item. */
  id: string | null;
  start: Item;
  /** What the log says of it. */
  told: Told;
  /** Whether it has just been kept for the first time. */
  justKept: boolean;
  onKept: (id: string) => void;
}

/** One piece of kit: checked by the core as it is typed, kept only when it is sound. */
export function ItemForm({ id, start, told, justKept, onKept }: Props) {
  const store = useStore();
  const { units } = useSettings().settings;
  const [item, setItem] = useState(start);
  const [saved, setSaved] = useState(justKept);
  // Only what its owner has changed here; the log goes on beside it.
  const [changed, setChanged] = useState<Partial<Told>>({});
  const now = { ...told, ...changed };
  const { response, problem } = useCalculation('kit-item', { units, item, ...now });
  const errors = (field: string) => problem?.errors.find((error) => error.field === field)?.message;
  const kind = kinds.find((k) => k.id === item.kind);

  const change = (next: Item) => {
    setSaved(false);
    setItem(next);
  };
  const save = async (next: Item) => {
    const checked = await calculate('kit-item', { units, item: next, ...now });
    if (!checked.ok) return;
    const at = new Date().toISOString();
    const kept = await keepWith(store.db, 'kit-item', next, id, (itemId) =>
      toldLines(next, itemId, id === null ? null : told, now, at),
    ).catch(() => null);
    if (kept === null) return;
    store.sync.nudge();
    setItem(next);
    setSaved(true);
    onKept(kept);
  };
  const other = problem?.errors.filter((error) => !shownBesideField(error.field)) ?? [];

  return (
    <Section title={id === null ? `New: ${kind?.one}` : (start.name ?? '')}>
      <Typography sx={{ fontWeight: 650 }}>
        {response?.words ?? (problem ? 'Something is still missing.' : '')}
      </Typography>
      <TextEntry
        label="Name"
        value={item.name ?? ''}
        onChange={(name) => change({ ...item, name })}
        error={errors('name')}
      />
      {response?.warnings.map((warning) => (
        <Alert key={warning} severity="warning" variant="outlined">
          {warning}
        </Alert>
      ))}
      <ItemFields
        item={item}
        onChange={change}
        told={now}
        onTell={(part) => {
          setSaved(false);
          setChanged((before) => ({ ...before, ...part }));
        }}
        errors={errors}
      />
      <CarriedFields item={item} onChange={change} errors={errors} />
      {other.map((error) => (
        <ProblemLine key={error.field}>{error.message}</ProblemLine>
      ))}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" size="large" disabled={problem !== null} onClick={() => void save(item)}>
          Keep it
        </Button>
        {id !== null && (
          <Button component={Link} to={`/kit/like-${id}`}>
            Another like it
          </Button>
        )}
        {id !== null && (
          <Button
            color={item.retired ? 'primary' : 'error'}
            onClick={() => void save({ ...item, retired: item.retired !== true })}
          >
            {item.retired ? 'Carry it again' : 'No longer carried'}
          </Button>
        )}
      </Box>
      {saved && (
        <Alert severity="success" variant="outlined">
          Kept.
        </Alert>
      )}
    </Section>
  );
}

const beside = ['left', 'name', 'volumeL', 'massKg', 'depthCm', 'bag', 'accessNote', 'weighedG'];

function shownBesideField(field: string): boolean {
  return beside.includes(field) || /^(filter|lamp|burner|flocculant|product|chemical)\./.test(field);
}
