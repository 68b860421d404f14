import type { Schema } from '../../../core/contract';
import type { ContainerInHand } from '../../../store/InHandContext';

/** What is in hand to drink and can't be seen, as the core is asked about it. */
export const hiddenWater = (containers: ContainerInHand[]): Schema<'HiddenWater'>[] =>
  containers.flatMap(({ id, name, litres, hidden }) =>
    hidden ? [{ id, name, litres, since: hidden.since, drinkerId: hidden.drinkerId }] : [],
  );
