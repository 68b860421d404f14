import { Alert, Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCalculation } from '../../core/useCalculation';
import { calculate } from '../../core/core';
import { Section } from '../../shared/Section';
import { TextEntry } from '../../shared/TextEntry';
import { useSettings } from '../../store/LocalDataContext';
import { keep } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { CarriedFields } from './CarriedFields';
import { ItemFields } from './ItemFields';
import { kinds, type Item } from './kinds';
import { ProblemLine } from '../../shared/ProblemLine';

interface Props {
  /** Null for a new item. */
  id: string | null;
  start: Item;
  /** Whether it has just been kept for the first time. */
  justKept: boolean;
  onKept: (id: string) => void;
}

/** One piece of kit: checked by the core as it is typed, kept only when it is sound. */
export function ItemForm({ id, start, justKept, onKept }: Props) {
  const store = useStore();
  const { units } = useSettings().settings;
  const [item, setItem] = useState(start);
  const [saved, setSaved] = useState(justKept);
  const { response, problem } = useCalculation('kit-item', { units, item });
  const errors = (field: string) => problem?.errors.find((error) => error.field === field)?.message;
  const kind = kinds.find((k) => k.id === item.kind);

  const change = (next: Item) => {
    setSaved(false);
    setItem(next);
  };
  const save = async (next: Item) => {
    const checked = await calculate('kit-item', { units, item: next });
    if (!checked.ok) return;
    const counted = recounted(start, next, id === null);
    const kept = await keep(store.db, 'kit-item', counted, id === null ? {} : { id }).catch(() => null);
    if (kept === null) return;
    store.sync.nudge();
    setItem(counted);
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
      <ItemFields item={item} onChange={change} errors={errors} />
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

const beside = ['name', 'volumeL', 'massKg', 'depthCm', 'bag', 'accessNote', 'weighedG'];

function shownBesideField(field: string): boolean {
  return beside.includes(field) || /^(filter|lamp|burner|flocculant|product|chemical|extra)\./.test(field);
}

/** What is left, as a person says it, is counted from now on: what was used before is in it already. */
function recounted(before: Item, next: Item, isNew: boolean): Item {
  const supply = ({ product, lamp, burner, filter }: Item) =>
    JSON.stringify([product?.left, lamp?.cyclesLeft, burner?.fuelLeftG, filter?.usedL, filter?.clogLoadLNtu]);
  return isNew || supply(before) !== supply(next) ? { ...next, countedTo: new Date().toISOString() } : next;
}
