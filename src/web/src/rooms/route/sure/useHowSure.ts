import { useEffect, useState } from 'react';
import type { HowSure, PlanRequest, Problem } from '../../../core/contract';
import { calculateLong, cancelLong } from '../../../core/long';
import { messageOf } from '../../../shared/messageOf';

const first = 500;
const second = 2_000;

export interface Sure {
  response: HowSure | null;
  problem: Problem | null;
  failure: string | null;
  /** Walks still being simulated; 0 when done. */
  under: number;
  stop: () => void;
}

/**
 * Simulates in a worker of its own, first few walks, then more, so that an answer stands early and grows surer. What is null is not walked:
 * what was walked last stays.
 */
export function useHowSure(plan: PlanRequest | null, runs: number): Sure {
  const [state, setState] = useState<Omit<Sure, 'stop'>>({
    response: null,
    problem: null,
    failure: null,
    under: 0,
  });
  const [stopped, setStopped] = useState<string | null>(null);
  const key = plan && JSON.stringify({ plan, runs });

  useEffect(() => {
    if (key === null || stopped === key) return;
    let overtaken = false;
    const asked = JSON.parse(key) as { plan: PlanRequest; runs: number };
    const work = async () => {
      for (const count of [...new Set([first, second, asked.runs])]) {
        setState((s) => ({ ...s, under: count }));
        const last = count === asked.runs;
        const outcome = await calculateLong('how-sure', {
          plan: asked.plan,
          runs: count,
          compare: last,
        });
        if (overtaken) return;
        if (!outcome.ok) {
          setState({ response: null, problem: outcome.problem, failure: null, under: 0 });
          return;
        }
        setState({ response: outcome.response, problem: null, failure: null, under: last ? 0 : count });
      }
    };
    work().catch((error: unknown) => {
      if (!overtaken) setState((s) => ({ ...s, failure: messageOf(error), under: 0 }));
    });
    return () => {
      overtaken = true;
    };
  }, [key, stopped]);

  return {
    ...state,
    under: key !== null && stopped === key ? 0 : state.under,
    stop: () => {
      setStopped(key);
      cancelLong();
    },
  };
}
