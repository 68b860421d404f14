import { Box } from '@mui/material';
import { NumberEntry } from '../../../shared/NumberEntry';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';
import { SwitchEntry } from '../../../shared/SwitchEntry';

/** "So much fuel boiled so much water from here": the burner's own efficiency in place of the table's. */
export function BurnerWeighing({ form: { draft, set }, errors }: { form: DraftStore; errors: FieldErrors }) {
  return (
    <>
      <SwitchEntry
        label="I weighed the fuel: use my own burner's figures"
        checked={draft.weighed}
        onChange={(checked) => set({ weighed: checked })}
      />
      {draft.weighed && (
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <NumberEntry
            label="Fuel burnt"
            quantity="fuelMass"
            step={1}
            value={draft.weighedFuelG}
            onChange={(weighedFuelG) => set({ weighedFuelG })}
            error={errors('boil.calibration.fuelG')}
          />
          <NumberEntry
            label="Water brought to the boil"
            quantity="volume"
            step={0.25}
            value={draft.weighedVolumeL}
            onChange={(weighedVolumeL) => set({ weighedVolumeL })}
            error={errors('boil.calibration.volumeL')}
          />
          <NumberEntry
            label="It started at"
            quantity="temperature"
            step={1}
            value={draft.weighedStartC}
            onChange={(weighedStartC) => set({ weighedStartC })}
            error={errors('boil.calibration.startTemperatureC')}
          />
          <NumberEntry
            label="At an elevation of"
            quantity="elevation"
            step={100}
            value={draft.weighedElevationM}
            onChange={(weighedElevationM) => set({ weighedElevationM })}
            error={errors('boil.calibration.elevationM')}
          />
        </Box>
      )}
    </>
  );
}
