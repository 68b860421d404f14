import type { components, paths } from './api';

/** A record of the calculation contract, as the API document describes it. */
/** Something seen at a source or upstream of it. */
export type Sighting = NonNullable<Schema<'BookLineSourceSeen'>['seen']>[number];
/** What a place offers when water is short. */
export type PlaceFeature = NonNullable<Schema<'MakeRequest'>['features']>[number];
export type Schema<K extends keyof components['schemas']> = components['schemas'][K];

export type CalculationName =
  | 'catalogue'
  | 'treat'
  | 'chains'
  | 'what-matters'
  | 'judge'
  | 'bring-up'
  | 'kit-item'
  | 'kit-templates'
  | 'words'
  | 'batch-progress'
  | 'top-up'
  | 'device-clock'
  | 'backup-check'
  | 'sweat'
  | 'legs'
  | 'route-line'
  | 'route-places'
  | 'plan'
  | 'how-sure'
  | 'lighter'
  | 'carry-ways'
  | 'laps'
  | 'from-here'
  | 'kit-check'
  | 'choose-kit'
  | 'spare'
  | 'schedule'
  | 'camp-day'
  | 'winter-night'
  | 'evenings'
  | 'book-line'
  | 'in-hand'
  | 'book-day'
  | 'book-table'
  | 'book-import'
  | 'learn'
  | 'look-back'
  | 'body-watch'
  | 'days-walk'
  | 'party-watch'
  | 'sips'
  | 'water-short'
  | 'make-water'
  | 'search-water'
  | 'makeshift'
  | 'call-for-help'
  | 'drill'
  | 'quiz'
  | 'drill-progress'
  | FileCalculation;

/** What is done with files, by code that is fetched when a file is first opened. */
export const fileCalculations = ['read-route', 'read-places', 'read-weather', 'write-trip'] as const;
export type FileCalculation = (typeof fileCalculations)[number];

type Post<N extends CalculationName> = paths[`/api/calc/${N}`]['post'];

export type Request<N extends CalculationName> = Post<N>['requestBody']['content']['application/json'];

export type Response<N extends CalculationName> = Post<N>['responses'][200]['content']['application/json'];

export type Problem = Schema<'Problem'>;

export type Catalogue = Schema<'CatalogueResponse'>;

export type TreatRequest = Schema<'TreatRequest'>;

export type TreatResponse = Schema<'TreatResponse'>;

export type ChainList = Schema<'ChainListResponse'>;

export type ChainSummary = Schema<'ChainSummary'>;

export type Judgement = Schema<'JudgeResponse'>;

export type BatchProgress = Schema<'BatchProgressResponse'>;

export type UnitSystem = Schema<'UnitSystem'>;

export type Sweat = Schema<'SweatResponse'>;

export type PlanRequest = Schema<'PlanRequest'>;

export type Plan = Schema<'PlanResponse'>;

export type HowSure = Schema<'HowSureResponse'>;

export type ReadRoute = Schema<'ReadRoute'>;

export type Triage = Schema<'TriageResponse'>;

export type WaterWay = Schema<'WayAnswer'>;

export type Drill = Schema<'DrillResponse'>;
