import { Box, Button, Stack, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { Cautions } from '../../../shared/Cautions';
import { Lines } from '../../../shared/Lines';
import { ProblemLines } from '../../../shared/ProblemLines';
import { Section } from '../../../shared/Section';
import { clockTime } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';
import { writeLine } from '../../../store/bookLines';
import { useLoggingBook } from '../../../store/books';
import { useInHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import type { Kept } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { toldDay } from '../watch/toldDay';
import { useDayOnFoot } from '../watch/useDayOnFoot';
import { watchRequest } from '../watch/watchRequest';
import { SignTicks } from './SignTicks';
import { StateHead } from './StateHead';
import { usePartyWatch } from './usePartyWatch';

interface Props {
  walker: Kept<'walker'>;
  tests: Kept<'sweat-test'>[];
}

/** One walker asked how they are: ticks, what they come to with what the log knows, and a line of the book. */
export function SignsPage({ walker, tests }: Props) {
  const { lists } = useCatalogue();
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const onFoot = useDayOnFoot();
  const store = useStore();
  const book = useLoggingBook();
  const state = useInHand();
  const party = usePartyWatch();
  const toDo = useRef<HTMLDivElement>(null);
  // Null until something is ticked: what the log says stands.
  const [ticked, setTicked] = useState<Schema<'BodySign'>[] | null>(null);
  const told = state?.walkers.find(({ id }) => id === walker.id);
  const { response, problem } = useCalculation(
    'body-watch',
    state && onFoot !== undefined
      ? watchRequest(
          walker,
          tests,
          state,
          { units, now, told: toldDay(walker.id, new Date(now)), onFoot },
          ticked ? { signs: ticked, signsAt: now } : {},
        )
      : null,
  );
  const write = async (signs: Schema<'BodySign'>[]) => {
    const at = new Date().toISOString();
    const line = await writeLine(store, book.id, { kind: 'signs', at, walkerId: walker.id, signs });
    if (line === null) return;
    setTicked(null);
    toDo.current?.scrollIntoView({ block: 'center' });
  };
  const next = party?.lookFirst && party.lookFirst.id !== walker.id ? party.lookFirst : null;
  const signs = ticked ?? [];
  const foundWords = (found: Schema<'BodySign'>[]) =>
    found.length === 0
      ? 'nothing found'
      : lists.bodySigns
          .filter(({ sign }) => found.includes(sign))
          .map(({ name }) => name.toLowerCase())
          .join(', ');
  return (
    <Stack spacing={2}>
      {/* In view while the ticks below it are gone through. */}
      <Box sx={{ position: { xs: 'sticky', lg: 'static' }, top: 0, zIndex: 1 }}>
        <Section label="Answer">
          <Typography component="h1" sx={{ fontWeight: 700 }}>
            How is {walker.body.name}?
          </Typography>
          {response && <StateHead state={response.state} headline={response.headline} />}
          <ProblemLines problem={problem} />
        </Section>
      </Box>
      <Section title="What is felt and seen">
        <Button
          variant="contained"
          size="large"
          onClick={() => void write(signs)}
          sx={{ justifySelf: 'start', alignSelf: 'flex-start' }}
        >
          {signs.length === 0
            ? 'None of these'
            : signs.length === 1
              ? 'Write this one down'
              : `Write these ${signs.length} down`}
        </Button>
        <SignTicks ticked={signs} onChange={setTicked} />
      </Section>
      {response && (
        <div ref={toDo}>
          <Section title="What to do">
            {response.actions.length > 0 ? (
              <Lines lines={response.actions} strong />
            ) : (
              <Typography>Nothing now.</Typography>
            )}
            <Cautions cautions={response.cautions} />
            <Typography color="text.secondary">
              {ticked === null &&
                told?.signsAt &&
                `At ${clockTime(told.signsAt)}: ${foundWords(told.signs)}. `}
              {response.isLookDue
                ? `Look now. ${response.nextLook.why}`
                : `Look again at ${clockTime(response.nextLook.at)}.`}
            </Typography>
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              {next && (
                <Button component={Link} to={`/body/${next.id}/signs`} variant="outlined">
                  Next: {next.name}
                </Button>
              )}
              <Button component={Link} to={`/body/${walker.id}/watch`}>
                Water through the day
              </Button>
            </Box>
          </Section>
        </div>
      )}
    </Stack>
  );
}
