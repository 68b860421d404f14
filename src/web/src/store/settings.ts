import type { Schema } from '../core/contract';

/** What one person chose, with nothing left out. */
export interface Settings {
  units: NonNullable<Schema<'UnitSystem'>>;
  theme: NonNullable<Schema<'ScreenTheme'>>;
  countViruses: boolean;
  shortcuts: boolean;
  emergencyContact: string;
}

export const untilChosen: Settings = {
  units: 'metric',
  theme: 'paper',
  countViruses: true,
  shortcuts: true,
  emergencyContact: '',
};
