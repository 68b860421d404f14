import { Box } from '@mui/material';
import { useMemo } from 'react';
import { useBatch } from '../../../store/batches';
import { useProgress } from '../../../store/useProgress';
import { BatchLine } from './BatchLine';

interface Props {
  id: string;
  chosen: boolean;
  onOpen: () => void;
}

/** A batch's line, read when it comes into view. */
export function LazyBatchLine({ id, chosen, onOpen }: Props) {
  const batch = useBatch(id);
  const lone = useMemo(() => (batch ? [batch] : []), [batch]);
  const progress = useProgress(lone);
  if (!batch) return <Box sx={{ height: 140 }} />;
  return (
    <BatchLine batch={batch} progress={progress?.get(id) ?? undefined} chosen={chosen} onOpen={onOpen} />
  );
}
