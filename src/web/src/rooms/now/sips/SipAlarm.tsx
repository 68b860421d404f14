import { useEffect, useRef } from 'react';
import { useInHand } from '../../../store/InHandContext';
import { ring } from '../alarm';
import { useAlarmOn } from '../useAlarmOn';
import { useSips } from './useSips';

/** Rings once when a drink from what can't be seen falls due, in whatever room the person is. */
export function SipAlarm() {
  const state = useInHand();
  const [on] = useAlarmOn();
  return on && state?.containers.some(({ hidden }) => hidden) ? <Listening /> : null;
}

function Listening() {
  const reminders = useSips();
  const rung = useRef(new Set<string>());
  useEffect(() => {
    if (reminders === null) return;
    const due = reminders.filter(({ isDue }) => isDue);
    for (const { containerId, headline, words } of due) {
      if (!rung.current.has(containerId)) void ring(headline, words, containerId);
    }
    rung.current = new Set(due.map(({ containerId }) => containerId));
  }, [reminders]);
  return null;
}
