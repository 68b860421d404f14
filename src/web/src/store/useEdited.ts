import { useCallback, useEffect, useRef, useState } from 'react';
import { keep, type Bodies, type Kept, type Kind } from './records';
import { useStore } from './StoreContext';

const restMs = 500;

/** A record being edited: what is typed shows at once and is kept when the hand rests, and at the latest when it is left. */
export function useEdited<K extends Kind>(kind: K, record: Kept<K>): [Bodies[K], (next: Bodies[K]) => void] {
  const store = useStore();
  const [draft, setDraft] = useState<Bodies[K] | null>(null);
  const waiting = useRef<Bodies[K] | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const { id, book } = record;

  const flush = useCallback(() => {
    clearTimeout(timer.current);
    const body = waiting.current;
    waiting.current = null;
    if (body === null) return;
    // When it could not be kept the screen has been told, and the draft stands.
    void keep(store.db, kind, body, { id, book }).then(
      () => store.sync.nudge(),
      () => undefined,
    );
  }, [store, kind, id, book]);

  useEffect(() => {
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, [flush]);

  const change = (next: Bodies[K]) => {
    setDraft(next);
    waiting.current = next;
    clearTimeout(timer.current);
    timer.current = setTimeout(flush, restMs);
  };
  return [draft ?? record.body, change];
}
