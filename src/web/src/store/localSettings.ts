import { failures } from './failures';

/** Reads what was kept in the browser's quick storage; damaged, it is put aside, so that the page starts clean and says so. */
export function readLocal<T extends object>(
  key: string,
  isWhole: (value: T) => boolean = () => true,
): T | null {
  const kept = localStorage.getItem(key);
  if (kept === null) return null;
  try {
    const value: unknown = JSON.parse(kept);
    if (typeof value === 'object' && value !== null && isWhole(value as T)) return value as T;
  } catch {
    // Put aside below.
  }
  localStorage.removeItem(key);
  failures.tell(
    'Something kept on this device was damaged and has been put aside. Your records are not touched; look your choices over.',
  );
  return null;
}
