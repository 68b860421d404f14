import { array, boolean, nullable, object, picklist, string, type InferOutput } from 'valibot';
import { Clarity, SnowKind, SourceFlow, SourceKind } from '../../core/choices';
import type { PlaceFeature, Request, Schema, Sighting } from '../../core/contract';
import { choiceOf, entry, requestPart } from '../../shared/entered';

type Triage = Request<'water-short'>;
type Make = Request<'make-water'>;

/** Everything entered in the Scarce room; kept on this device, so that no page of it is asked twice. */
export type Draft = InferOutput<typeof draftShape>;
export const draftShape = object({
  /** Water that may be drunk, litres. */
  inHandL: entry,
  /** Typed need walking, L/h; null takes it from the walkers and the effort. */
  needLPerH: entry,
  people: entry,
  effort: requestPart<Schema<'Effort'>>(),
  /** The trip whose sources are counted; null for what is typed. */
  routeId: nullable(string()),
  alongKm: entry,
  nextKm: entry,
  nextChance: entry,
  lastKm: entry,
  lastChance: entry,
  helpHours: entry,
  noHelp: boolean(),
  waterHere: boolean(),
  hereKind: picklist(SourceKind),
  hereFlow: picklist(SourceFlow),
  hereSeen: array(choiceOf<Sighting>()),
  hereClarity: picklist(Clarity),
  means: choiceOf<NonNullable<Triage['means']>>(),
  signs: choiceOf<NonNullable<Triage['signs']>>(),
  air: entry,
  humidity: entry,
  /** Null while nobody has told of it. */
  sun: nullable(choiceOf<NonNullable<Make['sun']>>()),
  season: choiceOf<NonNullable<Make['season']>>(),
  rainMm: entry,
  features: array(choiceOf<PlaceFeature>()),
  soil: choiceOf<NonNullable<Make['soil']>>(),
  sheetM2: entry,
  bags: entry,
  burner: string(),
  fuelG: entry,
  /** Of what is distilled; null takes the usual. */
  waterC: entry,
  /** Height above the sea, m; null takes the sea. */
  elevationM: entry,
  snowKind: picklist(SnowKind),
  snowC: entry,
  hours: entry,
  needLPerDay: entry,
  chosen: array(requestPart<Schema<'ChosenWay'>>()),
  /** What speaks for water on this ground. */
  seen: array(requestPart<Schema<'SeenSign'>>()),
  /** How wet the country has been; null takes the trip's. */
  country: nullable(requestPart<Schema<'CountrySigns'>>()),
  latitudeDeg: entry,
  longitudeDeg: entry,
  accuracyM: entry,
  where: string(),
  note: string(),
  /** As typed here; null takes the one kept with the settings. */
  contact: nullable(string()),
});

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
