import { useCatalogue } from '../../../store/CatalogueContext';
import type { Sighting } from '../../../core/contract';
import { TickGroup } from '../../../shared/TickGroup';

const groups = [
  { weight: 'stop', title: 'Seen here: leave it' },
  { weight: 'care', title: 'Seen here or upstream: take care' },
  { weight: 'good', title: 'Good signs' },
];

/** Ticks for what is seen, the gravest first. */
export function SignPicker({ seen, onChange }: { seen: Sighting[]; onChange: (seen: Sighting[]) => void }) {
  const { lists } = useCatalogue();
  return groups.map(({ weight, title }) => (
    <TickGroup
      key={weight}
      title={title}
      choices={lists.signs.filter((sign) => sign.weight === weight)}
      ticked={seen}
      onChange={onChange}
    />
  ));
}
