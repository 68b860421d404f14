import LocalDrink from '@mui/icons-material/LocalDrink';
import { Stack, Typography } from '@mui/material';
import type { SipReminder } from './useSips';

/** How what can't be seen is drunk, while nothing of it is due. */
export function SipLines({ reminders }: { reminders: SipReminder[] }) {
  const waiting = reminders.filter(({ isDue }) => !isDue);
  return waiting.map(({ containerId, headline, words }) => (
    <Stack key={containerId} direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
      <LocalDrink aria-hidden fontSize="small" sx={{ mt: 0.25 }} />
      <Typography variant="body2">
        <strong>{headline}.</strong> {words}
      </Typography>
    </Stack>
  ));
}
