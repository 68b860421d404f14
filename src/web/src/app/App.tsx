import { CssBaseline, ThemeProvider } from '@mui/material';
import { useEffect, useMemo, useState, type ComponentType } from 'react';
import { createBrowserRouter, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { CatalogueProvider } from '../store/CatalogueContext';
import { Door } from '../rooms/door/Door';
import { NowRoom } from '../rooms/now/NowRoom';
import { TreatRoom } from '../rooms/treat/TreatRoom';
import { themeOf } from '../shared/theme';
import { InHandProvider } from '../store/InHandContext';
import { LocalDataProvider, useSettings } from '../store/LocalDataContext';
import { QuickWriteProvider } from '../store/QuickWrite';
import { RunningProvider } from '../store/RunningContext';
import { StoreProvider } from '../store/StoreContext';
import { BrokenPlace } from './BrokenPlace';
import { MorePage } from './MorePage';
import { PartPlace } from './PartPlace';
import { handover, laterRooms, winter } from './parts';
import { Shell } from './Shell';
import { ShortcutProvider } from '../shared/shortcuts';
import { TripZone } from './TripZone';

/** Each place with a boundary of its own: what breaks in one leaves the others, and the way to them. */
function places(routes: RouteObject[]): RouteObject[] {
  return routes.map((route) => ({ ...route, errorElement: <BrokenPlace /> }));
}

type LaterRooms = NonNullable<ReturnType<typeof laterRooms.current>>;

/** A place that is fetched after the first answer, or when it is the first one asked for. */
const later = (room: (rooms: LaterRooms) => ComponentType) => <PartPlace part={laterRooms} room={room} />;

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
      { path: '/route/:id?/:page?', element: later((rooms) => rooms.RouteRoom) },
      { path: '/day/:id?', element: later((rooms) => rooms.DayRoom) },
      { path: '/day/plan/:route/:evening', element: later((rooms) => rooms.DayRoom) },
      {
        path: '/winter/:route?/:evening?',
        element: <PartPlace part={winter} room={(part) => part.WinterRoom} />,
      },
      { path: '/body/:id?/:page?', element: later((rooms) => rooms.BodyRoom) },
      { path: '/kit/:id?', element: later((rooms) => rooms.KitRoom) },
      { path: '/book/:id?', element: later((rooms) => rooms.BookRoom) },
      { path: '/scarce/:page?', element: later((rooms) => rooms.ScarceRoom) },
      { path: '/drills/:page?', element: later((rooms) => rooms.DrillsRoom) },
      { path: '/handover/:page?', element: <PartPlace part={handover} room={(part) => part.HandoverRoom} /> },
      { path: '/words', element: later((rooms) => rooms.WordsRoom) },
      { path: '/settings/:page?', element: later((rooms) => rooms.SettingsRoom) },
      { path: '/start', element: later((rooms) => rooms.StartPage) },
      { path: '/more', element: <MorePage /> },
      { path: '/choose', element: later((rooms) => rooms.ChooseRoom) },
      { path: '/join', element: later((rooms) => rooms.JoinRoom) },
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
      <StoreProvider door={Door}>
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
