import { useMemo } from 'react';
import type { Schema } from '../core/contract';
import { useWholeKit } from './LocalDataContext';
import { useRecords } from './useRecords';

/** What walkers, pieces of kit, sources and trips are called. */
export function useNames() {
  const kit = useWholeKit();
  const walkers = useRecords('walker');
  const sources = useRecords('trip-source');
  const routes = useRecords('route');
  return useMemo(() => {
    const of = (records: { id: string; body: { name?: string | null } }[] | undefined) =>
      (records ?? []).map(({ id, body }): Schema<'NamedId'> => ({ id, name: body.name ?? null }));
    const named = [...of(walkers), ...of(kit), ...of(sources), ...of(routes)];
    const byId = new Map(named.map((n) => [n.id, n.name ?? '']));
    const name = (id: string | null | undefined) => (id ? (byId.get(id) ?? null) : null);
    return { named, name, walkers: walkers ?? [], sources: sources ?? [], kit };
  }, [kit, walkers, sources, routes]);
}
