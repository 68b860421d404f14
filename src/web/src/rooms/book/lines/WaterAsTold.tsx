import { Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { TreatRequest } from '../../../core/contract';
import { show } from '../../../shared/units';

/** The water as the person told it, in a line. */
export function WaterAsTold({ water }: { water: TreatRequest['water'] }) {
  const catalogue = useCatalogue();
  if (!water) return null;
  const name = (list: { id: string; name: string }[], id: string | null) =>
    (list.find((choice) => choice.id === id)?.name ?? 'not known').toLowerCase();
  const told = [
    water.clarity === 'unknown' ? 'clarity not known' : name(catalogue.clarities, water.clarity),
    water.colour === 'unknown' ? 'colour not known' : name(catalogue.colours, water.colour),
    water.temperatureC === null
      ? 'temperature not known'
      : show(catalogue, 'temperature', water.temperatureC),
    water.elevationM === null
      ? 'elevation not known'
      : `at ${show(catalogue, 'elevation', water.elevationM)}`,
  ];
  return <Typography>The water: {told.join(', ')}.</Typography>;
}
