import { useNavigate, useParams } from 'react-router';
import { Reading } from '../../shared/Reading';
import { useRecords } from '../../store/useRecords';
import { DayPage } from './DayPage';
import { NewDay } from './NewDay';

/** An evening, a morning or a whole day in camp: who does what when, so that water is ready. */
export function DayRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const days = useRecords('day');
  if (!days) return <Reading what="Day" />;
  const newest = days.toSorted((a, b) => (b.body.from ?? '').localeCompare(a.body.from ?? ''));
  const shown = newest.find((day) => day.id === id) ?? (id === undefined ? newest[0] : undefined);
  if (id === 'new' || !shown) return <NewDay first={days.length === 0} />;
  return (
    <DayPage key={shown.id} record={shown} days={newest} onOpen={(other) => void navigate(`/day/${other}`)} />
  );
}
