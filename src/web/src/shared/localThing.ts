import { safeParse, type GenericSchema } from 'valibot';
import { failures } from './failures';

/*
 * The browser's quick storage, read at the very start of the page. Each thing is kept behind the version of its shape and a checksum of its
 * own text, and is held against its shape before anything is drawn from it: cut short, edited, half written or kept by an older page it
 * would come back as something else, and a page drawn from that does not start.
 */

/** One thing in the quick storage. */
export interface LocalThing<T extends object> {
  /** What was kept, whole and of this shape; anything else is put aside, so that the page starts clean. Null when nothing was. */
  read: () => T | null;
  /** Where there is no room left, the page goes on without it. False when it was kept already. */
  keep: (value: T) => boolean;
  forget: () => void;
}

interface Shape<T> {
  /** Raised when the same text would mean something else. */
  version: number;
  schema: GenericSchema<unknown, T>;
}

const damaged = 'Something kept on this device was damaged and has been put aside.';
const older = 'Something that another version of this program kept on this device has been put aside.';
const lookOver = 'Your records are not touched; look your choices over.';

/** What somebody entered or chose: it outlives a new build, and is not lost unsaid. */
export function enteredThing<T extends object>(key: string, { version, schema }: Shape<T>): LocalThing<T> {
  return localThing<T>(key, String(version), (told) => {
    const fitting = told?.isOfVersion === true ? safeParse(schema, told.value) : null;
    if (fitting?.success === true) return fitting.output;
    failures.tell(`${told === null ? damaged : older} ${lookOver}`);
    return null;
  });
}

/** What this build of the program answered: another one is asked again. */
export function answeredThing<T extends object>(key: string): LocalThing<T> {
  // Of the same build it is of the shape that it was kept in.
  return localThing<T>(key, __BUILD__, (told) => (told?.isOfVersion === true ? (told.value as T) : null));
}

interface Told {
  value: unknown;
  isOfVersion: boolean;
}

/** @param taken What may be used of it; null of what is damaged as text. */
function localThing<T extends object>(
  key: string,
  version: string,
  taken: (told: Told | null) => T | null,
): LocalThing<T> {
  const forget = () => localStorage.removeItem(key);
  return {
    read: () => {
      const kept = localStorage.getItem(key);
      if (kept === null) return null;
      const value = taken(opened(kept, version));
      if (value === null) forget();
      return value;
    },
    keep: (value) => {
      const text = sealed(`${version}:${JSON.stringify(value)}`);
      if (localStorage.getItem(key) === text) return false;
      try {
        localStorage.setItem(key, text);
      } catch {
        failures.tell(
          'There is no room left on this device to keep your last choices. Your records are not touched.',
        );
      }
      return true;
    },
    forget,
  };
}

/** Puts everything kept here aside: last choices and copies of what can be had again. Records are elsewhere. */
export function forgetAllLocal(): void {
  localStorage.clear();
}

function opened(kept: string, version: string): Told | null {
  const text = afterColon(kept);
  if (kept !== sealed(text)) return null;
  const isOfVersion = text.startsWith(`${version}:`);
  return { value: isOfVersion ? JSON.parse(afterColon(text)) : null, isOfVersion };
}

const afterColon = (text: string) => text.slice(text.indexOf(':') + 1);

/** A text behind its checksum (FNV-1a, 32 bits: against damage, not against malice). */
function sealed(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return `${(hash >>> 0).toString(16)}:${text}`;
}
