import { Box, Skeleton, Typography } from '@mui/material';
import { lazy, Suspense, useId } from 'react';
import type { PickerProps } from './Pickers';
import { PlainPicker } from './PlainPicker';

// Nobody types a date before the first answer: the calendar comes when it is shown, and does without where the signal went before it.
const Picker = lazy(() =>
  import('./Pickers').then(
    ({ Picker }) => ({ default: Picker }),
    () => ({ default: PlainPicker }),
  ),
);

/** A field for a day or an hour, with its name above it. */
export function WallEntry({ label, ...rest }: Omit<PickerProps, 'labelId'> & { label: string }) {
  const id = useId();
  return (
    <Box>
      <Typography id={id} variant="body2" sx={{ color: 'text.secondary', mb: 0.5 }}>
        {label}
      </Typography>
      <Suspense fallback={<Skeleton variant="rounded" height={48} />}>
        <Picker labelId={id} {...rest} />
      </Suspense>
    </Box>
  );
}
