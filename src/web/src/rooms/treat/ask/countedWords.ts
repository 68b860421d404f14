import type { Catalogue } from '../../../core/contract';
import { show } from '../../../shared/units';
import type { Draft } from '../draft';
import { askFields } from './askFields';

const named = (choices: { id: string; name: string }[], id: string) =>
  choices.find((c) => c.id === id)?.name ?? id;

/** What is counted for a field, in a few words. */
export function countedWords(field: string, draft: Draft, catalogue: Catalogue): string {
  const ask = askFields[field];
  switch (ask?.by) {
    case 'signs':
      return draft.seen.length === 0
        ? 'Nothing seen'
        : draft.seen.map((id) => named(catalogue.lists.signs, id)).join(', ');
    case 'kind':
      return named(catalogue.lists.sourceKinds, draft.sourceKind);
    case 'flow':
      return named(catalogue.lists.flows, draft.flow);
    case 'clarity':
      return clarityWords(draft, catalogue);
    case 'colour':
      return named(catalogue.colours, draft.colour);
    case 'number': {
      const value = draft[ask.key];
      return `${ask.name}: ${typeof value === 'number' ? show(catalogue, ask.quantity, value) : 'not known'}`;
    }
    case 'choice':
      return `${ask.name}: ${named(ask.choices(catalogue), draft[ask.key] as string).toLowerCase()}`;
    case 'yesNo':
      return `${ask.name}: ${draft[ask.key] ? 'yes' : 'no'}`;
    default:
      return ask?.name ?? field;
  }
}

function clarityWords(draft: Draft, catalogue: Catalogue): string {
  if (draft.clarityBy === 'depth' && typeof draft.vanishingDepthCm === 'number')
    return `Mark vanishes at ${show(catalogue, 'length', draft.vanishingDepthCm)}`;
  if (draft.clarityBy === 'probe' && typeof draft.turbidityNtu === 'number')
    return show(catalogue, 'turbidity', draft.turbidityNtu);
  return named(catalogue.clarities, draft.clarity);
}
