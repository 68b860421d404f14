import PlayArrow from '@mui/icons-material/PlayArrow';
import { Box, Button, Paper, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Judgement, Problem, TreatResponse } from '../../../core/contract';
import { useTellShown } from '../../../shared/firstShown';
import { OutcomeLine } from '../../../shared/OutcomeLine';
import { saidOnce } from '../../../shared/saidOnce';
import { clockTime, later, minutesText } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';
import { show } from '../../../shared/units';
import { verdictLooks } from '../source/verdictLooks';

interface Props {
  answer: TreatResponse | null;
  problem: Problem | null;
  failure: string | null;
  volumeL: number | null;
  judgement: Judgement | null;
  /** Whether something has been changed that this does not answer yet. */
  overtaken: boolean;
  onStart: () => void;
}

/** The answer, largest on the screen: how much, until when, how good. */
export function AnswerHead({ answer, problem, failure, volumeL, judgement, overtaken, onStart }: Props) {
  useTellShown(answer !== null || problem !== null || failure !== null);
  return (
    <Paper
      component="section"
      aria-label="Answer"
      aria-live="polite"
      aria-busy={overtaken}
      variant="outlined"
      sx={{
        p: { xs: 1.5, md: 2.5 },
        borderWidth: 3,
        // The place of an answer and its four lines, taken before they are there: what stands below does not jump from under a finger.
        minHeight: { xs: '11.25rem', md: '16rem' },
        borderColor: answer?.outcome === 'refused' ? 'error.main' : 'primary.main',
        '& > *': { opacity: overtaken ? 0.3 : 1, transition: overtaken ? 'opacity 0s 150ms' : 'none' },
      }}
    >
      {answer && <Answer answer={answer} volumeL={volumeL} judgement={judgement} onStart={onStart} />}
      {problem && <CannotBeRight problem={problem} />}
      {!answer && !problem && !failure && <Typography sx={{ py: 2 }}>Working it out…</Typography>}
      {failure && <Typography sx={{ py: 2 }}>No answer.</Typography>}
    </Paper>
  );
}

function Answer({
  answer,
  volumeL,
  judgement,
  onStart,
}: {
  answer: TreatResponse;
  volumeL: number | null;
  judgement: Judgement | null;
  onStart: () => void;
}) {
  const catalogue = useCatalogue();
  const now = useNowMinute();
  const refused = answer.outcome === 'refused';
  const stopped = answer.refusal?.code === 'doNotUse';
  const remedies = answer.refusal?.remedies.slice(0, stopped ? 1 : undefined) ?? [];
  const SourceIcon = verdictLooks[judgement?.verdict ?? 'use'].Icon;
  return (
    <Box sx={{ display: 'grid', gap: { xs: 0.5, md: 1 } }}>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {stopped ? 'The source' : answer.methodName}
        {volumeL !== null && !stopped && `, ${show(catalogue, 'volume', volumeL)}`}
      </Typography>
      <Typography
        component="p"
        data-testid="headline"
        sx={{
          fontSize:
            answer.headline.length > 24 ? { xs: '1.5rem', md: '2rem' } : { xs: '1.9rem', md: '2.6rem' },
          fontWeight: 800,
          lineHeight: 1.05,
          letterSpacing: '-0.01em',
        }}
      >
        {answer.headline}
      </Typography>
      {answer.dose?.handMeasure && (
        <Typography sx={{ fontWeight: 650 }}>{answer.dose.handMeasure}</Typography>
      )}
      {answer.fills > 1 && (
        <Typography sx={{ fontWeight: 650 }}>
          In each of {answer.fills} fills: one container at a time
        </Typography>
      )}
      {answer.dose?.fillHint?.startsWith('Fill') && <Typography>{answer.dose.fillHint}</Typography>}
      {answer.drinkableMinutes !== null && (
        <Typography sx={{ fontSize: { xs: '1.3rem', md: '1.6rem' }, fontWeight: 700, lineHeight: 1.15 }}>
          Drink at {clockTime(later(now, answer.drinkableMinutes))}
          <Typography component="span" sx={{ ml: 1, color: 'text.secondary' }}>
            in {minutesText(answer.drinkableMinutes)}
          </Typography>
        </Typography>
      )}
      <OutcomeLine answer={answer} />
      {judgement && judgement.verdict !== 'use' && !refused && (
        <Typography
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 1,
            color: verdictLooks[judgement.verdict].colour,
          }}
        >
          <SourceIcon aria-hidden /> Source: {judgement.words.toLowerCase()}
        </Typography>
      )}
      {refused ? (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {stopped && judgement?.goOn && (
            <li>
              <Typography sx={{ fontWeight: 700 }}>{judgement.goOn}</Typography>
            </li>
          )}
          {remedies.map((remedy) => (
            <li key={remedy}>
              <Typography>{remedy}</Typography>
            </li>
          ))}
        </Box>
      ) : (
        <Button
          variant="contained"
          size="large"
          startIcon={<PlayArrow />}
          onClick={onStart}
          // On a phone Start stands under the thumb instead.
          sx={{ mt: 0.5, minHeight: 56, display: { xs: 'none', lg: 'inline-flex' } }}
        >
          Start
        </Button>
      )}
    </Box>
  );
}

function CannotBeRight({ problem }: { problem: Problem }) {
  return (
    <Box role="alert">
      <Typography variant="h1" component="p" gutterBottom>
        {problem.title}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {saidOnce(problem).map((message) => (
          <li key={message}>
            <Typography>{message}</Typography>
          </li>
        ))}
      </Box>
    </Box>
  );
}
