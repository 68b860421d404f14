import { useEffect, useState } from 'react';
import { partial } from 'valibot';
import { useCatalogue } from '../../store/CatalogueContext';
import { enteredThing } from '../../shared/localThing';
import type { Kept } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { draftShape, freshDraft, type Draft } from './draft';

export interface DraftStore {
  draft: Draft;
  /** Sets what the person entered, and notes that it is no default any more. */
  set: (part: Partial<Draft>) => void;
  /** Whether a field still holds its default. */
  isDefault: (field: keyof Draft) => boolean;
  reset: () => void;
}

const draftOf = (storeId: string) =>
  enteredThing<Partial<Draft>>(`jolly-brook-treat-${storeId}`, { version: 1, schema: partial(draftShape) });

/** The draft of the Treat room, kept through a reload; what another room hands over comes on top. */
export function useDraft(kit: Kept<'kit-item'>[], handed: Partial<Draft> | null): DraftStore {
  const catalogue = useCatalogue();
  const { storeId } = useStore().db;
  const [draft, setDraft] = useState<Draft>(() => {
    const fresh = freshDraft(catalogue, kit);
    const before = { ...fresh, ...draftOf(storeId).read() };
    return handed === null ? before : withPart(before, handed);
  });
  useEffect(() => {
    // Defaults alone are not kept: they follow the kit.
    if (draft.touched.length === 0) draftOf(storeId).forget();
    else draftOf(storeId).keep(draft);
  }, [storeId, draft]);

  return {
    draft,
    set: (part) => setDraft((now) => withPart(now, part)),
    isDefault: (field) => !draft.touched.includes(field),
    reset: () => setDraft(freshDraft(catalogue, kit)),
  };
}

function withPart(draft: Draft, part: Partial<Draft>): Draft {
  return { ...draft, ...part, touched: [...new Set([...draft.touched, ...Object.keys(part)])] };
}
