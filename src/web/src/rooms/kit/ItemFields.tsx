import { BurnerFields } from './BurnerFields';
import { ContainerFields } from './ContainerFields';
import { FilterFields } from './FilterFields';
import { FlocculantFields } from './FlocculantFields';
import type { Entry } from '../../shared/NumberEntry';
import type { Item } from '../../store/kitItems';
import { LampFields } from './LampFields';
import { PortionFields } from './PortionFields';
import { PotFields } from './PotFields';
import { ProductFields } from './ProductFields';
import type { Told } from './told';

export interface FieldsProps<T extends Item = Item> {
  item: T;
  onChange: (item: Item) => void;
  /** What the log says of it, and may be told anew. */
  told: Told;
  onTell: (part: Partial<Told>) => void;
  errors: (field: string) => string | undefined;
}

export const asNumber = (entry: Entry) => entry as number | null;

/** The fields that matter for one kind of kit. */
export function ItemFields({ item, ...rest }: FieldsProps) {
  switch (item.kind) {
    case 'container':
      return <ContainerFields item={item} {...rest} />;
    case 'pot':
      return <PotFields item={item} {...rest} />;
    case 'filter':
      return <FilterFields item={item} {...rest} />;
    case 'lamp':
      return <LampFields item={item} {...rest} />;
    case 'product':
      return <ProductFields item={item} {...rest} />;
    case 'burner':
      return <BurnerFields item={item} {...rest} />;
    case 'flocculant':
      return <FlocculantFields item={item} {...rest} />;
    case 'taste':
    case 'neutraliser':
    case 'electrolytes':
      return <PortionFields item={item} {...rest} />;
    case 'improvisedFilter':
    case 'permanganate':
      return null;
  }
}
