import { useEffect, useState } from 'react';
import type { BatchProgress } from '../core/contract';
import type { Batch } from './batches';
import { followProgress } from './followProgress';

/** Where each batch stands, kept current, null where the core can't tell; undefined until it is known. */
export function useProgress(batches: Batch[] | undefined): Map<string, BatchProgress | null> | undefined {
  const [progress, setProgress] = useState<Map<string, BatchProgress | null>>();
  useEffect(() => (batches === undefined ? undefined : followProgress(batches, setProgress)), [batches]);
  return progress;
}
