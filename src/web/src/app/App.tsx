import { CssBaseline, ThemeProvider } from '@mui/material';
import { useEffect, useMemo, useState } from 'react';
import { createBrowserRouter, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { CatalogueProvider } from '../core/CatalogueContext';
import { themeOf } from '../shared/theme';
import { InHandProvider } from '../store/InHandContext';
import { LocalDataProvider, useSettings } from '../store/LocalDataContext';
import { QuickWriteProvider } from '../store/QuickWrite';
import { RunningProvider } from '../store/RunningContext';
import { StoreProvider } from '../store/StoreContext';
import { BrokenPlace } from './BrokenPlace';
import { placeRoutes } from './placeCode';
import { Shell } from './Shell';
import { ShortcutProvider } from './shortcuts';
import { TripZone } from './TripZone';

/** Each place with a boundary of its own: what breaks in one leaves the others, and the way to them. */
function places(routes: RouteObject[]): RouteObject[] {
  return routes.map((route) => ({ ...route, errorElement: <BrokenPlace /> }));
}

const router = createBrowserRouter([
  {
    element: (
      <TripZone>
        <Shell />
      </TripZone>
    ),
    children: places([...placeRoutes, { path: '*', element: <Navigate to="/treat" replace /> }]),
  },
]);

export function App() {
  // Two sets of ground rules would stand in the order they happened to come: the first goes when the person's own theme is there.
  const [isThemed, setThemed] = useState(false);
  return (
    <ThemeProvider theme={themeOf('paper')}>
      {!isThemed && <CssBaseline />}
      <StoreProvider>
        <LocalDataProvider>
          <ThemedRooms onThemed={() => setThemed(true)} />
        </LocalDataProvider>
      </StoreProvider>
    </ThemeProvider>
  );
}

function ThemedRooms({ onThemed }: { onThemed: () => void }) {
  const { settings } = useSettings();
  const theme = useMemo(() => themeOf(settings.theme), [settings.theme]);
  // Said once, when these rooms are first drawn.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useEffect(onThemed, []);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <CatalogueProvider>
        <ShortcutProvider>
          <RunningProvider>
            <InHandProvider>
              <QuickWriteProvider>
                <RouterProvider router={router} />
              </QuickWriteProvider>
            </InHandProvider>
          </RunningProvider>
        </ShortcutProvider>
      </CatalogueProvider>
    </ThemeProvider>
  );
}
