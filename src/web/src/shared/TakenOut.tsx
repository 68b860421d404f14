import { Box, Button, Typography } from '@mui/material';
import { Section } from './Section';

interface Props {
  /** What was taken out, each with its name. */
  things: { id: string; name: string }[];
  onPutBack: (id: string) => void;
}

/** What was taken out of a list: nothing is lost, each is put back by a tap. */
export function TakenOut({ things, onPutBack }: Props) {
  if (things.length === 0) return null;
  return (
    <Section title="Taken out">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {things.map(({ id, name }) => (
          <Box
            key={id}
            component="li"
            sx={{ display: 'flex', gap: 1, alignItems: 'center', justifyContent: 'space-between' }}
          >
            <Typography>{name}</Typography>
            <Button onClick={() => onPutBack(id)} aria-label={`Put ${name} back`}>
              Put it back
            </Button>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
