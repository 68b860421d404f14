import { Box, Stack, Typography } from '@mui/material';
import { useNavigate, useParams } from 'react-router';
import { Reading } from '../../shared/Reading';
import { SelectEntry } from '../../shared/SelectEntry';
import { useNowMinute } from '../../shared/useNow';
import { useCurrent, useRecords } from '../../store/useRecords';
import { dayChoices, dayMeant } from '../day/dayChoices';
import { WinterNightPage } from './WinterNightPage';

const noTrip = '/winter/own';

/** A night in the cold: of a trip's evening, or of none. */
export function WinterRoom() {
  const { route, evening } = useParams();
  const navigate = useNavigate();
  const now = Date.parse(useNowMinute());
  const routes = useCurrent('route');
  const days = useRecords('day');
  if (!routes || !days) return <Reading what="Winter night" />;
  const evenings = dayChoices(routes, days).filter((c) => c.kind === 'evening');
  const meant = dayMeant(evenings, now);
  const shown =
    route === 'own'
      ? undefined
      : (evenings.find((c) => c.route.id === route && `${c.evening}` === evening) ??
        (meant?.kind === 'evening' ? meant : undefined));
  const pathOf = (c: (typeof evenings)[number]) => `/winter/${c.route.id}/${c.evening}`;

  return (
    <Stack spacing={1.5}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap' }}>
        <Typography variant="h1">Winter night</Typography>
        {evenings.length > 0 && (
          <Box sx={{ minWidth: 260, flexGrow: { xs: 1, md: 0 } }}>
            <SelectEntry
              label="Evening"
              value={shown ? pathOf(shown) : noTrip}
              onChange={(path) => void navigate(path)}
              choices={[
                ...evenings.map((c) => ({ id: pathOf(c), name: c.name })),
                { id: noTrip, name: 'No trip: told here' },
              ]}
            />
          </Box>
        )}
      </Box>
      <WinterNightPage
        key={shown?.path ?? noTrip}
        name={shown?.path ?? noTrip}
        route={shown?.route}
        evening={shown?.evening ?? null}
      />
    </Stack>
  );
}
