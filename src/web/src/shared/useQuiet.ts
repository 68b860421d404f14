import { useEffect, useState } from 'react';

/** A value once it has kept still for a while; until then the one before. */
export function useQuiet<T>(value: T, milliseconds: number): T {
  const [still, setStill] = useState(value);
  const key = JSON.stringify(value);
  useEffect(() => {
    const timer = setTimeout(() => setStill(JSON.parse(key) as T), milliseconds);
    return () => clearTimeout(timer);
  }, [key, milliseconds]);
  return still;
}
