import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { Cautions } from '../../../shared/Cautions';
import { Lines } from '../../../shared/Lines';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { clockTime } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';
import { writeLine } from '../../../store/bookLines';
import { useLoggingBook } from '../../../store/books';
import { useInHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import type { Kept } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { morning, watchRequest } from '../watch/watchRequest';
import { SignTicks } from './SignTicks';
import { StateHead } from './StateHead';
import { usePartyWatch } from './usePartyWatch';

interface Props {
  walker: Kept<'walker'>;
  tests: Kept<'sweat-test'>[];
}

/** One walker asked how they are: ticks, what they come to with what the log knows, and a line of the book. */
export function SignsPage({ walker, tests }: Props) {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const [from] = useState(() => morning(new Date()));
  const store = useStore();
  const book = useLoggingBook();
  const state = useInHand();
  const party = usePartyWatch();
  // Null until something is ticked: what the log says stands.
  const [ticked, setTicked] = useState<Schema<'BodySign'>[] | null>(null);
  const told = state?.walkers.find(({ id }) => id === walker.id);
  const { response, problem } = useCalculation(
    'body-watch',
    state
      ? watchRequest(
          walker,
          tests,
          state,
          { units, now, from },
          ticked ? { signs: ticked, signsAt: now } : {},
        )
      : null,
  );
  const write = async (signs: Schema<'BodySign'>[]) => {
    const at = new Date().toISOString();
    if ((await writeLine(store, book.id, { kind: 'signs', at, walkerId: walker.id, signs })) !== null)
      setTicked(null);
  };
  const next = party?.lookFirst && party.lookFirst.id !== walker.id ? party.lookFirst : null;
  return (
    <Stack spacing={2}>
      <Section label="Answer">
        <Typography variant="h2" component="h1">
          How is {walker.body.name}?
        </Typography>
        {response && (
          <>
            <StateHead state={response.state} headline={response.headline} />
            {response.actions.length > 0 && <Lines lines={response.actions} strong />}
            <Cautions cautions={response.cautions} />
            <Typography color="text.secondary">
              {ticked === null && told?.signsAt ? `Looked at ${clockTime(told.signsAt)}. ` : ''}
              {response.isLookDue
                ? `Look now. ${response.nextLook.why}`
                : `Look again at ${clockTime(response.nextLook.at)}.`}
            </Typography>
          </>
        )}
        {problem?.errors.map((e) => (
          <ProblemLine key={e.field}>{e.message}</ProblemLine>
        ))}
        {next && (
          <Button component={Link} to={`/body/${next.id}/signs`} variant="outlined">
            Next: {next.name}
          </Button>
        )}
      </Section>
      <Section title="What is felt and seen">
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            variant={ticked?.length ? 'outlined' : 'contained'}
            size="large"
            onClick={() => void write([])}
          >
            None of these
          </Button>
          {!!ticked?.length && (
            <Button variant="contained" size="large" onClick={() => void write(ticked)}>
              {ticked.length === 1 ? 'Write this one down' : `Write these ${ticked.length} down`}
            </Button>
          )}
        </Box>
        <SignTicks ticked={ticked ?? []} onChange={setTicked} />
      </Section>
      <Box>
        <Button component={Link} to={`/body/${walker.id}/watch`}>
          Water through the day
        </Button>
      </Box>
    </Stack>
  );
}
