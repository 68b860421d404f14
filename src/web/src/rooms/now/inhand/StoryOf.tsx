import { Box, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import { clockTime } from '../../../shared/time';
import { useBatchesById } from '../../../store/batches';
import type { Entry } from '../../../store/bookLines';
import type { InHand } from '../../../store/InHandContext';
import { useLinesById } from '../../../store/useLinesById';
import { useLineWords } from '../../../store/useLineWords';

interface Props {
  ids: string[];
  state: InHand;
  onLeave: () => void;
}

/** The lines and batches that made a container what it is, oldest first, with what does not add up. */
export function StoryOf({ ids, state, onLeave }: Props) {
  const standing = ids.map((id) => state.replaced.find((r) => r.id === id && !r.takenBack)?.by ?? id);
  const lines = useLinesById(standing);
  const batches = useBatchesById(ids);
  if (!lines || !batches) return null;
  return (
    <Box component="ol" aria-label="How it came to this" sx={{ m: 0, pl: 2.5, display: 'grid', gap: 1 }}>
      {ids.map((id, i) => {
        const line = lines.find((l) => l.id === standing[i]);
        const batch = batches.find((b) => b.id === id);
        const doubt = state.doubts.find((d) => d.lineId === id);
        if (!line && !batch) return null;
        return (
          <li key={id}>
            <Typography>
              <MuiLink
                component={Link}
                color="inherit"
                to={line ? `/book/${line.id}` : `/now/${id}`}
                onClick={onLeave}
              >
                {clockTime(line?.body.at ?? batch?.startedAt ?? '')}
              </MuiLink>{' '}
              {line ? (
                <LineTitle line={line.body} />
              ) : (
                `${batch?.answer.methodName}: ${batch?.answer.headline}`
              )}
            </Typography>
            {doubt && (
              <Typography variant="body2" sx={{ color: 'warning.main', fontWeight: 650 }}>
                {doubt.words} {doubt.offer}
              </Typography>
            )}
          </li>
        );
      })}
    </Box>
  );
}

function LineTitle({ line }: { line: Entry }) {
  const { response } = useLineWords(line);
  return response?.title ?? '';
}
