import Block from '@mui/icons-material/Block';
import { Box, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';

interface Props {
  looks: Schema<'SearchLook'>[];
  chanceOfAny: number;
}

/** Looks in their order, each with its chance as a bar; those that would take too much are struck. */
export function LookList({ looks, chanceOfAny }: Props) {
  if (looks.length === 0) return null;
  // The country moves all of them alike: said once.
  const moved = looks.map(({ chanceWhy }) => chanceWhy).find((why) => why !== '');
  return (
    <>
      <Box
        component="ol"
        aria-label="Where to look"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.25 }}
      >
        {looks.map((look, i) => (
          <Box
            component="li"
            key={look.sign}
            sx={{ display: 'grid', gridTemplateColumns: '2rem minmax(0, 1fr)', gap: 1 }}
          >
            <Typography sx={{ fontSize: '1.4rem', fontWeight: 750, lineHeight: 1.2 }}>
              {look.isWithin ? i + 1 : <Block color="error" titleAccess="Not any more" />}
            </Typography>
            <Box>
              <Typography sx={{ fontWeight: 650 }}>{look.name}</Typography>
              <Box
                aria-hidden
                sx={{ height: 8, borderRadius: 1, bgcolor: 'action.hover', overflow: 'hidden' }}
              >
                <Box
                  sx={{
                    height: '100%',
                    width: `${100 * look.chance}%`,
                    bgcolor: look.isWithin ? 'primary.main' : 'text.disabled',
                  }}
                />
              </Box>
              <Typography>
                {look.words}
                {!look.isWithin && ': more than can be spared'}
              </Typography>
              <Typography variant="body2" color="text.secondary">
                {look.where}
              </Typography>
            </Box>
          </Box>
        ))}
      </Box>
      <Typography>
        One of those within reach finds water {Math.round(100 * chanceOfAny)} times in 100, where they do not
        hang together.
      </Typography>
      {moved !== undefined && (
        <Typography variant="body2" color="text.secondary">
          Counted in: {moved}.
        </Typography>
      )}
    </>
  );
}
