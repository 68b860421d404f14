import { freshDraft } from '../../src/rooms/scarce/draft';

/** A draft as the room starts with it. */
export const fresh = freshDraft({
  inHandL: 1,
  alongKm: 0,
  nextKm: 5,
  hereKind: 'pond',
  airC: 20,
  humidityPercent: 50,
  rainMm: 0,
  sheetM2: 0,
  bags: 0,
  hours: 2,
});
