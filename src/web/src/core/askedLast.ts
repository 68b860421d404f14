import type { TreatRequest, TreatResponse } from './contract';
import { recall } from './core';
import { keepLocal, readLocal } from '../store/localSettings';

const key = 'jolly-brook-asked-last';

interface Asked {
  build: string;
  request: TreatRequest;
  response: TreatResponse;
}

/** Keeps the newest answer for the next visit, which then need not wait for the core to start. */
export function rememberAsked(request: TreatRequest, response: TreatResponse) {
  keepLocal(key, { build: __BUILD__, request, response } satisfies Asked);
}

/** Recalls the newest answer of this build where the page opens with it. */
export function recallAsked(path: string) {
  if (path !== '/' && !path.startsWith('/treat')) return;
  const kept = readLocal<Asked>(key);
  if (kept?.build !== __BUILD__) return;
  const { request, response } = kept;
  recall('treat', request, response);
}
