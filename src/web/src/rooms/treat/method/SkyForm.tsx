import { Box } from '@mui/material';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';
import { SwitchEntry } from '../../../shared/SwitchEntry';

interface Props {
  form: DraftStore;
  errors: FieldErrors;
  /** Whether sunlight is what is asked about, and with it place and cloud. */
  asksSun: boolean;
}

/** The air a battery or a hot pot stands in, and the sky a bottle lies under. */
export function SkyForm({ form: { draft, set, isDefault }, errors, asksSun }: Props) {
  return (
    <Section title="Air and sky">
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <NumberEntry
          label="Air temperature"
          quantity="temperature"
          step={1}
          value={draft.airTemperatureC}
          isDefault={isDefault('airTemperatureC')}
          onChange={(airTemperatureC) => set({ airTemperatureC })}
          error={errors('sky.airTemperatureC') ?? errors('boil.airTemperatureC')}
          unknown="Not known"
        />
        {asksSun && (
          <NumberEntry
            label="Sky covered by cloud"
            quantity="share"
            step={10}
            value={draft.cloudCover}
            isDefault={isDefault('cloudCover')}
            onChange={(cloudCover) => set({ cloudCover })}
            error={errors('sky.cloudCover')}
            unknown="Not known"
          />
        )}
        {asksSun && (
          <NumberEntry
            label="Latitude"
            quantity="angle"
            step={1}
            value={draft.latitudeDeg}
            isDefault={isDefault('latitudeDeg')}
            onChange={(latitudeDeg) => set({ latitudeDeg })}
            error={errors('sky.latitudeDeg')}
            unknown="Not known"
          />
        )}
        {asksSun && (
          <NumberEntry
            label="Longitude"
            quantity="angle"
            step={1}
            value={draft.longitudeDeg}
            isDefault={isDefault('longitudeDeg')}
            onChange={(longitudeDeg) => set({ longitudeDeg })}
            error={errors('sky.longitudeDeg')}
            unknown="Not known"
          />
        )}
      </Box>
      {asksSun && (
        <SwitchEntry
          label="It rains without a break"
          checked={draft.continuousRain}
          onChange={(checked) => set({ continuousRain: checked })}
        />
      )}
    </Section>
  );
}
