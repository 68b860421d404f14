import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { useCatalogue } from '../../store/CatalogueContext';
import { ofKind, type Bodies } from '../../store/records';
import { useBookLines } from '../../store/BookLinesContext';
import { about, type Line } from '../../store/bookLines';
import { useStore } from '../../store/StoreContext';
import { timeline, type Row } from './timeline';
import { useNames } from '../../store/useNames';

const mostFound = 200;

export interface Sought {
  text: string;
  kind: string;
  /** A book's id; empty for all. */
  book: string;
}

/** The rows of the book that fit what is sought; undefined while they are being read. */
export function useTimeline({ text, kind, book }: Sought): Row[] | undefined {
  const { db } = useStore();
  const { name } = useNames();
  const kinds = useCatalogue().lists.book.kinds;
  const lines = useBookLines();
  const sought = text.trim().toLowerCase();
  const batchIds = useLiveQuery(async () => {
    if (kind !== 'all' && kind !== 'batch') return [];
    const found = ofKind(db, 'batch');
    if (sought === '') {
      const keys = await found.primaryKeys();
      return keys.filter(([at]) => book === '' || at === book).map(([, , id]) => id);
    }
    const records = await found
      .reverse()
      .filter(({ body, book: at }) => {
        const batch = body as Bodies['batch'];
        const words = `${batch.container} ${batch.answer?.methodName} ${batch.answer?.headline}`;
        return (book === '' || at === book) && words.toLowerCase().includes(sought);
      })
      .limit(mostFound)
      .toArray();
    return records.map((record) => record.id);
  }, [db, kind, book, sought]);

  return useMemo(() => {
    if (!lines || !batchIds) return undefined;
    const fits = (line: Line) => {
      if (kind !== 'all' && line.body.kind !== kind) return false;
      if (book !== '' && line.book !== book) return false;
      if (sought === '') return true;
      const { body } = line;
      const words = [
        kinds.find((k) => k.id === body.kind)?.name,
        body.note,
        ...Object.values(about(body)).map(name),
      ];
      return words.some((word) => word?.toLowerCase().includes(sought));
    };
    return timeline(batchIds, lines.lines.filter(fits), lines);
  }, [lines, batchIds, kind, book, sought, kinds, name]);
}
