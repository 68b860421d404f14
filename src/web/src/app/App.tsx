import { CssBaseline, ThemeProvider } from '@mui/material';
import { useEffect, useMemo, useState } from 'react';
import { createBrowserRouter, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { CatalogueProvider } from '../core/CatalogueContext';
import { NowRoom } from '../rooms/now/NowRoom';
import { TreatRoom } from '../rooms/treat/TreatRoom';
import { themeOf } from '../shared/theme';
import { InHandProvider } from '../store/InHandContext';
import { LocalDataProvider, useSettings } from '../store/LocalDataContext';
import { QuickWriteProvider } from '../store/QuickWrite';
import { RunningProvider } from '../store/RunningContext';
import { StoreProvider } from '../store/StoreContext';
import { BrokenPlace } from './BrokenPlace';
import { laterRooms } from './laterRooms';
import { MorePage } from './MorePage';
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
    children: places([
      { path: '/now/:id?', element: <NowRoom /> },
      { path: '/treat', element: <TreatRoom /> },
      { path: '/route/:id?/:page?', lazy: laterRooms.route },
      { path: '/day/:id?', lazy: laterRooms.day },
      { path: '/day/plan/:route/:evening', lazy: laterRooms.day },
      { path: '/winter/:route?/:evening?', lazy: laterRooms.winter },
      { path: '/body/:id?/:page?', lazy: laterRooms.body },
      { path: '/kit/:id?', lazy: laterRooms.kit },
      { path: '/book/:id?', lazy: laterRooms.book },
      { path: '/scarce/:page?', lazy: laterRooms.scarce },
      { path: '/drills/:page?', lazy: laterRooms.drills },
      { path: '/handover/:page?', lazy: laterRooms.handover },
      { path: '/words', lazy: laterRooms.words },
      { path: '/settings/:page?', lazy: laterRooms.settings },
      { path: '/start', lazy: laterRooms.start },
      { path: '/more', element: <MorePage /> },
      { path: '/choose', lazy: laterRooms.choose },
      { path: '/join', lazy: laterRooms.join },
      { path: '*', element: <Navigate to="/treat" replace /> },
    ]),
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
