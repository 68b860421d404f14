import { Alert } from '@mui/material';
import type { ReactNode } from 'react';
import type { Batch } from '../store/batches';

/** A batch whose standing can't be told is not left out without a word: what is not known counts as untreated. */
export function UntoldBatch({ batch, children }: { batch: Batch; children?: ReactNode }) {
  return (
    <Alert severity="error" variant="outlined" role="alert">
      <strong>{batch.container}: do not drink it.</strong> How far its treatment is can’t be told from what is
      kept of it. Treat it anew. {children}
    </Alert>
  );
}
