import type { Kept } from '../../store/records';
import { useKitEntries } from '../../store/InHandContext';
import { useEdited } from '../../store/useEdited';
import { DayPage, type Choice } from './DayPage';

/** A day that somebody made by hand. */
export function OwnDayPage({ record, choice }: { record: Kept<'day'>; choice: Choice }) {
  const [day, change] = useEdited('day', record);
  const kit = useKitEntries();
  return <DayPage day={day} change={change} book={record.book} kit={kit} sourceId={null} choice={choice} />;
}
