import { useEffect, useState } from 'react';
import type { BatchProgress } from '../core/contract';
import type { Batch } from './batches';
import { followProgress } from './followProgress';

/** Where each batch stands, kept current; undefined until it is known. */
export function useProgress(batches: Batch[] | undefined): Map<string, BatchProgress> | undefined {
  const [progress, setProgress] = useState<Map<string, BatchProgress>>();
  useEffect(() => (batches === undefined ? undefined : followProgress(batches, setProgress)), [batches]);
  return progress;
}
