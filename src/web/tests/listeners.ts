import { vi } from 'vitest';

/** Window and document of a test; what listens to them is called by its name. */
export function stubListeners(): Record<string, () => void> {
  const heard: Record<string, () => void> = {};
  const listening = {
    addEventListener: (name: string, listener: () => void) => (heard[name] = listener),
    removeEventListener: (name: string) => Reflect.deleteProperty(heard, name),
  };
  vi.stubGlobal('window', listening);
  vi.stubGlobal('document', listening);
  return heard;
}
