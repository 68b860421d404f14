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
  /** Null while nobody has told of it. */
  sun: NonNullable<Make['sun']> | null;
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

/** Where the room starts: with what the core takes where nothing is told, and nothing said of what is not known. */
export function freshDraft(usual: Schema<'ScarceDefaults'>): Draft {
  return {
    inHandL: usual.inHandL,
    needLPerH: null,
    people: null,
    effort: {},
    routeId: null,
    alongKm: usual.alongKm,
    nextKm: usual.nextKm,
    nextChance: null,
    lastKm: null,
    lastChance: null,
    helpHours: null,
    noHelp: false,
    waterHere: false,
    hereKind: usual.hereKind,
    hereFlow: 'unknown',
    hereSeen: [],
    hereClarity: 'unknown',
    means: 'unknown',
    signs: 'unknown',
    air: usual.airC,
    humidity: usual.humidityPercent,
    sun: null,
    season: 'unknown',
    rainMm: usual.rainMm,
    features: [],
    soil: 'unknown',
    sheetM2: usual.sheetM2,
    bags: usual.bags,
    burner: noBurner,
    fuelG: null,
    waterC: null,
    elevationM: null,
    snowKind: 'unknown',
    snowC: null,
    hours: usual.hours,
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
}
