import { api } from '../api';
import type { LocalStore } from '../db';
import { putAll } from '../records';

/** Pulls what is new in a book. What waits to be sent from here is left as it is: sending it brings up the other version. */
export async function pullBook(db: LocalStore, book: string): Promise<void> {
  const key = `revision ${book}`;
  for (;;) {
    const since = ((await db.meta.get(key))?.value as number | undefined) ?? 0;
    const { data, response } = await api.GET('/api/books/{book}/changes', {
      params: { path: { book }, query: { since } },
    });
    if (!data) throw new Error(`The server answered ${response.status}.`);
    await db.transaction('rw', db.records, db.outbox, db.openBatches, db.meta, async () => {
      const waiting = new Set(
        (await db.outbox.toArray()).map((item) => `${item.book} ${item.kind} ${item.id}`),
      );
      const news = data.records.filter(({ kind, id }) => !waiting.has(`${book} ${kind} ${id}`));
      const gone = news.filter(({ body }) => body === null);
      await db.records.bulkDelete(gone.map(({ kind, id }) => [book, kind, id]));
      await putAll(
        db,
        news.flatMap(({ kind, id, revision, author, body }) =>
          body === null ? [] : [{ book, kind, id, revision, author, body }],
        ),
      );
      await db.meta.put({ key, value: data.revision });
    });
    if (!data.more) return;
  }
}
