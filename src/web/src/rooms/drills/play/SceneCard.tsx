import { Box, Button, Typography } from '@mui/material';
import type { Drill, Schema } from '../../../core/contract';
import { Lines } from '../../../shared/Lines';
import { Section } from '../../../shared/Section';
import { minutesText } from '../../../shared/time';

interface Props {
  drill: Drill;
  onLook: (source: string, look: Schema<'Look'>) => void;
}

/** The scene: when and where, what is carried, and each water with the looks that can be taken. */
export function SceneCard({ drill, onLook }: Props) {
  const drawn = drill.steps.find(({ id }) => id === 'source')?.answer != null;
  return (
    <Section label="The scene">
      {drill.story.map((line) => (
        <Typography key={line}>{line}</Typography>
      ))}
      <div>
        <Typography variant="h3" component="h2">
          You carry
        </Typography>
        <Lines lines={drill.kit} />
      </div>
      {drill.sources.map((source) => (
        <Box key={source.id} component="article" aria-label={source.name} sx={{ display: 'grid', gap: 0.75 }}>
          <Typography variant="h2">{source.name}</Typography>
          <Typography>{source.seen.join(' · ')}</Typography>
          {source.looks
            .filter(({ found }) => found !== null)
            .map(({ look, name, found }) => (
              <Typography key={look}>
                <strong>{name}:</strong> {found}
              </Typography>
            ))}
          {!drawn && (
            <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
              {source.looks
                .filter(({ found }) => found === null)
                .map(({ look, name, minutes }) => (
                  <Button
                    key={look}
                    variant="outlined"
                    onClick={() => onLook(source.id, look)}
                    sx={{ px: 1.5, lineHeight: 1.2, textAlign: 'left' }}
                  >
                    {name} ({minutes} min)
                  </Button>
                ))}
            </Box>
          )}
        </Box>
      ))}
      <Typography sx={{ color: 'text.secondary' }}>Spent so far: {minutesText(drill.minutes)}</Typography>
    </Section>
  );
}
