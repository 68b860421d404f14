import PersonAdd from '@mui/icons-material/PersonAdd';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useNavigate, useParams } from 'react-router';
import { useCatalogue } from '../../store/CatalogueContext';
import { show } from '../../shared/units';
import { useCalculation } from '../../core/useCalculation';
import { ListCard } from '../../shared/ListCard';
import { TwoPanes } from '../../shared/TwoPanes';
import { BookLinesProvider } from '../../store/BookLinesContext';
import { useLoggingBook } from '../../store/books';
import { useSettings } from '../../store/LocalDataContext';
import { keep, type Kept } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { useRecords } from '../../store/useRecords';
import { NewSweatTest } from './NewSweatTest';
import { WalkerDetail } from './WalkerDetail';
import { SignsPage } from './signs/SignsPage';
import { WatchPage } from './watch/WatchPage';

/** Who walks, what each loses, and how sure that is. */
export function BodyRoom() {
  const { id, page } = useParams();
  const navigate = useNavigate();
  const store = useStore();
  const book = useLoggingBook();
  const walkers = useRecords('walker');
  const tests = useRecords('sweat-test');
  const catalogue = useCatalogue();
  const { newWalker } = catalogue.body;
  if (!walkers || !tests) return null;
  const shown = walkers.find((walker) => walker.id === id) ?? (id === undefined ? walkers[0] : undefined);

  const add = async () => {
    const body = { ...newWalker, name: `Walker ${walkers.length + 1}` };
    const kept = await keep(store.db, 'walker', body, { book: book.id }).catch(() => null);
    if (kept === null) return;
    store.sync.nudge();
    void navigate(`/body/${kept}`);
  };

  return (
    <TwoPanes
      title="Body"
      backTo="/body"
      onDetail={id !== undefined}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Body</Typography>
          {walkers.length === 0 && (
            <Typography>
              Nobody is entered yet. Until someone is, a trip is planned for one walker of{' '}
              {show(catalogue, 'kitMass', newWalker.massKg)}. Add each walker, then weigh one walk: a sweat
              test beats any formula.
            </Typography>
          )}
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
            {walkers.map((walker) => (
              <li key={walker.id}>
                <WalkerLine
                  walker={walker}
                  tests={tests.filter((test) => test.body.walkerId === walker.id)}
                  chosen={walker.id === shown?.id}
                  onOpen={() => void navigate(`/body/${walker.id}`)}
                />
              </li>
            ))}
          </Box>
          <Box>
            <Button variant="outlined" startIcon={<PersonAdd />} onClick={() => void add()}>
              Add a walker
            </Button>
          </Box>
        </Stack>
      }
      detail={
        shown &&
        (page === 'watch' ? (
          <BookLinesProvider>
            <WatchPage
              key={shown.id}
              walker={shown}
              tests={tests.filter((test) => test.body.walkerId === shown.id)}
            />
          </BookLinesProvider>
        ) : page === 'signs' ? (
          <SignsPage
            key={shown.id}
            walker={shown}
            tests={tests.filter((test) => test.body.walkerId === shown.id)}
          />
        ) : page === 'test' ? (
          <NewSweatTest key={shown.id} walker={shown} onDone={() => void navigate(`/body/${shown.id}`)} />
        ) : (
          <WalkerDetail
            key={shown.id}
            walker={shown}
            tests={tests.filter((test) => test.body.walkerId === shown.id)}
          />
        ))
      }
    />
  );
}

interface LineProps {
  walker: Kept<'walker'>;
  tests: Kept<'sweat-test'>[];
  chosen: boolean;
  onOpen: () => void;
}

function WalkerLine({ walker, tests, chosen, onOpen }: LineProps) {
  const { units } = useSettings().settings;
  const { response, problem } = useCalculation('sweat', {
    units,
    walker: walker.body,
    tests: tests.map(({ id, body }) => ({ id, test: body })),
  });
  return (
    <ListCard chosen={chosen} onOpen={onOpen}>
      <Typography sx={{ fontWeight: 700 }}>{walker.body.name}</Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {response && `${response.headline} on a warm walk · `}
        {problem && 'Something is still missing · '}
        {tests.length === 0
          ? 'no sweat test'
          : tests.length === 1
            ? '1 sweat test'
            : `${tests.length} sweat tests`}
      </Typography>
    </ListCard>
  );
}
