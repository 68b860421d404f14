import { useEffect, useState } from 'react';

/** What Chromium hands over when the page may be installed. */
interface InstallEvent extends Event {
  prompt: () => Promise<void>;
}

let offered: InstallEvent | null = null;
const listeners = new Set<() => void>();

// It comes once, early, and has to be held on to.
window.addEventListener('beforeinstallprompt', (event) => {
  event.preventDefault();
  offered = event as InstallEvent;
  for (const listener of listeners) listener();
});

/** Whether the page runs installed, and the way to install it where the browser offers one. */
export function useInstall() {
  const [, redraw] = useState(0);
  useEffect(() => {
    const listener = () => redraw((n) => n + 1);
    listeners.add(listener);
    return () => {
      listeners.delete(listener);
    };
  }, []);
  const prompt = async () => {
    await offered?.prompt();
    offered = null;
    for (const listener of listeners) listener();
  };
  return {
    installed: window.matchMedia('(display-mode: standalone)').matches,
    prompt: offered === null ? null : () => void prompt(),
  };
}
