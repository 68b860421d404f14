import { expect, test } from 'vitest';
import { backupFile } from '../../src/rooms/settings/backup/backupFile';
import { schemaOf } from '../../src/store/recordSchema';
import { keep } from '../../src/store/records';
import { emptyStore, me } from '../store/shelf';

test('a backup holds every record of the one book, as it is kept, and nothing of another', async () => {
  const db = emptyStore();
  const bottle = { kind: 'container', name: 'Bottle', volumeL: 1 };
  await keep(db, 'kit-item', bottle as never, { id: 'k1' });
  await keep(db, 'book-line', { kind: 'note', at: null, note: 'Fog' }, { id: 'l2' });
  await keep(db, 'book-line', { kind: 'note', at: null, note: 'Clear' }, { id: 'l1' });
  await keep(db, 'book-line', { kind: 'note', at: null, note: 'Theirs' }, { id: 'l3', book: 'trip' });
  const file = await backupFile(db, me);
  expect(file).toMatchObject({ format: 'jolly-brook-backup', version: 1 });
  expect(Date.parse(file.madeAt!)).not.toBeNaN();
  expect(file.records).toEqual([
    {
      kind: 'book-line',
      id: 'l1',
      schema: schemaOf('book-line'),
      body: { kind: 'note', at: null, note: 'Clear' },
    },
    {
      kind: 'book-line',
      id: 'l2',
      schema: schemaOf('book-line'),
      body: { kind: 'note', at: null, note: 'Fog' },
    },
    { kind: 'kit-item', id: 'k1', schema: schemaOf('kit-item'), body: bottle },
  ]);
});

test('a record from before schemas had numbers is of the first', async () => {
  const db = emptyStore();
  await db.records.add({ book: me, kind: 'book-line', id: 'old', body: {}, revision: 1, author: me });
  expect((await backupFile(db, me)).records).toEqual([{ kind: 'book-line', id: 'old', schema: 1, body: {} }]);
});
