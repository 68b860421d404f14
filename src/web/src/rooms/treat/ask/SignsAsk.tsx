import Block from '@mui/icons-material/Block';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Sighting } from '../../../core/contract';
import { SignPicker } from '../source/SignPicker';

interface Props {
  seen: Sighting[];
  onChange: (seen: Sighting[]) => void;
}

/** What no treatment takes out, and what raises the need: read once, answered by one tap where there is none of it. */
export function SignsAsk({ seen, onChange }: Props) {
  const { signs } = useCatalogue().lists;
  const [ticking, setTicking] = useState(seen.length > 0);
  const named = (weight: string) =>
    signs
      .filter((sign) => sign.weight === weight)
      .map(({ name }) => name.charAt(0).toLowerCase() + name.slice(1))
      .join(' · ');
  if (ticking) return <SignPicker seen={seen} onChange={onChange} />;
  return (
    <>
      <Typography sx={{ display: 'flex', gap: 1, lineHeight: 1.3 }}>
        <Block aria-hidden color="error" fontSize="small" sx={{ mt: 0.25, flexShrink: 0 }} />
        <span>
          <strong>Leave it if there is</strong> {named('stop')}.
        </span>
      </Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary', lineHeight: 1.3 }}>
        Take care with {named('care')}.
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" onClick={() => onChange([])} sx={{ flex: '1 0 auto' }}>
          None of these
        </Button>
        <Button variant="outlined" onClick={() => setTicking(true)} sx={{ flex: '1 0 auto' }}>
          Tick what is seen
        </Button>
      </Box>
    </>
  );
}
