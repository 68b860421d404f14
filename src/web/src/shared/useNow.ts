import { useEffect, useState } from 'react';
import { thisMinute } from './thisMinute';

/** The time now, to the whole minute, kept current. */
export function useNowMinute(): string {
  const [minute, setMinute] = useState(thisMinute);
  useEffect(() => {
    const timer = setInterval(() => setMinute(thisMinute()), 5_000);
    return () => clearInterval(timer);
  }, []);
  return minute;
}
