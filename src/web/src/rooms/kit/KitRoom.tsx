import { Box, Stack, Typography } from '@mui/material';
import { useLocation, useNavigate, useParams } from 'react-router';
import { useCalculation } from '../../core/useCalculation';
import { ListCard } from '../../shared/ListCard';
import { SelectEntry } from '../../shared/SelectEntry';
import { TwoPanes } from '../../shared/TwoPanes';
import { useSettings, useWholeKit } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { ItemForm } from './ItemForm';
import { freshItem, kinds, type Kind } from './kinds';

const justKept = 'just kept';

/** What is carried: what holds water, what treats it, what clears it. */
export function KitRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const { state } = useLocation() as { state: unknown };
  const kit = useWholeKit();
  const fresh = kinds.find((kind) => id === `new-${kind.id}`);
  const shown = fresh
    ? undefined
    : (kit.find((item) => item.id === id) ?? (id === undefined ? kit[0] : undefined));

  return (
    <TwoPanes
      backTo="/kit"
      onDetail={id !== undefined}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Kit</Typography>
          <AddItem onAdd={(kind) => void navigate(`/kit/new-${kind}`)} />
          {kit.length === 0 && (
            <Typography>
              Nothing is in the kit yet. Until something is, Treat offers boiling and the common products by
              their ingredient.
            </Typography>
          )}
          {kinds.map((kind) => (
            <KindList
              key={kind.id}
              name={kind.name}
              items={kit.filter((item) => item.body.kind === kind.id)}
              chosen={shown?.id}
              onOpen={(item) => void navigate(`/kit/${item}`)}
            />
          ))}
        </Stack>
      }
      detail={
        fresh ? (
          <ItemForm
            key={id}
            id={null}
            start={freshItem(fresh.id)}
            justKept={false}
            onKept={(kept) => void navigate(`/kit/${kept}`, { state: justKept })}
          />
        ) : (
          shown && (
            <ItemForm
              key={shown.id}
              id={shown.id}
              start={shown.body}
              justKept={state === justKept}
              onKept={() => undefined}
            />
          )
        )
      }
    />
  );
}

function AddItem({ onAdd }: { onAdd: (kind: Kind) => void }) {
  return (
    <SelectEntry
      label="Add to the kit"
      value="none"
      onChange={(kind) => kind !== 'none' && onAdd(kind as Kind)}
      choices={[
        ...kinds.map((kind) => ({ id: kind.id, name: kind.one })),
        { id: 'none', name: 'Choose what it is' },
      ]}
    />
  );
}

interface ListProps {
  name: string;
  items: Kept<'kit-item'>[];
  chosen: string | undefined;
  onOpen: (id: string) => void;
}

function KindList({ name, items, chosen, onOpen }: ListProps) {
  if (items.length === 0) return null;
  return (
    <section aria-label={name}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {name}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
        {items.map((item) => (
          <li key={item.id}>
            <ItemLine item={item} chosen={item.id === chosen} onOpen={() => onOpen(item.id)} />
          </li>
        ))}
      </Box>
    </section>
  );
}

function ItemLine({ item, chosen, onOpen }: { item: Kept<'kit-item'>; chosen: boolean; onOpen: () => void }) {
  const { units } = useSettings().settings;
  const { response } = useCalculation('kit-item', { units, item: item.body });
  return (
    <ListCard chosen={chosen} onOpen={onOpen}>
      <Typography sx={{ fontWeight: 700 }}>
        {item.body.name}
        {item.body.retired && ' (no longer carried)'}
      </Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {response?.words}
      </Typography>
    </ListCard>
  );
}
