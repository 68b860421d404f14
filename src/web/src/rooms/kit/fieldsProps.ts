import type { Item } from '../../store/kitItems';
import type { Told } from './told';

/** What every form of one kind of kit is given. */
export interface FieldsProps<T extends Item = Item> {
  item: T;
  onChange: (item: Item) => void;
  /** What the log says of it, and may be told anew. */
  told: Told;
  onTell: (part: Partial<Told>) => void;
  errors: (field: string) => string | undefined;
}
