import { useSyncExternalStore } from 'react';
import { distrustServer } from '../core/serverCore';
import { registerSW } from 'virtual:pwa-register';

interface UpdateState {
  /** Whether the whole program is on this device. */
  offlineReady: boolean;
  /** Whether a newer one waits for a tap. */
  waiting: boolean;
}

let state: UpdateState = { offlineReady: false, waiting: false };
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
      set({ waiting: true });
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
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  waiting.postMessage({ type: 'SKIP_WAITING' });
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export function useOfflineReady(): boolean {
  return useSyncExternalStore(subscribe, () => state.offlineReady);
}

export function useUpdateWaiting(): boolean {
  return useSyncExternalStore(subscribe, () => state.waiting);
}
