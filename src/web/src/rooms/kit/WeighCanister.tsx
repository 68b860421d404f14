import { Button } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../store/CatalogueContext';
import { useCalculation } from '../../core/useCalculation';
import { NumberEntry } from '../../shared/NumberEntry';
import { show } from '../../shared/units';
import { useSettings } from '../../store/LocalDataContext';
import type { ItemOf } from '../../store/kitItems';
import type { Entry } from '../../shared/entered';

interface Props {
  item: ItemOf<'burner'>;
  onWeighed: (fuelLeftG: number) => void;
}

/** The canister as it stands on the scale; what is left is that less its empty weight. */
export function WeighCanister({ item, onWeighed }: Props) {
  const catalogue = useCatalogue();
  const { units } = useSettings().settings;
  const [weighed, setWeighed] = useState<Entry>(null);
  const { response, problem } = useCalculation(
    'kit-item',
    weighed === null ? null : { units, item, weighedG: weighed as number },
  );
  const left = weighed === null ? null : (response?.fuelLeftG ?? null);
  return (
    <>
      <NumberEntry
        label="Weighed now, as it is"
        quantity="fuelMass"
        step={5}
        value={weighed}
        onChange={setWeighed}
        error={problem?.errors.find((e) => e.field === 'weighedG')?.message}
        hint="Stove off, canister dry."
      />
      {left !== null && (
        <Button variant="outlined" onClick={() => onWeighed(left)}>
          {show(catalogue, 'fuelMass', left)} left: take it over
        </Button>
      )}
    </>
  );
}
