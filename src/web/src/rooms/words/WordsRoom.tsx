import { Box, Stack, Typography } from '@mui/material';
import { useCalculation } from '../../core/useCalculation';
import { Section } from '../../shared/Section';

/** The words of the field, and the questions on which practitioners disagree. */
export function WordsRoom() {
  const { response, failure } = useCalculation('words', {});
  if (failure) return <Typography>No answer.</Typography>;
  if (!response) return null;
  return (
    <Stack spacing={1.5} sx={{ maxWidth: 900 }}>
      <Typography variant="h1">Words and schools</Typography>
      <Section title="Two rules above everything">
        <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
          {response.rules.map((rule) => (
            <li key={rule}>
              <Typography>{rule}</Typography>
            </li>
          ))}
        </Box>
      </Section>
      <Section title="Words">
        <Box component="dl" sx={{ m: 0, display: 'grid', gap: 1 }}>
          {response.words.map((word) => (
            <Box
              key={word.term}
              sx={{ display: 'grid', gridTemplateColumns: { sm: '180px 1fr' }, columnGap: 2 }}
            >
              <Typography component="dt" sx={{ fontWeight: 750 }}>
                {word.term}
              </Typography>
              <Typography component="dd" sx={{ m: 0 }}>
                {word.meaning}
              </Typography>
            </Box>
          ))}
        </Box>
      </Section>
      <Section title="Where practitioners disagree">
        {response.schools.map((school) => (
          <Box key={school.id} component="article" id={school.id}>
            <Typography variant="h3">{school.question}</Typography>
            <Typography sx={{ color: 'text.secondary' }}>{school.schools.join(' · ')}</Typography>
            <Typography>
              <strong>Here: </strong>
              {school.pick}
            </Typography>
          </Box>
        ))}
      </Section>
    </Stack>
  );
}
