import type { Request, Response } from '../../../core/contract';
import { calculateLong } from '../../../core/long';
import { useCalculation } from '../../../core/useCalculation';

type Asked = Request<'choose-kit'>;

/** Sets of so few pieces are looked at first: they answer soon. */
const few = 2;

/** The sets for a trip: small ones at once, all of them when they are worked out. */
export function useChosenSets(asked: Asked | null) {
  const first = useCalculation('choose-kit', asked && { ...asked, mostPieces: few }, calculateLong);
  const isFirst = first.answered !== null && first.response !== null;
  const whole = useCalculation(
    'choose-kit',
    asked && isFirst ? { ...asked, mostPieces: null } : null,
    calculateLong,
  );
  const isWhole = whole.response !== null && answersTheSame(whole.answered, first.answered);
  const response: Response<'choose-kit'> | null = isWhole ? whole.response : first.response;
  return { response, problem: first.problem ?? whole.problem, isLooking: asked !== null && !isWhole };
}

function answersTheSame(one: Asked | null, other: Asked | null): boolean {
  const bare = (asked: Asked | null) => JSON.stringify({ ...asked, mostPieces: null });
  return one !== null && other !== null && bare(one) === bare(other);
}
