import { Box, Typography } from '@mui/material';
import type { Schema } from '../../core/contract';
import { Section } from '../../shared/Section';

/** What is commonly said, beside the figure and never instead of it. */
export function RulesOfThumb({ rules }: { rules: Schema<'RuleOfThumb'>[] }) {
  return (
    <Section title="Rules of thumb, to compare">
      <Box
        component="dl"
        sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.5 }}
      >
        {rules.map(({ name, words }) => (
          <Box key={name} sx={{ display: 'contents' }}>
            <Typography component="dt">{name}</Typography>
            <Typography component="dd" sx={{ m: 0, fontWeight: 650 }}>
              {words}
            </Typography>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
