import type { Schema } from '../../../core/contract';

/** What taking a backup in did, or would do, in a line. */
export function countsText(counts: Schema<'RestoreCounts'>, when: 'done' | 'would'): string {
  const told = tell([
    [counts.added, 'added'],
    [counts.changed, 'changed'],
    [counts.takenOut, 'taken out'],
    [counts.same, 'the same'],
    [counts.leftAsIs, 'left as they are here'],
  ]);
  if (told === '') return 'Nothing changes.';
  return `${when === 'would' ? 'Records: ' : ''}${told}.`;
}

/** What undoing it did: from where the book stands now, back to what it was. */
export function undoneText(counts: Schema<'RestoreCounts'>): string {
  const told = tell([
    [counts.takenOut, 'taken out again'],
    [counts.changed, 'put back as they were'],
    [counts.added, 'brought back'],
    [counts.leftAsIs, 'written since, and left'],
  ]);
  return told === '' ? 'Undone: the backup had changed nothing.' : `Undone: ${told}.`;
}

function tell(parts: readonly (readonly [number, string])[]): string {
  return parts
    .filter(([count]) => count > 0)
    .map(([count, what]) => `${count} ${what}`)
    .join(', ');
}
