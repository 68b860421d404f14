import Undo from '@mui/icons-material/Undo';
import { Box, Button, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import { clockTime } from '../../../shared/time';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';
import { useStore } from '../../../store/StoreContext';
import { undoneText } from './countsText';
import { ProblemLine } from '../../../shared/ProblemLine';

/** Takes the last backup taken in back. What was written since stays. */
export function UndoPanel({ onUndone }: { onUndone: (words: string) => void }) {
  const { person, sync } = useStore();
  const [takenAt, setTakenAt] = useState<string | null>(null);
  const { busy, problem, ask } = useAsk();
  const path = { book: person.id };

  useEffect(() => {
    const read = call(() => api.GET('/api/books/{book}/restore', { params: { path: { book: person.id } } }));
    void read.then((answer) => setTakenAt(answer.ok ? (answer.data.takenAt ?? null) : null));
  }, [person.id]);

  const undo = async () => {
    const counts = await ask(() =>
      call(() => api.POST('/api/books/{book}/restore/undo', { params: { path } })),
    );
    if (!counts) return;
    setTakenAt(null);
    onUndone(undoneText(counts));
    sync.nudge();
  };

  if (takenAt === null) return null;
  return (
    <Box>
      <Typography>
        A backup was taken in at {clockTime(takenAt)}. What you have written since stays if you undo it.
      </Typography>
      <Button variant="outlined" startIcon={<Undo />} disabled={busy} onClick={() => void undo()}>
        Undo it
      </Button>
      {problem && <ProblemLine>{problem.detail}</ProblemLine>}
    </Box>
  );
}
