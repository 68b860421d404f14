import type { Schema } from '../core/contract';

type Entry = Schema<'BackupEntry'>;

/** What goes from one phone to another: records as a backup has them, and of whom. */
export interface Bundle {
  format: 'jolly-brook-handover';
  version: 1;
  /** Who hands it over. */
  from: string;
  /** What it is, in words. */
  title: string;
  madeAt: string;
  books: { id: string; records: Entry[] }[];
}

/** What a bundle may come to when it is unpacked, bytes: a stranger's code is data with limits. */
const mostUnpacked = 4 * 1024 * 1024;
const mostRecords = 5_000;

/** Packs a bundle as small as it goes. */
export async function pack(bundle: Bundle): Promise<Uint8Array> {
  const text = new TextEncoder().encode(JSON.stringify(bundle));
  return collect(new Blob([text]).stream().pipeThrough(new CompressionStream('deflate-raw')), Infinity);
}

/** Unpacks a bundle. Rejects with what is wrong and what to do. */
export async function unpack(bytes: Uint8Array): Promise<Bundle> {
  let text: string;
  try {
    const stream = new Blob([bytes.slice()]).stream().pipeThrough(new DecompressionStream('deflate-raw'));
    text = new TextDecoder('utf-8', { fatal: true }).decode(await collect(stream, mostUnpacked));
  } catch {
    throw new Error(
      'These codes are damaged, or hold more than is ever handed over. Let the other phone show them again.',
    );
  }
  return readBundle(text);
}

/** A bundle out of its JSON, as a file has it. Throws with what is wrong and what to do. */
export function readBundle(text: string): Bundle {
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    throw new Error('This is cut short or is no JSON. Let the other phone make it again.');
  }
  if (!isBundle(found))
    throw new Error('This was not made under “Hand over”. Choose a file that was, or show its codes.');
  if (found.books.reduce((sum, { records }) => sum + records.length, 0) > mostRecords)
    throw new Error(`This holds more than ${mostRecords} records. Hand over less at once, or take a backup.`);
  return found;
}

function isBundle(found: unknown): found is Bundle {
  const bundle = found as Partial<Bundle> | null;
  return (
    typeof bundle === 'object' &&
    bundle !== null &&
    bundle.format === 'jolly-brook-handover' &&
    bundle.version === 1 &&
    typeof bundle.from === 'string' &&
    typeof bundle.title === 'string' &&
    typeof bundle.madeAt === 'string' &&
    Array.isArray(bundle.books) &&
    bundle.books.every(
      (book: unknown) =>
        typeof book === 'object' &&
        book !== null &&
        typeof (book as { id?: unknown }).id === 'string' &&
        Array.isArray((book as { records?: unknown }).records),
    )
  );
}

/** All of a stream, unless it comes to more than so many bytes. */
async function collect(stream: ReadableStream<Uint8Array<ArrayBuffer>>, most: number): Promise<Uint8Array> {
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let length = 0;
  const reader = stream.getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    length += value.length;
    if (length > most) {
      await reader.cancel();
      throw new RangeError('Too much.');
    }
    parts.push(value);
  }
  return new Uint8Array(await new Blob(parts).arrayBuffer());
}
