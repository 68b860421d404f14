import { fetchBatchAlarm } from '../rooms/now/fetchBatchAlarm';
import { partOf } from './part';

/** The places that the first answer does without. */
export const laterRooms = partOf(() => import('./laterRooms'));

/** Codes and their reader come when they are asked for. */
export const handover = partOf(() => import('../rooms/handover/HandoverRoom'));

/** Not every trip is cold. */
export const winter = partOf(() => import('../rooms/winter/WinterRoom'));

/** What a walk may need once the signal is gone, before it goes: not every page may keep a copy of the program. */
export const fetchForTheWalk = () => Promise.all([laterRooms.fetch(), fetchBatchAlarm()]);
