import { createElement, useEffect, useState, type ComponentType } from 'react';
import { useTellShown } from '../shared/firstShown';
import { useHeld } from '../shared/held';
import { NotHereYetScreen } from './NotHereYetScreen';
import type { Part } from './part';

interface Props<M> {
  part: Part<M>;
  room: (part: M) => ComponentType;
}

/** A place out of a part of the program: at once where it is here, else when it has been fetched. */
export function PartPlace<M>({ part, room }: Props<M>) {
  const here = useHeld(part);
  const [missed, setMissed] = useState<typeof room | null>(null);
  useEffect(() => {
    if (here === null) part.fetch().catch(() => setMissed(() => room));
  }, [here, part, room]);
  useTellShown(here !== null);
  if (here !== null) return createElement(room(here));
  return missed === room ? <NotHereYetScreen /> : null;
}
