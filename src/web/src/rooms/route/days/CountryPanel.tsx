import { Section } from '../../../shared/Section';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { useTrip } from '../TripContext';

/** How wet the country has been: it moves the chance of every stream, seep and spring. */
export function CountryPanel() {
  const { route, change } = useTrip();
  const set = (part: Partial<NonNullable<typeof route.country>>) =>
    change({ country: { ...route.country, ...part } });
  return (
    <Section title="How wet the country has been">
      <SwitchEntry
        label="It rained well in the last week"
        checked={route.country?.rainLastWeek === true}
        onChange={(checked) => set({ rainLastWeek: checked })}
      />
      <SwitchEntry
        label="The last month was hot and dry"
        checked={route.country?.hotDryMonth === true}
        onChange={(checked) => set({ hotDryMonth: checked })}
      />
    </Section>
  );
}
