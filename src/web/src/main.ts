// On a first visit the server answers while the page comes; the core, four times as large, comes after the first answer. A later visit has
// it on the device and starts it at once, unless it has an answer to show already.
import { recallAsked } from './core/askedLast';
import { holdCoreBack, startCore } from './core/core';
import { askAhead } from './store/api';
import { knownKey } from './store/knownKey';

if (localStorage.getItem(knownKey) === null) {
  holdCoreBack();
  // Nothing is drawn before it is known whose device this is.
  askAhead();
} else if (!recallAsked(location.pathname)) startCore();
void import('./app/start');
