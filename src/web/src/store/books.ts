import { useLiveQuery } from 'dexie-react-hooks';
import type { BookCard } from './api';
import { useStore, type Store } from './StoreContext';

const key = 'log into';

/** Whether the person may log and plan in a book. */
export function mayWrite(book: BookCard | undefined): boolean {
  return book !== undefined && book.role !== 'follower';
}

/** The book new batches go into on this device: a trip the person chose, or their own. */
export function useLoggingBook(): BookCard {
  const { db, books } = useStore();
  const chosen = useLiveQuery(async () => (await db.meta.get(key))?.value as string | undefined, [db]);
  return books.find((book) => book.id === chosen && mayWrite(book)) ?? books[0];
}

export async function logInto({ db }: Store, book: string): Promise<void> {
  await db.meta.put({ key, value: book });
}

/** What a book is called. */
export function bookName(book: BookCard): string {
  return book.name ?? 'My own book';
}

/** Who wrote something, when that was someone else; null for oneself and the unknown. */
export function useOthersName(): (book: string, author: string | null) => string | null {
  const { person, books } = useStore();
  return (book, author) =>
    author === null || author === person.id
      ? null
      : (books.find((b) => b.id === book)?.party.find((p) => p.id === author)?.name ??
        'someone who has left');
}
