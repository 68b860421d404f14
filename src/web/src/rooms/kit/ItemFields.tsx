import { BurnerFields } from './BurnerFields';
import { ContainerFields } from './ContainerFields';
import { FilterFields } from './FilterFields';
import { FlocculantFields } from './FlocculantFields';
import { LampFields } from './LampFields';
import { PortionFields } from './PortionFields';
import { PotFields } from './PotFields';
import { ProductFields } from './ProductFields';
import type { FieldsProps } from './fieldsProps';

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
