import { useEffect, useState } from 'react';
import { useCatalogue } from '../../core/CatalogueContext';
import { forgetLocal, keepLocal, readLocal } from '../../store/localSettings';
import type { Kept } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { freshDraft, type Draft } from './draft';

export interface DraftStore {
  draft: Draft;
  /** Sets what the person entered, and notes that it is no default any more. */
  set: (part: Partial<Draft>) => void;
  /** Whether a field still holds its default. */
  isDefault: (field: keyof Draft) => boolean;
  reset: () => void;
}

/** The draft of the Treat room, kept through a reload; what another room hands over comes on top. */
export function useDraft(kit: Kept<'kit-item'>[], handed: Partial<Draft> | null): DraftStore {
  const catalogue = useCatalogue();
  const key = `jolly-brook-treat-${useStore().db.storeId}`;
  const [draft, setDraft] = useState<Draft>(() => {
    const fresh = freshDraft(catalogue, kit);
    const before = { ...fresh, ...readLocal<Partial<Draft>>(key) };
    return handed === null ? before : withPart(before, handed);
  });
  useEffect(() => {
    // Defaults alone are not kept: they follow the kit.
    if (draft.touched.length === 0) forgetLocal(key);
    else keepLocal(key, draft);
  }, [key, draft]);

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
