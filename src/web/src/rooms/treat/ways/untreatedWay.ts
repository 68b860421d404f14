import type { ChainSummary } from '../../../core/contract';

/** Drinking it as it is, beside the ways that treat it; open only where the core allows it. */
export const untreatedWay: ChainSummary = {
  id: 'untreated',
  name: 'Drink it as it is',
  headline: 'Accepted untreated',
  outcome: 'accepted',
  why: 'Your own choice: nothing is taken out.',
  classes: [],
  clearFirst: '',
  handsOnMinutes: 0,
  drinkableMinutes: null,
  supplies: '',
  taste: '',
  risks: [],
  parts: [],
  isOutdone: false,
};
