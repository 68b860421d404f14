import LocalDrink from '@mui/icons-material/LocalDrink';
import { Button } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { InHand } from '../../../store/InHandContext';
import { useQuickWrite } from '../../../store/QuickWrite';
import { useWhose } from '../../book/write/useWhose';
import { drinkFirst } from './drinkFirst';

/** A cup drunk, by one tap, from the water that keeps the shortest. */
export function QuickDrink({ state }: { state: InHand }) {
  const { quickDrinks } = useCatalogue().lists.book;
  const write = useQuickWrite();
  const { whose } = useWhose();
  const from = drinkFirst(state.containers);
  const cup = quickDrinks.findLast(({ litres }) => from !== undefined && litres <= from.litres);
  if (from === undefined || cup === undefined) return null;
  return (
    <Button
      variant="outlined"
      startIcon={<LocalDrink />}
      onClick={() => void write({ kind: 'drank', litres: cup.litres, walkerId: whose, containerId: from.id })}
      sx={{ justifyContent: 'flex-start', textAlign: 'left' }}
    >
      {cup.name.charAt(0).toUpperCase() + cup.name.slice(1)} from {from.name}
    </Button>
  );
}
