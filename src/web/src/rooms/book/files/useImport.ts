import { useEffect, useState } from 'react';
import type { Response } from '../../../core/contract';
import { calculate } from '../../../core/core';
import { clockOffset } from '../../../shared/time';
import { useNames } from '../../../store/useNames';
import type { EntryKind } from '../../../store/bookLines';
import type { Table } from '../../../shared/csv';

const linesAtOnce = 4_000;

interface Reading {
  /** How much of it has been looked at, 0 to 1. */
  share: number;
  read: Response<'book-import'> | null;
  problem: string | null;
}

/** Looks at a table line by line, so many at once that the page stays alive. */
export function useImport(kind: EntryKind, table: Table | null, mapping: string[] | null): Reading {
  const { named } = useNames();
  // Names are read anew whenever anything is kept; what counts is whether they are others.
  const names = JSON.stringify(named);
  const [reading, setReading] = useState<Reading>({ share: 0, read: null, problem: null });

  useEffect(() => {
    if (!table) return;
    let stopped = false;
    const run = async () => {
      const whole: Response<'book-import'> = { mapping: [], columns: [], lines: [], rejected: [] };
      setReading({ share: 0, read: null, problem: null });
      for (let at = 0; at < table.rows.length; at += linesAtOnce) {
        const outcome = await calculate('book-import', {
          kind,
          header: table.header,
          rows: table.rows.slice(at, at + linesAtOnce),
          firstLine: at + 2,
          mapping,
          offsetMinutes: clockOffset(),
          names: JSON.parse(names) as typeof named,
        });
        if (stopped) return;
        if (!outcome.ok) {
          setReading({
            share: 1,
            read: null,
            problem: outcome.problem.errors[0]?.message ?? outcome.problem.title,
          });
          return;
        }
        const { response } = outcome;
        whole.mapping = response.mapping;
        whole.columns = response.columns;
        whole.lines = whole.lines.concat(response.lines);
        whole.rejected = whole.rejected.concat(response.rejected);
        const share = Math.min(1, (at + linesAtOnce) / table.rows.length);
        setReading({ share, read: share === 1 ? whole : null, problem: null });
        // Lets the bar be drawn.
        await new Promise((next) => setTimeout(next));
        if (stopped) return;
      }
    };
    void run();
    return () => {
      stopped = true;
    };
  }, [kind, table, mapping, names]);
  return reading;
}
