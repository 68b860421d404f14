import type { Schema } from '../../../core/contract';
import type { Draft } from '../../treat/draft';

/** What was made, as Treat takes it: kind, clarity and litres told, the rest as it stands there. */
export function treatDraft(made: Schema<'TreatAs'>): Partial<Draft> {
  return {
    here: null,
    sourceKind: made.kind,
    flow: made.flow,
    seen: [],
    rainLastDay: 'no',
    clarityBy: 'class',
    clarity: made.clarity,
    colour: made.colour,
    volumeL: Math.min(made.volumeL, 20),
    method: null,
    ...(made.snow === null ? {} : { snowKind: made.snow }),
  };
}
