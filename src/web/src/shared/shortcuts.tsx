import { createContext, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { useSettings } from '../store/LocalDataContext';

interface Shortcut {
  key: string;
  does: string;
  run: () => void;
}

interface Board {
  add: (shortcut: Shortcut) => () => void;
  list: () => Shortcut[];
}

const Context = createContext<Board | null>(null);

/** Listens for single keys outside fields, while the person has them switched on. */
export function ShortcutProvider({ children }: { children: ReactNode }) {
  const { settings } = useSettings();
  const [board] = useState(makeBoard);
  useEffect(() => {
    if (!settings.shortcuts) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const found = board.list().findLast((shortcut) => shortcut.key === event.key);
      if (!found) return;
      event.preventDefault();
      found.run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [board, settings.shortcuts]);
  return <Context value={board}>{children}</Context>;
}

function makeBoard(): Board {
  const shortcuts = new Set<Shortcut>();
  return {
    add: (shortcut) => {
      shortcuts.add(shortcut);
      return () => shortcuts.delete(shortcut);
    },
    list: () => [...shortcuts],
  };
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.matches('input:not([type=radio]):not([type=checkbox]), textarea, [contenteditable]') ||
      target.closest('[role=listbox], [role=dialog]') !== null)
  );
}

export function useShortcuts(): Board {
  const board = useContext(Context);
  if (board === null) throw new Error('Outside the shortcuts');
  return board;
}

/** Gives a key to an action for as long as the component is on screen. */
export function useShortcut(key: string, does: string, run: () => void) {
  const board = useShortcuts();
  const latest = useRef(run);
  useEffect(() => {
    latest.current = run;
  });
  const shortcut = useMemo(() => ({ key, does, run: () => latest.current() }), [key, does]);
  useEffect(() => board.add(shortcut), [board, shortcut]);
}
