import Add from '@mui/icons-material/Add';
import Balance from '@mui/icons-material/Balance';
import Handshake from '@mui/icons-material/Handshake';
import FactCheck from '@mui/icons-material/FactCheck';
import { Box, Button, Stack, Typography } from '@mui/material';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import type { Response } from '../../core/contract';
import { useCalculation } from '../../core/useCalculation';
import { ListCard } from '../../shared/ListCard';
import { TwoPanes } from '../../shared/TwoPanes';
import { useInHand, useInHandSettled } from '../../store/InHandContext';
import { useSettings, useWholeKit } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { AddPage } from './AddPage';
import { byBag } from './bags';
import { ItemForm } from './ItemForm';
import { KitCheck } from './check/KitCheck';
import { ChooseKit } from './choose/ChooseKit';
import { SparePage } from './spare/SparePage';
import { KitPicture } from './KitPicture';
import { pieceName, type Item } from '../../store/kitItems';
import { toldOf, toldOfNew } from './told';

const justKept = 'just kept';

/** What a kit is looked at for. */
const uses = [
  { to: '/kit/choose', name: 'What to take', Icon: Balance },
  { to: '/kit/check', name: 'Is it enough?', Icon: FactCheck },
  { to: '/kit/spare', name: 'Give away', Icon: Handshake },
];

/** What is carried: what holds water, what treats it, what clears it. */
export function KitRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const { state } = useLocation() as { state: unknown };
  const kit = useWholeKit();
  const { templates, blanks } = useCalculation('kit-templates', {}).response ?? { templates: [], blanks: [] };
  const entries = useInHand()?.kit;
  const isSettled = useInHandSettled();
  const fresh = freshOf(id, { templates, blanks }, kit);
  const shown = fresh
    ? undefined
    : (kit.find((item) => item.id === id) ?? (id === undefined ? kit[0] : undefined));

  return (
    <TwoPanes
      title="Kit"
      backTo="/kit"
      onDetail={id !== undefined}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Kit</Typography>
          <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(3, minmax(0, 1fr))' }}>
            {uses.map(({ to, name, Icon }) => (
              <Button
                key={to}
                component={Link}
                to={to}
                variant="outlined"
                sx={{ flexDirection: 'column', gap: 0.25, px: 0.5, lineHeight: 1.15 }}
              >
                <Icon aria-hidden />
                {name}
              </Button>
            ))}
          </Box>
          <Button component={Link} to="/kit/add" variant="contained" startIcon={<Add />}>
            Add to the kit
          </Button>
          {kit.length === 0 && (
            <Typography>
              Nothing is in the kit yet. Until something is, Water offers boiling and the common products by
              their ingredient.
            </Typography>
          )}
          {byBag(kit).map(({ bag, items }) => (
            <BagList
              key={bag}
              name={bag}
              items={items}
              chosen={shown?.id}
              onOpen={(item) => void navigate(`/kit/${item}`)}
            />
          ))}
        </Stack>
      }
      detail={
        id === 'check' ? (
          <KitCheck />
        ) : id === 'choose' ? (
          <ChooseKit />
        ) : id === 'spare' ? (
          <SparePage />
        ) : id === 'add' || (kit.length === 0 && !fresh) ? (
          <AddPage templates={templates} blanks={blanks} />
        ) : fresh ? (
          <ItemForm
            key={id}
            id={null}
            start={fresh}
            told={toldOfNew(fresh)}
            justKept={false}
            onKept={(kept) => void navigate(`/kit/${kept}`, { state: justKept })}
          />
        ) : (
          shown &&
          isSettled && (
            <ItemForm
              key={shown.id}
              id={shown.id}
              start={shown.body}
              told={toldOf(entries?.find((entry) => entry.id === shown.id))}
              justKept={state === justKept}
              onKept={() => undefined}
            />
          )
        )
      }
    />
  );
}

/** What a new item starts from: a kind, a template, or another piece. */
function freshOf(
  id: string | undefined,
  { templates, blanks }: Response<'kit-templates'>,
  kit: Kept<'kit-item'>[],
): Item | undefined {
  const blank = blanks.find(({ kind }) => id === `new-${kind}`);
  if (blank) return blank;
  const template = templates.find((t) => id === `from-${t.id}`);
  if (template) return template.item;
  const like = kit.find((item) => id === `like-${item.id}`);
  return like && { ...like.body, retired: null };
}

interface ListProps {
  name: string;
  items: Kept<'kit-item'>[];
  chosen: string | undefined;
  onOpen: (id: string) => void;
}

/** What travels in one bag. */
function BagList({ name, items, chosen, onOpen }: ListProps) {
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
  const entry = useInHand()?.kit.find(({ id }) => id === item.id);
  const { response } = useCalculation(
    'kit-item',
    entry ? { units, item: item.body, left: entry.left, filter: entry.filter } : null,
  );
  return (
    <ListCard chosen={chosen} onOpen={onOpen}>
      <Box component="span" sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <KitPicture item={item.body} size={44} />
        <span>
          <Typography component="span" sx={{ display: 'block', fontWeight: 700 }}>
            {pieceName(item.body)}
          </Typography>
          <Typography component="span" variant="body2" sx={{ display: 'block', color: 'text.secondary' }}>
            {response?.words}
          </Typography>
        </span>
      </Box>
    </ListCard>
  );
}
