import { useEffect, useState } from 'react';
import { useStore } from './StoreContext';
import { useLink } from './useLink';

/**
 * Whether the book is on this device as far as it can be: a device that never met the server waits for its
 * first word with it, or for the news that there is none to be had.
 */
export function useBookHere(): boolean {
  const { db } = useStore();
  const link = useLink();
  // Undefined until it has been looked up.
  const [hadMet, setHadMet] = useState<boolean>();
  useEffect(() => {
    let left = false;
    const look = async () => {
      const books = await db.meta.where('key').startsWith('revision ').count();
      if (!left) setHadMet(books > 0);
    };
    look().catch(() => !left && setHadMet(true));
    return () => {
      left = true;
    };
  }, [db]);
  return hadMet === true || (hadMet === false && link !== 'unknown');
}
