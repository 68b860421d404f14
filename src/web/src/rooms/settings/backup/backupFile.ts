import type { Schema } from '../../../core/contract';
import type { LocalStore } from '../../../store/db';
import { recordsIn } from '../../../store/records';

/** A book as a backup file, oldest record first within each kind. */
export async function backupFile(db: LocalStore, book: string): Promise<Schema<'BackupFile'>> {
  const records = await recordsIn(db, book).toArray();
  return {
    format: 'jolly-brook-backup',
    version: 1,
    madeAt: new Date().toISOString(),
    records: records.map(({ kind, id, schema, body }) => ({
      kind,
      id,
      schema: schema ?? 1,
      body: body,
    })),
  };
}
