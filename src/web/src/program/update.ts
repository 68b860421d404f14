import { useSyncExternalStore } from 'react';
import { distrustServer } from '../core/serverCore';
import { registerSW } from 'virtual:pwa-register';
import { takeOver } from './takeOver';

/** What there is of a newer program: it waits for a tap, is taking over, or is held up by an older one in another tab. */
export type NewerProgram = 'none' | 'waiting' | 'taking' | 'held';

interface UpdateState {
  /** Whether the whole program is on this device. */
  offlineReady: boolean;
  newer: NewerProgram;
}

let state: UpdateState = { offlineReady: false, newer: 'none' };
const listeners = new Set<() => void>();

function set(part: Partial<UpdateState>) {
  state = { ...state, ...part };
  for (const listener of listeners) listener();
}

// It may be here since an earlier visit.
if ('serviceWorker' in navigator) void navigator.serviceWorker.ready.then(() => set({ offlineReady: true }));

/** Puts the program on this device, and looks for newer ones; none takes over by itself. */
export function keepProgramHere() {
  if (!('serviceWorker' in navigator)) return;
  registerSW({
    immediate: true,
    onNeedRefresh: () => {
      distrustServer();
      set({ newer: 'waiting' });
    },
  });
}

/**
 * Lets the newer program take over and reloads the page with it, also a page that was loaded past the program
 * that is kept here (by a forced reload), and one in whose place another tab has let it take over already.
 */
export async function updateNow() {
  const waiting = (await navigator.serviceWorker.getRegistration())?.waiting;
  if (!waiting) {
    window.location.reload();
    return;
  }
  set({ newer: 'taking' });
  takeOver(
    waiting,
    () => window.location.reload(),
    () => set({ newer: 'held' }),
  );
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export function useOfflineReady(): boolean {
  return useSyncExternalStore(subscribe, () => state.offlineReady);
}

export function useNewerProgram(): NewerProgram {
  return useSyncExternalStore(subscribe, () => state.newer);
}
