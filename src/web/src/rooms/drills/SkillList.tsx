import { Box, Typography } from '@mui/material';
import type { Schema } from '../../core/contract';
import { Section } from '../../shared/Section';

const steps = [1, 2, 3, 4, 5];

/** Every skill, the weakest first: passes in a row as filled marks, and when it comes again. */
export function SkillList({ skills }: { skills: Schema<'SkillStanding'>[] }) {
  return (
    <Section title="How the skills stand">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
        {skills.map((skill) => (
          <Box
            component="li"
            key={skill.skill}
            sx={{ display: 'grid', gap: 1, alignItems: 'center', gridTemplateColumns: 'minmax(0, 1fr) auto' }}
          >
            <Typography>
              <strong>{skill.name}</strong>
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {' '}
                · {skill.words}
              </Box>
            </Typography>
            <Box
              role="img"
              aria-label={`${skill.step} of ${steps.length}`}
              sx={{ display: 'flex', gap: 0.5 }}
            >
              {steps.map((step) => (
                <Box
                  key={step}
                  sx={{
                    width: 14,
                    height: 14,
                    border: 2,
                    borderRadius: '50%',
                    borderColor: 'text.primary',
                    bgcolor: step <= skill.step ? 'text.primary' : 'transparent',
                  }}
                />
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
