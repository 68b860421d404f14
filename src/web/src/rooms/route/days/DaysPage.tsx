import { Box, Stack } from '@mui/material';
import { CarryWaysPanel } from './CarryWaysPanel';
import { ContainerList } from './ContainerList';
import { DayList } from './DayList';
import { PaceForm } from './PaceForm';
import { CountryPanel } from './CountryPanel';
import { WeatherPanel } from './WeatherPanel';
import { WaysOut } from './WaysOut';
import { ZoneField } from './ZoneField';

/** Stages and camps, the weather, what holds water, and how the plan reckons. */
export function DaysPage() {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
      }}
    >
      <Stack spacing={2}>
        <DayList />
        <WaysOut />
        <ContainerList />
        <CarryWaysPanel />
      </Stack>
      <Stack spacing={2}>
        <WeatherPanel />
        <CountryPanel />
        <PaceForm />
        <ZoneField />
      </Stack>
    </Box>
  );
}
