import { Box, Radio, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { minutesText } from '../../../shared/time';
import { show } from '../../../shared/units';

interface Props {
  schools: Schema<'SchoolCost'>[];
  onPick: (school: Schema<'BoilSchool'>) => void;
}

/** The three boiling schools with what each costs here; a tap picks one. */
export function SchoolPicker({ schools, onPick }: Props) {
  const catalogue = useCatalogue();
  return (
    <Section title="How long to boil: three schools">
      <Box role="radiogroup" aria-label="Boiling school" sx={{ display: 'grid', gap: 1 }}>
        {schools.map((school) => (
          <Box
            key={school.school}
            component="label"
            sx={{
              display: 'flex',
              alignItems: 'flex-start',
              pr: 1,
              py: 0.5,
              border: school.picked ? 3 : 1,
              m: school.picked ? 0 : '2px',
              borderColor: school.picked ? 'primary.main' : 'divider',
              borderRadius: 2,
              cursor: 'pointer',
            }}
          >
            <Radio
              name="school"
              checked={school.picked}
              onChange={() => onPick(school.school)}
              slotProps={{ input: { 'aria-label': school.name } }}
            />
            <Box sx={{ py: 0.5 }}>
              <Typography sx={{ fontWeight: 650 }}>
                {school.name}: {school.holdMinutes === 0 ? 'no hold' : minutesText(school.holdMinutes)}
              </Typography>
              <Typography>
                {show(catalogue, 'fuelMass', school.fuelG)} fuel,{' '}
                {show(catalogue, 'volume', school.waterLeftL)} left (
                {show(catalogue, 'volume', school.boiledAwayL)} boils away)
              </Typography>
              <Typography variant="body2" sx={{ color: 'text.secondary' }}>
                {school.reason}
              </Typography>
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
