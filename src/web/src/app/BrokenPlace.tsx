import { useRouteError } from 'react-router';
import { BrokenScreen } from '../shared/BrokenScreen';

/** In the place of a room that broke; the rail beside it still leads to the others. */
export function BrokenPlace() {
  return <BrokenScreen error={useRouteError()} />;
}
