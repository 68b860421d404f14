import { useLocation, useNavigate, useParams } from 'react-router';
import { Reading } from '../../shared/Reading';
import { useNowMinute } from '../../shared/useNow';
import { useCurrent, useRecords } from '../../store/useRecords';
import { CampDayPage } from './CampDayPage';
import { dayChoices, dayMeant } from './dayChoices';
import { NewDay } from './NewDay';
import { OwnDayPage } from './OwnDayPage';

/** An evening, a morning or a whole day in camp: who does what when, so that water is ready. */
export function DayRoom() {
  const { id } = useParams();
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const now = Date.parse(useNowMinute());
  const days = useRecords('day');
  const routes = useCurrent('route');
  if (!days || !routes) return <Reading what="Day" />;
  const choices = dayChoices(routes, days);
  const shown =
    choices.find((c) => c.path === pathname) ?? (id === undefined ? dayMeant(choices, now) : undefined);
  if (!shown) return <NewDay first={choices.length === 0} />;
  const choice = { choices, shown, onOpen: (path: string) => void navigate(path) };
  return shown.kind === 'own' ? (
    <OwnDayPage key={shown.path} record={shown.record} choice={choice} />
  ) : (
    <CampDayPage
      key={shown.path}
      route={shown.route}
      evening={shown.evening}
      kept={shown.kept}
      choice={choice}
    />
  );
}
