import type { TreatRequest, TreatResponse } from './contract';
import { recall } from './core';
import { answeredThing } from '../shared/localThing';

interface Asked {
  request: TreatRequest;
  response: TreatResponse;
}

const kept = answeredThing<Asked>('jolly-brook-asked-last');

/** Keeps the newest answer for the next visit, which then need not wait for the core to start. */
export function rememberAsked(request: TreatRequest, response: TreatResponse) {
  kept.keep({ request, response });
}

/** Recalls the newest answer of this build where the page opens with it. */
export function recallAsked(path: string) {
  if (path !== '/' && !path.startsWith('/treat')) return;
  const asked = kept.read();
  if (asked !== null) recall('treat', asked.request, asked.response);
}
