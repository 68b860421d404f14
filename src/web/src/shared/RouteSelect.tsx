import type { Kept } from '../store/records';
import { SelectEntry } from './SelectEntry';

interface Props {
  routes: Kept<'route'>[];
  route: Kept<'route'> | undefined;
  onChoose: (id: string) => void;
}

/** The trip a page is about. */
export function RouteSelect({ routes, route, onChoose }: Props) {
  if (routes.length === 0) return null;
  return (
    <SelectEntry
      label="Trip"
      value={route?.id ?? ''}
      onChange={onChoose}
      choices={routes.map((r) => ({ id: r.id, name: r.body.name ?? 'Unnamed' }))}
    />
  );
}
