import { Box, Chip } from '@mui/material';
import Check from '@mui/icons-material/Check';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { Schema } from '../../../core/contract';

type Sign = Schema<'BodySign'>;

/** Signs to tick, the grave ones first and marked. */
export function SignTicks({ signs, onChange }: { signs: Sign[]; onChange: (signs: Sign[]) => void }) {
  const { lists } = useCatalogue();
  const toggle = (sign: Sign) =>
    onChange(signs.includes(sign) ? signs.filter((s) => s !== sign) : [...signs, sign]);
  return (
    <Box role="group" aria-label="Signs" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {lists.bodySigns.map(({ sign, name, grave }) => {
        const ticked = signs.includes(sign);
        return (
          <Chip
            key={sign}
            label={name}
            role="checkbox"
            aria-checked={ticked}
            icon={ticked ? <Check /> : grave ? <WarningAmber /> : undefined}
            color={ticked ? 'primary' : 'default'}
            variant={ticked ? 'filled' : 'outlined'}
            onClick={() => toggle(sign)}
            sx={{ minHeight: 48, fontSize: '1rem', borderRadius: 3 }}
          />
        );
      })}
    </Box>
  );
}
