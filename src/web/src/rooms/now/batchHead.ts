import type { BatchProgress, Catalogue, Schema } from '../../core/contract';
import { show } from '../../shared/units';
import type { Batch } from '../../store/batches';

type Holding = Pick<Schema<'ContainerInHand'>, 'id' | 'litres' | 'water'>;

/**
 * What a running batch is, in a line: how much, by what, and its dose or boil. Where the log knows what of it is in its container, that is
 * how much there is. Topped up, what it was begun with is no longer what is in it; its steps say what is.
 */
export function batchHead(
  catalogue: Catalogue,
  batch: Batch,
  { addedL, volumeL }: Pick<BatchProgress, 'addedL' | 'volumeL'>,
  containers: Holding[] | undefined,
): string {
  const { answer } = batch;
  const its = containers?.find(({ id, water }) => id === batch.containerId && holds(water, batch.id));
  const litres = its?.litres ?? volumeL;
  return [
    ...(litres === null ? [] : [show(catalogue, 'volume', litres)]),
    answer.methodName,
    addedL === 0 ? answer.headline : 'topped up',
  ].join(' · ');
}

const holds = (water: Holding['water'], batch: string) =>
  (water.is === 'underWay' || water.is === 'clean') && water.batchIds.includes(batch);
