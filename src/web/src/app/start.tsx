import '@fontsource-variable/atkinson-hyperlegible-next';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { startTransition, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { bringCoreHere } from '../core/core';
import { firstShown } from '../shared/firstShown';
import { tryUntilItWorks } from '../shared/tryUntilItWorks';
import { App } from './App';
import { fetchForTheWalk } from './parts';
import { RootBoundary } from './RootBoundary';
import { keepProgramHere } from '../program/update';
import '../program/install';

// Styles made while the page runs carry the nonce of the page they are made in; the policy allows no others.
const nonce = document.querySelector<HTMLElement>('meta[property="csp-nonce"]')?.nonce;
const styles = createCache({ key: 'jb', nonce, prepend: true });

const root = createRoot(document.getElementById('root')!);
// Drawn in pieces: what the core or the device tells meanwhile is not kept waiting.
startTransition(() =>
  root.render(
    <StrictMode>
      <CacheProvider value={styles}>
        <RootBoundary>
          <App />
        </RootBoundary>
      </CacheProvider>
    </StrictMode>,
  ),
);

/**
 * The core first: the water is answered without the other places, and not without it. One that does not come keeps nothing else away: the
 * program that is then put on the device has it too.
 */
async function fetchTheRest() {
  await bringCoreHere().catch(() => undefined);
  await fetchForTheWalk();
}

// Only once the first answer stands: what is for later must not slow it. At the door there is none.
const patienceMs = 6_000;
const patience = new Promise((resolve) => setTimeout(resolve, patienceMs));
void Promise.race([firstShown, patience]).then(() =>
  requestIdleCallback(
    () => {
      tryUntilItWorks({
        attempt: fetchTheRest,
        worked: keepProgramHere,
        firstWaitMs: 5_000,
        longestWaitMs: 5_000,
      });
    },
    { timeout: patienceMs },
  ),
);
