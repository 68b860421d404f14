import { useEffect, useState } from 'react';

/** Keeps the screen on while this is on screen and the person wants it. */
export function useScreenOn() {
  const [on, set] = useState(false);
  const possible = 'wakeLock' in navigator;
  useEffect(() => {
    if (!on) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    // A hidden page loses the lock, and asks again once it is seen.
    const take = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (over) await lock.release();
      } catch {
        // The device refuses, on a low battery say.
        if (!over) set(false);
      }
    };
    void take();
    const again = () => void take();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [on]);
  return { on, set, possible };
}
