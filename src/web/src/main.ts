// While the server is in reach it answers until the first answer is shown: a core that starts takes the processor from the page, and on a
// first visit the line from it, being four times as large. Where the server is silent, a core that is on the device starts at once.
import { recallAsked } from './core/askedLast';
import { holdCoreBack, startCore } from './core/core';
import { askAhead } from './store/api';
import { knownKey } from './store/knownKey';

const silenceMs = 500;

recallAsked(location.pathname);
if (navigator.onLine) {
  holdCoreBack();
  const isOnDevice = localStorage.getItem(knownKey) !== null;
  const silence = isOnDevice ? setTimeout(startCore, silenceMs) : undefined;
  askAhead().then(() => clearTimeout(silence), startCore);
} else startCore();
void import('./app/start');
