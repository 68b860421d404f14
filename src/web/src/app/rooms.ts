import Backpack from '@mui/icons-material/Backpack';
import AutoStories from '@mui/icons-material/AutoStories';
import LocalDrink from '@mui/icons-material/LocalDrink';
import Timer from '@mui/icons-material/Timer';
import Tune from '@mui/icons-material/Tune';

/** The rooms, in the order they stand in the bar and the rail. */
export const rooms = [
  { path: '/now', name: 'Now', shortcut: 'n', Icon: Timer },
  { path: '/treat', name: 'Treat', shortcut: 't', Icon: LocalDrink },
  { path: '/kit', name: 'Kit', shortcut: 'k', Icon: Backpack },
  { path: '/book', name: 'Book', shortcut: 'b', Icon: AutoStories },
  { path: '/settings', name: 'Settings', shortcut: ',', Icon: Tune },
] as const;
