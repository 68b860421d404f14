import { useEffect, useState } from 'react';
import { calculate } from '../core/core';
import { untilChosen } from './settings';
import { useLink } from './useLink';

interface FirstPull {
  isAwaited: boolean;
  /** Opens what is here; what comes later is added. */
  goOn: () => void;
}

/**
 * The first pull of a device that has never met the server with this person: until it is through, book and kit would be told as empty.
 *
 * @param hasMet Whether it has; undefined while that is being read.
 */
export function useFirstPull(hasMet: boolean | undefined): FirstPull {
  const link = useLink();
  const [isWaitedFor, setWaitedFor] = useState(true);
  const isAwaited = hasMet === false && link === 'unknown' && isWaitedFor;
  useEffect(() => {
    // Needed first of all when it is through.
    if (isAwaited) void calculate('catalogue', { units: untilChosen.units }).catch(() => undefined);
  }, [isAwaited]);
  return { isAwaited, goOn: () => setWaitedFor(false) };
}
