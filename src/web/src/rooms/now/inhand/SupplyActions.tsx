import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { useQuickWrite } from '../../../store/QuickWrite';

/** What can be told of a supply: bad news by one tap, counting and weighing by a short form. */
export function SupplyActions({ supply }: { supply: Schema<'SupplyInHand'> }) {
  const write = useQuickWrite();
  const { id: itemId, name, kind } = supply;
  const tell = (what: Schema<'MishapKind'>) => void write({ kind: 'mishap', itemId, what });
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
      {kind === 'filter' && (
        <>
          <Button aria-label={`${name}: it froze`} onClick={() => tell('froze')}>
            It froze
          </Button>
          <Button aria-label={`${name}: it fell`} onClick={() => tell('dropped')}>
            It fell
          </Button>
          <FormLink to="filterServiced" words="Looked after" name={name} />
        </>
      )}
      {kind === 'improvisedFilter' && (
        <>
          <Button aria-label={`${name}: it runs cloudy`} onClick={() => tell('runsCloudy')}>
            It runs cloudy
          </Button>
          <Button
            aria-label={`${name}: layers washed`}
            onClick={() => void write({ kind: 'filterServiced', itemId, service: 'newElement' })}
          >
            Layers washed
          </Button>
        </>
      )}
      {kind === 'burner' && <FormLink to="canisterWeighed" words="Weigh it" name={name} />}
      {kind === 'lamp' && <FormLink to="charged" words="Charged" name={name} />}
      {(kind === 'product' || kind === 'neutraliser' || kind === 'electrolytes' || kind === 'taste') && (
        <FormLink to="counted" words="Count anew" name={name} />
      )}
    </Box>
  );
}

function FormLink({ to, words, name }: { to: string; words: string; name: string }) {
  return (
    <Button component={Link} to={`/book/new-${to}`} aria-label={`${name}: ${words.toLowerCase()}`}>
      {words}
    </Button>
  );
}
