// A first visit starts the core before anything else, and the page is fetched and drawn while it does. A later one has an
// answer to show already, and draws it first.
import { recallAsked } from './core/askedLast';
import { startCore } from './core/core';

if (!recallAsked(location.pathname)) startCore();
void import('./app/start');
