import { useLiveQuery } from 'dexie-react-hooks';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { sorted, type BookLines } from './bookLines';
import { all, newestOf } from './records';
import { useStore } from './StoreContext';

/** As many as fill the first screens. */
const fewLines = 200;
const restMs = 600;

const Context = createContext<BookLines | undefined>(undefined);

/** Reads the lines of the book once for all who look at them: the newest at once, so that the book opens, then all of them. */
export function BookLinesProvider({ children }: { children: ReactNode }) {
  const { db } = useStore();
  const [shown, setShown] = useState(false);
  const newest = useLiveQuery(async () => sorted(await newestOf(db, 'book-line', fewLines), false), [db]);
  const whole = useLiveQuery(
    async () => (shown ? sorted(await all(db, 'book-line'), true) : undefined),
    [db, shown],
  );
  const opened = newest !== undefined;
  const few = newest !== undefined && newest.lines.length < fewLines;
  useEffect(() => {
    if (!opened) return;
    const timer = setTimeout(() => setShown(true), few ? 0 : restMs);
    return () => clearTimeout(timer);
  }, [opened, few]);
  return <Context value={whole ?? (few ? { ...newest, whole: true } : newest)}>{children}</Context>;
}

/** The lines of the book; the newest of them alone while the others are being read. */
export function useBookLines(): BookLines | undefined {
  return useContext(Context);
}

/** All the lines, for what adds up or compares; undefined until all of them have been read. */
export function useWholeBook(): BookLines | undefined {
  const book = useContext(Context);
  return book?.whole ? book : undefined;
}
