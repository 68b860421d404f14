import { createContext, useContext, type ReactNode } from 'react';
import { useSettings } from '../store/SettingsContext';
import { LoadingScreen } from '../shared/LoadingScreen';
import type { Catalogue } from './contract';
import { useCalculation } from './useCalculation';

const Context = createContext<Catalogue | null>(null);

/** Everything the core offers, in the person's units; nothing below is drawn before it is there. */
export function CatalogueProvider({ children }: { children: ReactNode }) {
  const { settings } = useSettings();
  const { response, failure } = useCalculation('catalogue', { units: settings.units });
  if (response === null) return <LoadingScreen failure={failure} />;
  return <Context value={response}>{children}</Context>;
}

export function useCatalogue(): Catalogue {
  const catalogue = useContext(Context);
  if (catalogue === null) throw new Error('Outside the catalogue');
  return catalogue;
}
