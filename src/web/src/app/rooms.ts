import AutoStories from '@mui/icons-material/AutoStories';
import Backpack from '@mui/icons-material/Backpack';
import DirectionsWalk from '@mui/icons-material/DirectionsWalk';
import EventNote from '@mui/icons-material/EventNote';
import InvertColorsOff from '@mui/icons-material/InvertColorsOff';
import LocalDrink from '@mui/icons-material/LocalDrink';
import MenuBook from '@mui/icons-material/MenuBook';
import MoreHoriz from '@mui/icons-material/MoreHoriz';
import QrCode2 from '@mui/icons-material/QrCode2';
import School from '@mui/icons-material/School';
import Terrain from '@mui/icons-material/Terrain';
import Timer from '@mui/icons-material/Timer';
import Tune from '@mui/icons-material/Tune';
import type { SvgIconComponent } from '@mui/icons-material';

export interface Room {
  path: string;
  name: string;
  shortcut: string;
  Icon: SvgIconComponent;
  /** What one does there, for the list of all places. */
  what: string;
}

/** The four places one is in on a walk; on a phone they stand under the thumb. */
export const places: Room[] = [
  {
    path: '/now',
    name: 'Now',
    shortcut: 'n',
    Icon: Timer,
    what: 'What is in hand, and the next thing to do',
  },
  {
    path: '/treat',
    name: 'Water',
    shortcut: 't',
    Icon: LocalDrink,
    what: 'Make the water in front of you drinkable',
  },
  {
    path: '/route',
    name: 'Trip',
    shortcut: 'r',
    Icon: Terrain,
    what: 'Where to fill, and how much to carry',
  },
  { path: '/book', name: 'Book', shortcut: 'b', Icon: AutoStories, what: 'What was drunk, treated and seen' },
];

/** What is looked at before and after: a tap further on a phone. */
export const more: Room[] = [
  { path: '/day', name: 'Day', shortcut: 'a', Icon: EventNote, what: 'The evening at camp on a clock line' },
  {
    path: '/kit',
    name: 'Kit',
    shortcut: 'k',
    Icon: Backpack,
    what: 'What is carried, and whether it is enough',
  },
  {
    path: '/body',
    name: 'Body',
    shortcut: 'y',
    Icon: DirectionsWalk,
    what: 'What each walker sweats and needs',
  },
  { path: '/drills', name: 'Practice', shortcut: 'd', Icon: School, what: 'Scenes and doses to practise on' },
  {
    path: '/words',
    name: 'Words',
    shortcut: 'o',
    Icon: MenuBook,
    what: 'Words of the field, and where schools differ',
  },
  {
    path: '/handover',
    name: 'Share',
    shortcut: 'h',
    Icon: QrCode2,
    what: 'Hand a trip, the kit or lines from phone to phone, without a network',
  },
  { path: '/settings', name: 'Settings', shortcut: ',', Icon: Tune, what: 'Units, theme, party, backup' },
];

/** The list of those, on a phone. */
export const moreList: Room = { path: '/more', name: 'More', shortcut: 'm', Icon: MoreHoriz, what: '' };

/** One tap from anywhere. */
export const shortOfWater: Room = {
  path: '/scarce',
  name: 'Short of water',
  shortcut: 'w',
  Icon: InvertColorsOff,
  what: 'On, back or stay; make water; call for help',
};

/** Every place, for the shortcuts and for telling where one is. */
export const rooms: Room[] = [...places, ...more, moreList, shortOfWater];
