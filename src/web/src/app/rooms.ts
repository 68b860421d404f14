import EventNote from '@mui/icons-material/EventNote';
import Backpack from '@mui/icons-material/Backpack';
import AutoStories from '@mui/icons-material/AutoStories';
import DirectionsWalk from '@mui/icons-material/DirectionsWalk';
import School from '@mui/icons-material/School';
import LocalDrink from '@mui/icons-material/LocalDrink';
import Terrain from '@mui/icons-material/Terrain';
import InvertColorsOff from '@mui/icons-material/InvertColorsOff';
import Timer from '@mui/icons-material/Timer';
import Tune from '@mui/icons-material/Tune';

/** The rooms, in the order they stand in the rail; a phone's bar has room for those most wanted in the field. */
export const rooms = [
  { path: '/now', name: 'Now', shortcut: 'n', Icon: Timer, inBar: true },
  { path: '/treat', name: 'Treat', shortcut: 't', Icon: LocalDrink, inBar: true },
  { path: '/route', name: 'Route', shortcut: 'r', Icon: Terrain, inBar: true },
  { path: '/day', name: 'Day', shortcut: 'a', Icon: EventNote, inBar: false },
  { path: '/body', name: 'Body', shortcut: 'y', Icon: DirectionsWalk, inBar: false },
  { path: '/kit', name: 'Kit', shortcut: 'k', Icon: Backpack, inBar: true },
  { path: '/book', name: 'Book', shortcut: 'b', Icon: AutoStories, inBar: true },
  { path: '/scarce', name: 'Scarce', shortcut: 'w', Icon: InvertColorsOff, inBar: false },
  { path: '/drills', name: 'Drills', shortcut: 'd', Icon: School, inBar: false },
  { path: '/settings', name: 'Settings', shortcut: ',', Icon: Tune, inBar: true },
] as const;
