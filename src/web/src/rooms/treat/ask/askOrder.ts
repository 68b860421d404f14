import type { Response } from '../../../core/contract';

type Question = Response<'what-matters'>['questions'][number];

/** The question that stands open, and where in the list it stood when it was opened. */
export interface Opened {
  field: string;
  at: number;
}

/** A row of the list: a question of the core's, or one that is answered already and still open. */
export interface AskRow {
  field: string;
  question: Question | null;
}

/**
 * The rows to show. What is open stays where it was, answered or not: a field must not slip away, or lose the
 * cursor, under the hand that is still in it.
 */
export function askRows(questions: Question[], opened: Opened | null, atOnce: number): AskRow[] {
  const rows: AskRow[] = questions
    .filter(({ field }) => field !== opened?.field)
    .slice(0, opened === null ? atOnce : atOnce - 1)
    .map((question) => ({ field: question.field, question }));
  if (opened === null) return rows;
  const question = questions.find(({ field }) => field === opened.field) ?? null;
  return rows.toSpliced(Math.min(opened.at, rows.length), 0, { field: opened.field, question });
}
