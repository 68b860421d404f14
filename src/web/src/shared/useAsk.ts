import { useState } from 'react';
import type { Problem } from '../core/contract';
import type { Answer } from '../store/api';

/** One question to the server at a time: whether it is under way, and what went wrong with the last. */
export function useAsk() {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | null>(null);
  const run = async <T>(question: () => Promise<Answer<T>>): Promise<Answer<T>> => {
    setBusy(true);
    setProblem(null);
    const answer = await question();
    setBusy(false);
    if (!answer.ok) setProblem(answer.problem);
    return answer;
  };
  /** What came back; null when it went wrong. */
  const ask = async <T>(question: () => Promise<Answer<T>>): Promise<T | null> => {
    const answer = await run(question);
    return answer.ok ? answer.data : null;
  };
  /** Whether it worked, where nothing else comes back. */
  const tell = async (question: () => Promise<Answer<unknown>>): Promise<boolean> => (await run(question)).ok;
  return { busy, problem, ask, tell };
}
