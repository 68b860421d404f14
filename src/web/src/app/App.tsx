import { CssBaseline, ThemeProvider } from '@mui/material';
import { useEffect, useMemo, useState } from 'react';
import { createBrowserRouter, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { CatalogueProvider } from '../core/CatalogueContext';
import { BodyRoom } from '../rooms/body/BodyRoom';
import { BookRoom } from '../rooms/book/BookRoom';
import { ChooseRoom } from '../rooms/choose/ChooseRoom';
import { DayRoom } from '../rooms/day/DayRoom';
import { DrillsRoom } from '../rooms/drills/DrillsRoom';
import { JoinRoom } from '../rooms/join/JoinRoom';
import { KitRoom } from '../rooms/kit/KitRoom';
import { NowRoom } from '../rooms/now/NowRoom';
import { RouteRoom } from '../rooms/route/RouteRoom';
import { ScarceRoom } from '../rooms/scarce/ScarceRoom';
import { SettingsRoom } from '../rooms/settings/SettingsRoom';
import { WordsRoom } from '../rooms/words/WordsRoom';
import { StartPage } from '../rooms/start/StartPage';
import { TreatRoom } from '../rooms/treat/TreatRoom';
import { themeOf } from '../shared/theme';
import { InHandProvider } from '../store/InHandContext';
import { LocalDataProvider, useSettings } from '../store/LocalDataContext';
import { QuickWriteProvider } from '../store/QuickWrite';
import { RunningProvider } from '../store/RunningContext';
import { StoreProvider } from '../store/StoreContext';
import { BrokenPlace } from './BrokenPlace';
import { MorePage } from './MorePage';
import { Shell } from './Shell';
import { ShortcutProvider } from './shortcuts';
import { TripZone } from './TripZone';

/** Each place with a boundary of its own: what breaks in one leaves the others, and the way to them. */
function places(routes: RouteObject[]): RouteObject[] {
  return routes.map((route) => ({ ...route, errorElement: <BrokenPlace /> }));
}

/** Codes and their reader come when they are asked for. */
const handover = async () => ({ Component: (await import('../rooms/handover/HandoverRoom')).HandoverRoom });

/** Not every trip is cold. */
const winter = async () => ({ Component: (await import('../rooms/winter/WinterRoom')).WinterRoom });

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
      { path: '/route/:id?/:page?', element: <RouteRoom /> },
      { path: '/day/:id?', element: <DayRoom /> },
      { path: '/day/plan/:route/:evening', element: <DayRoom /> },
      { path: '/winter/:route?/:evening?', lazy: winter },
      { path: '/body/:id?/:page?', element: <BodyRoom /> },
      { path: '/kit/:id?', element: <KitRoom /> },
      { path: '/book/:id?', element: <BookRoom /> },
      { path: '/scarce/:page?', element: <ScarceRoom /> },
      { path: '/drills/:page?', element: <DrillsRoom /> },
      { path: '/handover/:page?', lazy: handover },
      { path: '/words', element: <WordsRoom /> },
      { path: '/settings/:page?', element: <SettingsRoom /> },
      { path: '/start', element: <StartPage /> },
      { path: '/more', element: <MorePage /> },
      { path: '/choose', element: <ChooseRoom /> },
      { path: '/join', element: <JoinRoom /> },
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
