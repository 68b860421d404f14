import CheckCircle from '@mui/icons-material/CheckCircle';
import { Box, Button, Stack, Typography } from '@mui/material';
import { Link } from 'react-router';
import { Section } from '../../shared/Section';
import { drillAddress } from './address';
import { useStanding } from './ProgressContext';
import { SkillList } from './SkillList';

/** Today's drill, the next one, the quiz, and how the skills stand. */
export function DrillsHome() {
  const { response, failure } = useStanding().progress;
  if (failure) return <Typography>No answer.</Typography>;
  if (!response) return null;
  const { daily, next, nextQuiz, skills } = response;
  return (
    <Stack spacing={1.5}>
      <Typography variant="h1">Practice</Typography>
      <Typography data-testid="headline" sx={{ fontSize: '1.4rem', fontWeight: 700 }}>
        {response.headline}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: 'repeat(3, 1fr)' } }}>
        <Section title="Next">
          <Typography>{next.words}</Typography>
          <Box>
            <Button component={Link} to={drillAddress(next)} variant="contained" size="large">
              Take this drill
            </Button>
          </Box>
        </Section>
        <Section title="Today’s drill">
          <Typography>{daily.words}</Typography>
          {daily.done ? (
            <Box sx={{ display: 'flex', gap: 1, color: 'success.main', alignItems: 'center', minHeight: 48 }}>
              <CheckCircle aria-hidden />
              <Typography sx={{ fontWeight: 650 }}>Passed</Typography>
            </Box>
          ) : (
            <Box>
              <Button component={Link} to={drillAddress(daily)} variant="outlined" size="large">
                Take today’s
              </Button>
            </Box>
          )}
        </Section>
        <Section title="Quick questions">
          <Typography>
            Doses and waits, snow and frost, a dry source, signs on somebody. Next:{' '}
            {skills.find(({ skill }) => skill === nextQuiz)?.name.toLowerCase()}.
          </Typography>
          <Box>
            <Button component={Link} to="/drills/quiz" variant="outlined" size="large">
              Ask me
            </Button>
          </Box>
        </Section>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          alignItems: 'start',
          gridTemplateColumns: { xs: '1fr', lg: '3fr 2fr' },
        }}
      >
        <SkillList skills={skills} />
        <Section title="Levels">
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
            {response.levels.map(({ level, name, done, passed }) => (
              <Box
                component="li"
                key={level}
                sx={{ display: 'flex', gap: 1, alignItems: 'center', justifyContent: 'space-between' }}
              >
                <Typography>
                  <strong>{level}</strong> · {name}
                  <Box component="span" sx={{ color: 'text.secondary' }}>
                    {' '}
                    {done === 0 ? 'not tried' : `${passed} of ${done} passed`}
                  </Box>
                </Typography>
                <Button
                  component={Link}
                  to={drillAddress({
                    seed: response.quizSeed * 10 + level + done * 1000,
                    level,
                    focus: null,
                  })}
                >
                  Take level {level}
                </Button>
              </Box>
            ))}
          </Box>
        </Section>
      </Box>
    </Stack>
  );
}
