import CheckBox from '@mui/icons-material/CheckBox';
import CheckBoxOutlineBlank from '@mui/icons-material/CheckBoxOutlineBlank';
import { Box, ToggleButton, Typography } from '@mui/material';
import { useId } from 'react';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { Draft } from '../draft';

type Seen = Draft['seen'];

const groups = [
  { weight: 'stop', title: 'Seen here: leave it' },
  { weight: 'care', title: 'Seen here or upstream: take care' },
  { weight: 'good', title: 'Good signs' },
];

/** Ticks for what is seen, the gravest first. */
export function SignPicker({ seen, onChange }: { seen: Seen; onChange: (seen: Seen) => void }) {
  return groups.map(({ weight, title }) => (
    <SignGroup key={weight} weight={weight} title={title} seen={seen} onChange={onChange} />
  ));
}

function SignGroup({
  weight,
  title,
  seen,
  onChange,
}: {
  weight: string;
  title: string;
  seen: Seen;
  onChange: (seen: Seen) => void;
}) {
  const { lists } = useCatalogue();
  const id = useId();
  return (
    <Box role="group" aria-labelledby={id}>
      <Typography id={id} variant="body2" sx={{ color: 'text.secondary', mb: 0.5 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {lists.signs
          .filter((sign) => sign.weight === weight)
          .map((sign) => {
            const value = sign.id;
            const ticked = seen.includes(value);
            return (
              <ToggleButton
                key={sign.id}
                value={sign.id}
                selected={ticked}
                onChange={() => onChange(ticked ? seen.filter((s) => s !== value) : [...seen, value])}
                sx={{ borderRadius: 2, gap: 0.75, textAlign: 'left', px: 1.25 }}
              >
                {ticked ? (
                  <CheckBox fontSize="small" aria-hidden />
                ) : (
                  <CheckBoxOutlineBlank fontSize="small" aria-hidden />
                )}
                {sign.name}
              </ToggleButton>
            );
          })}
      </Box>
    </Box>
  );
}
