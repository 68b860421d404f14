// The core starts first, in its worker; the page is fetched and drawn while it does.
import './core/core';

void import('./app/start');
