import { failures } from './failures';

/*
 * The browser's quick storage, read at the very start of the page. Each thing is kept behind a checksum of its own text: cut
 * short, edited or half written it would come back as something of another shape, and a page drawn from that does not start.
 */

/** Keeps a thing in the quick storage. Where there is no room left, the page goes on without it. False when it was kept already. */
export function keepLocal(key: string, value: object): boolean {
  const text = sealed(JSON.stringify(value));
  if (localStorage.getItem(key) === text) return false;
  try {
    localStorage.setItem(key, text);
  } catch {
    failures.tell(
      'There is no room left on this device to keep your last choices. Your records are not touched.',
    );
  }
  return true;
}

/** What was kept, whole; damaged, it is put aside, so that the page starts clean and says so. Null when nothing was. */
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters -- only who kept it under this key knows what it is
export function readLocal<T extends object>(key: string): T | null {
  const kept = localStorage.getItem(key);
  if (kept === null) return null;
  const text = kept.slice(kept.indexOf(':') + 1);
  if (kept === sealed(text)) return JSON.parse(text) as T;
  localStorage.removeItem(key);
  failures.tell(
    'Something kept on this device was damaged and has been put aside. Your records are not touched; look your choices over.',
  );
  return null;
}

export function forgetLocal(key: string): void {
  localStorage.removeItem(key);
}

/** Puts everything kept here aside: last choices and copies of what can be had again. Records are elsewhere. */
export function forgetAllLocal(): void {
  localStorage.clear();
}

/** A text behind its checksum (FNV-1a, 32 bits: against damage, not against malice). */
function sealed(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return `${(hash >>> 0).toString(16)}:${text}`;
}
