import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import {
  Box,
  Button,
  Checkbox,
  FormControlLabel,
  IconButton,
  InputAdornment,
  TextField,
  Typography,
} from '@mui/material';
import { useId, useState } from 'react';
import { useCatalogue } from '../store/CatalogueContext';
import type { Schema } from '../core/contract';
import { DefaultMark } from './DefaultMark';
import type { Entry } from './entered';
import { eitherEntry, readEntry, typedScales, writeEntry } from './units';

interface Props {
  label: string;
  quantity: Schema<'Quantity'>;
  value: Entry;
  onChange: (value: Entry) => void;
  /** How far one tap on − or + goes, in the unit typed. */
  step: number;
  error?: string;
  /** Whether nobody has touched it yet. */
  isDefault?: boolean;
  /** The words of the "not known" box; left out where the number must be given. */
  unknown?: string;
  hint?: string;
}

const nudgeLook = { border: 1, borderColor: 'divider', borderRadius: 2, color: 'text.primary' } as const;

/** A number field for cold hands: big − and +, the unit beside it, and a box for "not known". */
export function NumberEntry({
  label,
  quantity,
  value,
  onChange,
  step,
  error,
  isDefault,
  unknown,
  hint,
}: Props) {
  const id = useId();
  const scales = typedScales(useCatalogue(), quantity);
  const scale = scales[0];
  const [typing, setTyping] = useState<string | null>(null);
  const text = typing ?? writeEntry(scale, value);
  const either = typeof value === 'string' ? eitherEntry(scales, value) : null;

  const nudge = (by: number) => {
    const shown = typeof value === 'number' ? value * scale.factor + scale.offset : 0;
    const next = Math.round((shown + by) / step) * step;
    setTyping(null);
    onChange((Number(next.toFixed(6)) - scale.offset) / scale.factor);
  };

  return (
    <Box>
      <Typography
        component="label"
        htmlFor={id}
        variant="body2"
        sx={{ display: 'block', color: 'text.secondary', mb: 0.5 }}
      >
        {label}
        {isDefault && <DefaultMark />}
      </Typography>
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 0.75 }}>
        <IconButton aria-label={`Less ${label.toLowerCase()}`} onClick={() => nudge(-step)} sx={nudgeLook}>
          <Remove />
        </IconButton>
        <TextField
          id={id}
          size="small"
          value={text}
          // Where a tick below says it, it is not said twice.
          placeholder={value === null && !unknown ? 'not known' : undefined}
          onChange={(event) => {
            setTyping(event.target.value);
            onChange(readEntry(scales, event.target.value));
          }}
          onBlur={() => setTyping(null)}
          error={error !== undefined || either !== null}
          helperText={either ? 'Which of the two is meant?' : (error ?? hint)}
          fullWidth
          slotProps={{
            htmlInput: { inputMode: 'decimal', autoComplete: 'off' },
            input: { endAdornment: <InputAdornment position="end">{scale.symbol}</InputAdornment> },
          }}
        />
        <IconButton aria-label={`More ${label.toLowerCase()}`} onClick={() => nudge(step)} sx={nudgeLook}>
          <Add />
        </IconButton>
      </Box>
      {either && (
        <Box role="group" aria-label={`What is meant by ${text}`} sx={{ display: 'flex', gap: 1, ml: 6 }}>
          {either.map(({ shown, inside }) => (
            <Button
              key={shown}
              variant="outlined"
              onClick={() => {
                setTyping(null);
                onChange(inside);
              }}
            >
              {shown}
            </Button>
          ))}
        </Box>
      )}
      {unknown && (
        <FormControlLabel
          sx={{ ml: 6, minHeight: 48 }}
          control={
            <Checkbox
              checked={value === null}
              onChange={(event) => {
                setTyping(null);
                if (event.target.checked) onChange(null);
              }}
              disabled={value === null}
            />
          }
          label={unknown}
        />
      )}
    </Box>
  );
}
