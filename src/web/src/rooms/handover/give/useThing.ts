import { useState } from 'react';
import type { Thing } from '../../../handover/gather';
import { useOpenBatches } from '../../../store/batches';
import { useRouteChoice } from '../../../shared/useRouteChoice';

export const spans = [
  { id: '1', name: 'The last hour' },
  { id: '6', name: 'The last 6 hours' },
  { id: '24', name: 'The last day' },
  { id: '72', name: 'The last three days' },
  { id: 'all', name: 'All of it' },
];

const hourMs = 3_600_000;

/** What is chosen to be handed over. */
export function useThing() {
  const running = useOpenBatches() ?? [];
  const { routes, route, choose } = useRouteChoice();
  const [of, setOf] = useState<Thing['of']>('lines');
  const [span, setSpan] = useState('24');
  // Codes must not change under the other phone: they are made as of when the span was chosen, and the span is counted from then.
  const [chosenAt, setChosenAt] = useState(() => Date.now());
  const [withParty, setWithParty] = useState(false);
  const [batchId, setBatchId] = useState('');
  const batch = running.find(({ id }) => id === batchId) ?? running[0];
  return {
    of,
    setOf,
    span,
    setSpan: (next: string) => {
      setSpan(next);
      setChosenAt(Date.now());
    },
    chosenAt,
    withParty,
    setWithParty,
    batch,
    running,
    setBatchId,
    routes: routes ?? [],
    route,
    choose,
    ...chosen(),
  };

  function chosen(): { thing: Thing | null; title: string } {
    switch (of) {
      case 'trip':
        return {
          thing: route ? { of, routeId: route.id, withParty } : null,
          title: `${route?.body.name ?? 'Trip'}${withParty ? ', with who walks and the kit' : ''}`,
        };
      case 'kit':
        return { thing: { of }, title: 'Kit' };
      case 'lines': {
        const since = span === 'all' ? 0 : chosenAt - Number(span) * hourMs;
        return {
          thing: { of, since: new Date(since).toISOString() },
          title: `Book: ${spans.find(({ id }) => id === span)!.name.toLowerCase()}`,
        };
      }
      case 'batch':
        return {
          thing: batch ? { of, batchId: batch.id } : null,
          title: `Batch in ${batch?.container ?? 'a container'}`,
        };
    }
  }
}
