import { thisMinute } from '../shared/thisMinute';
import type { TreatRequest } from './contract';
import { calculate } from './core';

const key = 'jolly-brook-asked-last';

/** Keeps what was asked, so that the next visit can ask it before the page is drawn. */
export function rememberAsked(request: TreatRequest) {
  localStorage.setItem(key, JSON.stringify(request));
}

/** Asks again what was asked last, as of now: the answer is under way while the page is fetched and drawn. */
export function askAgain() {
  const kept = localStorage.getItem(key);
  if (kept === null) return;
  const request = { ...(JSON.parse(kept) as TreatRequest), startAt: thisMinute() };
  // A core that can't be loaded is answered where its answer is shown.
  calculate('treat', request).catch(() => undefined);
}
