import { Box, Button, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { PassMark } from '../PassMark';

interface Props {
  marked: Schema<'QuizResponse'>;
  /** The answer given, in words. */
  yours: string;
  onNext: () => void;
}

/** How an answer went, why, and on to the next question. */
export function Marked({ marked, yours, onNext }: Props) {
  return (
    <Box aria-live="polite" sx={{ display: 'grid', gap: 1 }}>
      <PassMark passed={marked.right === true} />
      <Typography data-testid="headline" sx={{ fontSize: '1.7rem', fontWeight: 750 }}>
        {marked.headline}
      </Typography>
      <Typography>Your answer: {yours}.</Typography>
      <Typography>{marked.why}</Typography>
      <Box>
        {/* The field that had the focus is gone: it goes on to what comes next. */}
        {/* eslint-disable-next-line jsx-a11y-x/no-autofocus */}
        <Button autoFocus variant="contained" size="large" onClick={onNext}>
          Next question
        </Button>
      </Box>
      {marked.working.length > 0 && <WorkingPanel steps={marked.working} />}
    </Box>
  );
}
