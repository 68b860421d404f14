import type { Problem } from '../core/contract';
import { ProblemLine } from './ProblemLine';
import { saidOnce } from './saidOnce';

/** Each thing that can't be right, said once, however many records it is said of. */
export function ProblemLines({ problem }: { problem: Problem | null }) {
  return saidOnce(problem).map((message) => <ProblemLine key={message}>{message}</ProblemLine>);
}
