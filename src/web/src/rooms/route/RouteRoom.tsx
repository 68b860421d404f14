import { Alert, Box, Button, Link as MuiLink, Stack, Tab, Tabs, Typography } from '@mui/material';
import { Link, useNavigate, useParams } from 'react-router';
import Add from '@mui/icons-material/Add';
import { SelectEntry } from '../../shared/SelectEntry';
import type { Kept } from '../../store/records';
import { useCurrent } from '../../store/useRecords';
import { CardPage } from './card/CardPage';
import { DaysPage } from './days/DaysPage';
import { GroundPage } from './ground/GroundPage';
import { NewRoute } from './ground/NewRoute';
import { PlanPage } from './plan/PlanPage';
import { SourcesPage } from './sources/SourcesPage';
import { SurePage } from './sure/SurePage';
import { TripProvider } from './TripContext';

const pages = [
  { id: 'plan', name: 'Plan', Page: PlanPage },
  { id: 'sources', name: 'Sources', Page: SourcesPage },
  { id: 'days', name: 'Days', Page: DaysPage },
  { id: 'sure', name: 'How sure', Page: SurePage },
  { id: 'card', name: 'Take it along', Page: CardPage },
  { id: 'ground', name: 'Ground', Page: GroundPage },
] as const;

/** The planning half: a route, its sources, and how much to carry between them. */
export function RouteRoom() {
  const { id, page } = useParams();
  const navigate = useNavigate();
  const routes = useCurrent('route');
  if (!routes) return null;
  const route = routes.find((r) => r.id === id) ?? (id === undefined ? routes[0] : undefined);
  if (!route) {
    return (
      <Stack spacing={2}>
        {id !== undefined && id !== 'new' && (
          <Alert severity="info" variant="outlined">
            That trip is not on this device: it was taken out, or has not come over yet.
            {routes.length > 0 && (
              <Box>
                <MuiLink component={Link} to="/route">
                  See the trips that are here
                </MuiLink>
              </Box>
            )}
          </Alert>
        )}
        <NewRoute first={routes.length === 0} />
      </Stack>
    );
  }
  const shown = pages.find((p) => p.id === page) ?? pages[0];

  return (
    <TripProvider key={route.id} route={route}>
      <Stack spacing={1}>
        <Box
          className="no-print"
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'end',
            flexWrap: { xs: 'wrap', lg: 'nowrap' },
            borderBottom: 1,
            borderColor: 'divider',
          }}
        >
          <RouteChoice
            routes={routes}
            shown={route}
            onOpen={(next) => void navigate(`/route/${next}/${shown.id}`)}
          />
          <Tabs
            value={shown.id}
            onChange={(_, next: string) => void navigate(`/route/${route.id}/${next}`)}
            variant="scrollable"
            allowScrollButtonsMobile
            aria-label="Parts of the trip"
            sx={{ minWidth: 0, flex: { lg: 1 } }}
          >
            {pages.map((p) => (
              <Tab
                key={p.id}
                value={p.id}
                label={p.name}
                sx={{ minHeight: 48, px: 1.5, color: 'text.primary', minWidth: 0 }}
              />
            ))}
          </Tabs>
          <Button component={Link} to="/route/new" startIcon={<Add />} sx={{ flexShrink: 0, px: 1 }}>
            New route
          </Button>
        </Box>
        <shown.Page />
      </Stack>
    </TripProvider>
  );
}

interface ChoiceProps {
  routes: Kept<'route'>[];
  shown: Kept<'route'>;
  onOpen: (id: string) => void;
}

function RouteChoice({ routes, shown, onOpen }: ChoiceProps) {
  if (routes.length === 1)
    return (
      <Typography variant="h1" sx={{ pb: 1.5, maxWidth: { lg: 300 } }}>
        {shown.body.name}
      </Typography>
    );
  return (
    <Box sx={{ width: { xs: '100%', lg: 270 }, flexShrink: 0, pb: 0.5 }}>
      <Typography variant="h1" sx={{ position: 'absolute', left: -9999 }}>
        {shown.body.name}
      </Typography>
      <SelectEntry
        label="Route"
        value={shown.id}
        onChange={onOpen}
        choices={routes.map((r) => ({ id: r.id, name: r.body.name ?? 'Unnamed' }))}
      />
    </Box>
  );
}
