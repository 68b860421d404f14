import type { Schema } from '../../../core/contract';

/** What taking a backup in did, or would do, in a line. */
export function countsText(counts: Schema<'RestoreCounts'>, when: 'done' | 'would'): string {
  const parts = [
    [counts.added, 'added'],
    [counts.changed, 'changed'],
    [counts.takenOut, 'taken out'],
    [counts.same, 'the same'],
    [counts.leftAsIs, 'left as they are here'],
  ] as const;
  const told = parts.filter(([count]) => count > 0).map(([count, what]) => `${count} ${what}`);
  if (told.length === 0) return 'Nothing changes.';
  return `${when === 'would' ? 'Records: ' : ''}${told.join(', ')}.`;
}
