import { createContext, useContext, useEffect, type ReactNode } from 'react';
import { useSettings } from './LocalDataContext';
import { LoadingScreen } from '../shared/LoadingScreen';
import { keptCatalogue, keepCatalogue } from '../core/catalogueCache';
import type { Catalogue } from '../core/contract';
import { useCalculation } from '../core/useCalculation';

const Context = createContext<Catalogue | null>(null);

/** Everything the core offers, in the person's units; nothing below is drawn before it is there. */
export function CatalogueProvider({ children }: { children: ReactNode }) {
  const { units } = useSettings().settings;
  const kept = keptCatalogue(units);
  const { response, failure } = useCalculation('catalogue', kept === null ? { units } : null);
  const catalogue = kept ?? (response?.units === units ? response : null);
  useEffect(() => {
    if (response) keepCatalogue(response);
  }, [response]);
  if (catalogue === null) return <LoadingScreen failure={failure} />;
  return <Context value={catalogue}>{children}</Context>;
}

export function useCatalogue(): Catalogue {
  const catalogue = useContext(Context);
  if (catalogue === null) throw new Error('Outside the catalogue');
  return catalogue;
}
