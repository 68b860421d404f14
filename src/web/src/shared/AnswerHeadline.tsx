import { Typography } from '@mui/material';
import type { Problem } from '../core/contract';
import { ProblemLine } from './ProblemLine';

interface Props {
  calculated: { response: { headline: string } | null; problem: Problem | null; failure: string | null };
  /** What is said while it is worked out. */
  waiting: string;
  /** Whether a form beside it shows what is wrong with a field. */
  isShown?: (field: string) => boolean;
}

/** An answer's headline, or why there is none yet. */
export function AnswerHeadline({ calculated, waiting, isShown }: Props) {
  const { response, problem, failure } = calculated;
  return (
    <>
      {response ? (
        <Typography variant="h1" component="p" data-testid="headline">
          {response.headline}
        </Typography>
      ) : (
        problem === null && failure === null && <Typography role="status">{waiting}</Typography>
      )}
      {problem?.errors
        .filter(({ field }) => isShown?.(field) !== true)
        .map((e) => (
          <ProblemLine key={e.field}>{e.message}</ProblemLine>
        ))}
    </>
  );
}
