import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Sweat } from '../../core/contract';
import { show } from '../../shared/units';

/** What to drink, what is lost, and how sure that is. */
export function SweatHead({ sweat }: { sweat: Sweat }) {
  const catalogue = useCatalogue();
  const litres = (value: number) => show(catalogue, 'volume', value);
  return (
    <Box>
      <Typography
        data-testid="headline"
        sx={{ fontSize: { xs: '2rem', md: '2.5rem' }, fontWeight: 750, lineHeight: 1.1 }}
      >
        {sweat.headline}
      </Typography>
      <Typography sx={{ mt: 1 }}>
        Loses about <strong>{litres(sweat.lossLPerH.middle)} an hour</strong>, {litres(sweat.lossLPerH.low)}{' '}
        to {litres(sweat.lossLPerH.high)} in 8 of 10 cases; {litres(sweat.breathedLPerH)} of it breathed out.
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        {litres(sweat.atCampLPerH)} for each hour walked is made up at camp. At rest {litres(sweat.restLPerH)}{' '}
        an hour. The other equation says {litres(sweat.otherSchoolLPerH)} of sweat an hour.
      </Typography>
    </Box>
  );
}
