import { Box, Typography } from '@mui/material';
import type { Schema } from '../../core/contract';
import { clockTime } from '../../shared/time';

/** What is to be done, in order, by the clock. */
export function JobList({ jobs }: { jobs: Schema<'NightJob'>[] }) {
  return (
    <Box
      component="ol"
      aria-label="Evening to morning"
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}
    >
      {jobs.map((job) => (
        <Box
          component="li"
          key={`${job.at} ${job.title}`}
          sx={{ display: 'grid', gridTemplateColumns: '4.5rem minmax(0, 1fr)', gap: 1 }}
        >
          <Typography sx={{ fontWeight: 700, fontVariantNumeric: 'tabular-nums' }}>
            {clockTime(job.at)}
          </Typography>
          <Box>
            <Typography sx={{ fontWeight: 650 }}>
              {job.title}
              {job.until && `, until ${clockTime(job.until)}`}
            </Typography>
            <Typography variant="body2" color="text.secondary">
              {job.words}
            </Typography>
          </Box>
        </Box>
      ))}
    </Box>
  );
}
