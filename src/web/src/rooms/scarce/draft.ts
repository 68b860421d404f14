import type { PlaceFeature, Request, Schema, Sighting } from '../../core/contract';
import type { Entry } from '../../shared/entered';

type Triage = Request<'water-short'>;
type Make = Request<'make-water'>;

/** Everything entered in the Scarce room; kept on this device, so that no page of it is asked twice. */
export interface Draft {
  /** Water that may be drunk, litres. */
  inHandL: Entry;
  /** Typed need walking, L/h; null takes it from the walkers and the effort. */
  needLPerH: Entry;
  people: Entry;
  effort: Schema<'Effort'>;
  /** The trip whose sources are counted; null for what is typed. */
  routeId: string | null;
  alongKm: Entry;
  nextKm: Entry;
  nextChance: Entry;
  lastKm: Entry;
  lastChance: Entry;
  helpHours: Entry;
  noHelp: boolean;
  waterHere: boolean;
  hereKind: Schema<'SourceKind'>;
  hereFlow: Schema<'SourceFlow'>;
  hereSeen: Sighting[];
  hereClarity: Schema<'Clarity'>;
  means: NonNullable<Triage['means']>;
  signs: NonNullable<Triage['signs']>;
  air: Entry;
  humidity: Entry;
  sun: NonNullable<Make['sun']>;
  season: NonNullable<Make['season']>;
  rainMm: Entry;
  features: PlaceFeature[];
  soil: NonNullable<Make['soil']>;
  sheetM2: Entry;
  bags: Entry;
  burner: string;
  fuelG: Entry;
  /** Of what is distilled; null takes the usual. */
  waterC: Entry;
  /** Height above the sea, m; null takes the sea. */
  elevationM: Entry;
  snowKind: Schema<'SnowKind'>;
  snowC: Entry;
  hours: Entry;
  needLPerDay: Entry;
  chosen: Schema<'ChosenWay'>[];
  /** What speaks for water on this ground. */
  seen: Schema<'SeenSign'>[];
  /** How wet the country has been; null takes the trip's. */
  country: Schema<'CountrySigns'> | null;
  latitudeDeg: Entry;
  longitudeDeg: Entry;
  accuracyM: Entry;
  where: string;
  note: string;
  /** As typed here; null takes the one kept with the settings. */
  contact: string | null;
}

/** No burner to make water with. */
export const noBurner = 'none';

/** Where the room starts: a litre left, a warm day, nothing to make water with. */
export const fresh: Draft = {
  inHandL: 1,
  needLPerH: null,
  people: null,
  effort: {},
  routeId: null,
  alongKm: 0,
  nextKm: 5,
  nextChance: null,
  lastKm: null,
  lastChance: null,
  helpHours: null,
  noHelp: false,
  waterHere: false,
  hereKind: 'pond',
  hereFlow: 'unknown',
  hereSeen: [],
  hereClarity: 'unknown',
  means: 'unknown',
  signs: 'unknown',
  air: 22,
  humidity: 60,
  sun: 'full',
  season: 'unknown',
  rainMm: 0,
  features: [],
  soil: 'unknown',
  sheetM2: 0,
  bags: 0,
  burner: noBurner,
  fuelG: null,
  waterC: null,
  elevationM: null,
  snowKind: 'unknown',
  snowC: null,
  hours: 2,
  needLPerDay: null,
  chosen: [],
  seen: [],
  country: null,
  latitudeDeg: null,
  longitudeDeg: null,
  accuracyM: null,
  where: '',
  note: '',
  contact: null,
};
