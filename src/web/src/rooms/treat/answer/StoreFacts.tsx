import { Box, Typography } from '@mui/material';
import type { TreatResponse } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { minutesText } from '../../../shared/time';
import { plain } from '../../../shared/units';

/** What it costs and how to keep the water afterwards. */
export function StoreFacts({ answer }: { answer: TreatResponse }) {
  const storage = answer.storage ?? [];
  return (
    <Section title="Keep it">
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {storage.map((line) => (
          <li key={line}>
            <Typography>{line}</Typography>
          </li>
        ))}
        {answer.dose?.neutraliserMg != null && (
          <li>
            <Typography>
              Against the taste, after the wait: {plain(answer.dose.neutraliserMg, 0)} mg of vitamin C.
            </Typography>
          </li>
        )}
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>
        {[
          answer.handsOnMinutes > 0 && `${minutesText(Math.ceil(answer.handsOnMinutes))} of work`,
          ...(answer.supplies ?? []),
        ]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
    </Section>
  );
}
