import { Alert, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { literal, object } from 'valibot';
import { enteredThing } from '../../shared/localThing';
import { useStore } from '../../store/StoreContext';
import { useStartSteps } from './useStartSteps';

const leftIn = (storeId: string) =>
  enteredThing(`start-left-${storeId}`, { version: 1, schema: object({ left: literal(true) }) });

/** Offers the first plan where nothing is kept yet, until it is begun or waved away. */
export function StartLine() {
  const { demo, db } = useStore();
  const [isLeft, setLeft] = useState(() => leftIn(db.storeId).read() !== null);
  const { pathname } = useLocation();
  const steps = useStartSteps();
  const isFresh = steps !== null && steps.every(({ isDone }) => !isDone);
  if (demo || isLeft || !isFresh || pathname !== '/now') return null;
  const leave = () => {
    leftIn(db.storeId).keep({ left: true });
    setLeft(true);
  };
  return (
    <Alert
      severity="info"
      variant="outlined"
      role="region"
      aria-label="First plan"
      sx={{
        bgcolor: 'background.paper',
        alignItems: 'center',
        // Under the words where there is no room beside them.
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        '& .MuiAlert-message': { flex: 1 },
        '& .MuiAlert-action': {
          ml: { xs: 0, sm: 'auto' },
          pl: { xs: 0, sm: 2 },
          width: { xs: '100%', sm: 'auto' },
        },
      }}
      action={
        <>
          <Button component={Link} to="/start" variant="contained">
            Begin
          </Button>
          <Button onClick={leave} color="inherit">
            Not now
          </Button>
        </>
      }
    >
      Who walks, what you carry, where you go: a first plan in three minutes.
    </Alert>
  );
}
