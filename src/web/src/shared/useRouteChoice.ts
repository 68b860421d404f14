import { useState } from 'react';
import type { Kept } from '../store/records';
import { useCurrent } from '../store/useRecords';

/** Which of the routes a page is about: the one chosen, or the first. */
export function useRouteChoice() {
  const routes = useCurrent('route');
  const [id, choose] = useState('');
  const route: Kept<'route'> | undefined = routes?.find((r) => r.id === id) ?? routes?.[0];
  return { routes, route, choose };
}
