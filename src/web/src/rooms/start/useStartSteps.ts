import { useCurrent, useRecords } from '../../store/useRecords';
import { useKit } from '../../store/LocalDataContext';

export type StepId = 'who' | 'carry' | 'where';

export interface StartStep {
  id: StepId;
  name: string;
  isDone: boolean;
}

/** The three things a first plan stands on, and which of them are there: what is kept already is never asked again. Null until read. */
export function useStartSteps(): StartStep[] | null {
  const walkers = useRecords('walker');
  const routes = useCurrent('route');
  const kit = useKit();
  if (!walkers || !routes) return null;
  return [
    { id: 'who', name: 'Who walks', isDone: walkers.length > 0 },
    { id: 'carry', name: 'What you carry', isDone: kit.length > 0 },
    { id: 'where', name: 'Where you go', isDone: routes.length > 0 },
  ];
}
