import Block from '@mui/icons-material/Block';
import { Box, Typography } from '@mui/material';
import { Section } from '../../../shared/Section';

/** What is never drunk, and whether the water here is of that kind. */
export function NeverList({ never, stops }: { never: string[]; stops: string[] }) {
  return (
    <Section title="Never, however short">
      {stops.map((line) => (
        <Typography key={line} role="alert" color="error" sx={{ fontWeight: 700 }}>
          The water here: {line}
        </Typography>
      ))}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
        {never.map((line) => (
          <Box component="li" key={line} sx={{ display: 'flex', gap: 1 }}>
            <Block aria-hidden sx={{ color: 'error.main' }} />
            <Typography>{line}</Typography>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
