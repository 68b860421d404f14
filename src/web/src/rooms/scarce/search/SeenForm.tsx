import type { Response, Schema } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import { TickGroup } from '../../../shared/TickGroup';
import { useScarce } from '../ScarceContext';
import { asEntered, type Entry } from '../../../shared/entered';

type Sign = Schema<'GroundSign'>;

const answers = [
  { id: 'yes', name: 'Yes' },
  { id: 'no', name: 'No' },
  { id: 'unknown', name: 'Not known' },
];

const asId = (told: boolean | null | undefined) => (told == null ? 'unknown' : told ? 'yes' : 'no');
const told = (id: string) => (id === 'unknown' ? null : id === 'yes');

/** What is seen from here, how far each is, and how wet the country has been. */
export function SeenForm({ answer }: { answer: Response<'search-water'> }) {
  const { draft, set } = useScarce();
  const country = draft.country ?? answer.country;
  return (
    <Section title="Seen from here">
      <TickGroup<Sign>
        title="Tick what there is"
        choices={answer.known.map(({ sign, name }) => ({ id: sign, name }))}
        ticked={draft.seen.flatMap(({ sign }) => (sign ? [sign] : []))}
        onChange={(ticked) =>
          set({ seen: ticked.map((sign) => draft.seen.find((s) => s.sign === sign) ?? { sign }) })
        }
      />
      {draft.seen.map(({ sign, awayMinutes }) => {
        const info = answer.known.find((k) => k.sign === sign);
        return (
          info && (
            <NumberEntry
              key={info.sign}
              label={`${info.name}: walk to it`}
              quantity="duration"
              step={5}
              value={awayMinutes ?? info.awayMinutes}
              isDefault={awayMinutes == null}
              onChange={(value: Entry) =>
                set({
                  seen: draft.seen.map((s) =>
                    s.sign === sign ? { sign, awayMinutes: asEntered(value) } : s,
                  ),
                })
              }
            />
          )
        );
      })}
      <ChoiceGroup
        label="Rain in the last week"
        choices={answers}
        value={asId(country.rainLastWeek)}
        isDefault={draft.country === null}
        onChange={(id) => set({ country: { ...country, rainLastWeek: told(id) } })}
      />
      <ChoiceGroup
        label="A hot, dry month"
        choices={answers}
        value={asId(country.hotDryMonth)}
        isDefault={draft.country === null}
        onChange={(id) => set({ country: { ...country, hotDryMonth: told(id) } })}
      />
    </Section>
  );
}
