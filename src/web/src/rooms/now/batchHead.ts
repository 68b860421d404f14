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
  addedL: BatchProgress['addedL'],
  containers: Holding[] | undefined,
): string {
  const { request, answer } = batch;
  const its = containers?.find(({ id, water }) => id === batch.containerId && holds(water, batch.id));
  const asTold = addedL === null ? null : (request.water?.volumeL ?? 0) + addedL;
  const litres = its?.litres ?? asTold;
  return [
    ...(litres === null ? [] : [show(catalogue, 'volume', litres)]),
    answer.methodName,
    addedL === 0 ? answer.headline : 'topped up',
  ].join(' · ');
}

const holds = (water: Holding['water'], batch: string) =>
  (water.is === 'underWay' || water.is === 'clean') && water.batchIds.includes(batch);
