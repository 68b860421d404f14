import { Alert, Button } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { useStore } from '../store/StoreContext';

/** What happened while the person was away and they have to know, until they have read it. */
export function NoticeLine() {
  const { db } = useStore();
  const notices = useLiveQuery(() => db.notices.toArray(), [db]) ?? [];
  return notices.map((notice) => (
    <Alert
      key={notice.id}
      role="status"
      severity="info"
      action={
        <Button color="inherit" onClick={() => void db.notices.delete(notice.id!)}>
          Read
        </Button>
      }
    >
      {notice.words}
    </Alert>
  ));
}
