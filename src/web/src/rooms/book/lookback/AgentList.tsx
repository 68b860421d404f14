import { Box, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { clockTime, dayName } from '../../../shared/time';
import { plain } from '../../../shared/units';

const mostShown = 5;

/** Agents that could fit, each with what was drunk inside its window, the furthest short first. */
export function AgentList({ agents }: { agents: Schema<'CouldFit'>[] }) {
  if (agents.length === 0)
    return <Typography>Nothing in the book was drunk in time for any of them.</Typography>;
  return (
    <Box component="ul" aria-label="Agents" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {agents.map((agent) => (
        <Box component="li" key={agent.name} sx={{ py: 1.25, borderTop: 1, borderColor: 'divider' }}>
          <Typography sx={{ fontWeight: 750 }}>{agent.name} could fit</Typography>
          <Typography sx={{ color: 'text.secondary' }}>{agent.words}</Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {agent.fits.slice(0, mostShown).map((fit) => (
              <li key={`${fit.words}${fit.drunkAt}`}>
                <Typography>
                  {dayName(fit.drunkAt)}, {clockTime(fit.drunkAt, new Date(fit.drunkAt))}:{' '}
                  {fit.batchId ? <Link to={`/book/${fit.batchId}`}>{fit.words}</Link> : fit.words},{' '}
                  <strong>
                    {fit.shortByLogs > 0 ? `short by ${plain(fit.shortByLogs, 1)} log` : 'met the target'}
                  </strong>
                </Typography>
              </li>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
