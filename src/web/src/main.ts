// A first visit starts the core before anything else, and the page is fetched and drawn while it does. A later one has an
// answer to show already, and draws it first.
import { recallAsked } from './core/askedLast';
import { startCore } from './core/core';
import { askAhead } from './store/api';
import { knownKey } from './store/knownKey';

if (!recallAsked(location.pathname)) startCore();
// Nothing is drawn before it is known whose device this is.
if (localStorage.getItem(knownKey) === null) askAhead();
void import('./app/start');
