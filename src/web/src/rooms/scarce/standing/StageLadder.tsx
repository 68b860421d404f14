import Check from '@mui/icons-material/Check';
import Close from '@mui/icons-material/Close';
import { Box, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { stageLooks } from './stageLooks';

/** All stages in order, each with its figures; what is reached is spelled out, the one to act on is framed. */
export function StageLadder({ stages }: { stages: Schema<'StageAnswer'>[] }) {
  return (
    <Section title="Stage by stage">
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.5 }}>
        {stages.map((stage) => (
          <Box
            component="li"
            key={stage.number}
            aria-current={stage.now ? 'step' : undefined}
            sx={{
              border: stage.now ? 3 : 1,
              borderColor: stage.now ? stageLooks(stage.number).colour : 'divider',
              borderRadius: 1,
              p: 1.5,
              display: 'grid',
              gap: 0.5,
            }}
          >
            <Typography variant="h3">
              {stage.number} · {stage.name}
              {stage.now ? ': now' : stage.reached ? ': still holds' : ''}
            </Typography>
            {stage.figures.map((line) => (
              <Typography key={line} variant="body2">
                {line}
              </Typography>
            ))}
            {(stage.now || (stage.reached && stage.number > 0)) && stage.actions.length > 0 && (
              <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {stage.actions.map((line) => (
                  <li key={line}>
                    <Typography sx={{ fontWeight: stage.now ? 650 : 400 }}>{line}</Typography>
                  </li>
                ))}
              </Box>
            )}
            {stage.conditions.length > 0 && !stage.now && (
              <>
                <Typography variant="body2" sx={{ color: 'text.secondary' }}>
                  Opens only when all of this is so:
                </Typography>
                {stage.conditions.map(({ words, met }) => (
                  <Box key={words} sx={{ display: 'flex', gap: 0.75 }}>
                    {met ? <Check fontSize="small" aria-hidden /> : <Close fontSize="small" aria-hidden />}
                    <Typography variant="body2">
                      {met ? 'So: ' : 'Not so: '}
                      {words}
                    </Typography>
                  </Box>
                ))}
              </>
            )}
          </Box>
        ))}
      </Box>
    </Section>
  );
}
