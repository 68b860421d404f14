import { useState } from 'react';
import type { FileCalculation, Request, Response } from './contract';
import { readFile } from './readFile';

/** Reads files one at a time: whether one is being read, and what was wrong with the last. */
export function useReading<N extends Exclude<FileCalculation, 'write-trip'>>(name: N) {
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<string | null>(null);
  /** What the file holds; null where it cannot be read. */
  const read = async (file: File, rest: Omit<Request<N>, 'file'>): Promise<Response<N> | null> => {
    setBusy(true);
    setWrong(null);
    const outcome = await readFile(name, file, rest);
    setBusy(false);
    if (outcome.ok) return outcome.response;
    setWrong(outcome.problem.errors[0]?.message ?? outcome.problem.detail);
    return null;
  };
  return { busy, wrong, read };
}
