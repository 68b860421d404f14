// The core starts first, in its worker; the page is fetched and drawn while it does.
import { askAgain } from './core/askedLast';

askAgain();
void import('./app/start');
