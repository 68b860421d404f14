import { SelectEntry } from '../../../shared/SelectEntry';
import type { Kept } from '../../../store/records';
import type { DraftStore } from '../useDraft';

const anotherPlace = 'another';

/** Which of the trip's sources this is. */
export function PlaceSelect({
  form: { draft, set },
  trip,
}: {
  form: DraftStore;
  trip: Kept<'trip-source'>[];
}) {
  if (trip.length === 0) return null;
  return (
    <SelectEntry
      label="You are at"
      value={draft.here ?? anotherPlace}
      onChange={(id) => set({ here: id === anotherPlace ? null : id })}
      choices={[
        ...trip.map(({ id, body }) => ({ id, name: body.name ?? '' })),
        { id: anotherPlace, name: 'Another place' },
      ]}
    />
  );
}
