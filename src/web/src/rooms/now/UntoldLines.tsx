import { Link as MuiLink } from '@mui/material';
import { Link } from 'react-router';
import { UntoldBatch } from '../../shared/UntoldBatch';
import { useUntold } from '../../store/RunningContext';

/** The batches whose standing can't be told, each with the way to what is kept of it. */
export function UntoldLines() {
  return useUntold().map((batch) => (
    <UntoldBatch key={batch.id} batch={batch}>
      <MuiLink component={Link} color="inherit" to={`/book/${batch.id}`}>
        Its line in the book
      </MuiLink>
    </UntoldBatch>
  ));
}
