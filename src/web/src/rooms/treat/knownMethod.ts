import type { Catalogue } from '../../core/contract';
import type { Kept } from '../../store/records';
import type { Draft } from './draft';
import { kitTreats } from './toRequest';

/** Whether the chain chosen is still one there is. */
export function isKnownMethod(draft: Draft, kit: Kept<'kit-item'>[], { methods }: Catalogue): boolean {
  if (draft.method === null) return true;
  if (draft.method === 'untreated') return draft.acceptUntreated;
  const treats = kitTreats(kit);
  const generic = !treats || draft.beyondKit ? methods.map((method) => method.id) : [];
  const known = [...kit.map((item) => item.id), ...generic, ...(treats ? ['sunlight'] : [])];
  return draft.method.split('+').every((id) => known.includes(id));
}
