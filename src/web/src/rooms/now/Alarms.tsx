import { useEffect, useRef } from 'react';
import { useRunning } from '../../store/RunningContext';
import { ring } from './alarm';
import { useAlarmOn } from './useAlarmOn';

/** Rings once when a batch's clock has run out, in whatever room the person is. */
export function Alarms() {
  const running = useRunning();
  const [on] = useAlarmOn();
  const before = useRef(new Map<string, string>());

  useEffect(() => {
    if (running === undefined) return;
    const now = new Map(
      running.map(({ batch, progress }) => {
        const ticking = progress.clock !== null && progress.clock.remainingSeconds > 0;
        return [batch.id, ticking ? `ticking ${progress.clock!.stepId}` : progress.state];
      }),
    );
    for (const { batch, progress } of running) {
      const was = before.current.get(batch.id);
      if (on && was?.startsWith('ticking') && was !== now.get(batch.id)) {
        const ticked = progress.steps.find(({ step }) => `ticking ${step.id}` === was);
        const tappedOn = ticked?.state === 'done' && ticked.step.clock === 'guide';
        if (!tappedOn) void ring(`${batch.container}: ${progress.words}`, ticked?.step.title ?? '', batch.id);
      }
    }
    before.current = now;
  }, [running, on]);
  return null;
}
