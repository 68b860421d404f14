/** Every place but those that stand under the thumb while water is treated: one file, so that they are here together. */
export { BodyRoom } from '../rooms/body/BodyRoom';
export { BookRoom } from '../rooms/book/BookRoom';
export { ChooseRoom } from '../rooms/choose/ChooseRoom';
export { DayRoom } from '../rooms/day/DayRoom';
export { DrillsRoom } from '../rooms/drills/DrillsRoom';
export { JoinRoom } from '../rooms/join/JoinRoom';
export { KitRoom } from '../rooms/kit/KitRoom';
export { RouteRoom } from '../rooms/route/RouteRoom';
export { ScarceRoom } from '../rooms/scarce/ScarceRoom';
export { SettingsRoom } from '../rooms/settings/SettingsRoom';
export { WordsRoom } from '../rooms/words/WordsRoom';
export { StartPage } from '../rooms/start/StartPage';
