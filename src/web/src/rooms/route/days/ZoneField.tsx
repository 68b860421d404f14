import { Typography } from '@mui/material';
import { SelectEntry } from '../../../shared/SelectEntry';
import { Section } from '../../../shared/Section';
import { deviceZone } from '../../../shared/zone';
import { useTrip } from '../TripContext';

const ofDevice = 'device';

/** The clock the trip's hours are of: from its place, and changeable. */
export function ZoneField() {
  const { route, change } = useTrip();
  const zones = Intl.supportedValuesOf('timeZone');
  const own = route.timeZone ?? null;
  const named = own === null || zones.includes(own) ? zones : [own, ...zones];
  return (
    <Section title="Clock">
      <SelectEntry
        label="Time zone of the trip"
        value={own ?? ofDevice}
        onChange={(zone) => change({ timeZone: zone === ofDevice ? null : zone })}
        choices={[
          { id: ofDevice, name: `As on this device (${spaced(deviceZone)})` },
          ...named.map((zone) => ({ id: zone, name: spaced(zone) })),
        ]}
      />
      <Typography color="text.secondary">
        Plan, day, book, card and alarms all tell its time, summer time and its end included.
      </Typography>
    </Section>
  );
}

function spaced(zone: string): string {
  return zone.replaceAll('_', ' ');
}
