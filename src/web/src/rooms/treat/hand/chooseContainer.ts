import type { InHand } from '../../../store/InHandContext';
import { ofItemKind } from '../../../store/kitItems';
import type { Kept } from '../../../store/records';
import type { Draft } from '../draft';

/** What changes with another container: its water where it holds raw water, else its brim. */
export function chooseContainer(
  id: string | null,
  kit: Kept<'kit-item'>[],
  state: InHand | undefined,
  draft: Draft,
): Partial<Draft> {
  const body = ofItemKind(kit, 'container').find((item) => item.id === id)?.body;
  const chosen = state?.containers.find((container) => container.id === id);
  return {
    containerId: id,
    volumeL: chosen?.water.is === 'raw' ? chosen.litres : (body?.volumeL ?? draft.volumeL),
    depthCm: body?.depthCm ?? draft.depthCm,
  };
}
