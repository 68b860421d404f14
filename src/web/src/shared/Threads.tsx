import { Box } from '@mui/material';
import type { Schema } from '../core/contract';

type Row = Schema<'LedgerRow'>;

const height = 34;
const middle = height / 2;

/** How thick a thread is where nothing has been taken from it yet, px. */
const whole = 11;

interface Props {
  row: Row;
  width: number;
}

/**
 * One class of organism on its way to the cup: a thread through the gates that the barriers are. It thins as
 * they take from it and ends at the gate where its target is reached; what does not end runs on into the cup.
 */
export function Thread({ row, width }: Props) {
  const gates = gatesAt(row.credits.length, width);
  const wanted = row.targetLogs ?? Infinity;
  const pieces: { from: number; to: number; thick: number }[] = [];
  let [taken, from] = [0, 0];
  let end: number | null = null;
  row.credits.forEach(({ logs }, i) => {
    if (end !== null) return;
    pieces.push({ from, to: gates[i], thick: thickness(taken, row.targetLogs) });
    [taken, from] = [taken + logs, gates[i]];
    if (taken >= wanted - 1e-9) end = gates[i]!;
  });
  const runsOn = end === null;
  if (runsOn) pieces.push({ from, to: width - 22, thick: thickness(taken, row.targetLogs) });
  return (
    <Box
      component="svg"
      width={width}
      height={height}
      aria-hidden
      sx={{
        display: 'block',
        color: row.targetLogs === null ? 'text.secondary' : runsOn ? 'warning.main' : 'success.main',
      }}
    >
      {pieces.map((piece) => (
        <line
          key={piece.from}
          x1={piece.from}
          x2={piece.to}
          y1={middle}
          y2={middle}
          stroke="currentColor"
          strokeWidth={piece.thick}
          strokeDasharray={runsOn ? '9 5' : undefined}
        />
      ))}
      {gates.map((x) => (
        <Box
          key={x}
          component="line"
          x1={x}
          x2={x}
          y1={0}
          y2={height}
          sx={{ stroke: 'currentColor', strokeWidth: 2.5, color: 'text.primary' }}
        />
      ))}
      {end !== null && (
        <g>
          <circle cx={end} cy={middle} r={9} fill="currentColor" />
          <Box
            component="path"
            d={`M${end - 4.5} ${middle}l3.2 3.6l6-7`}
            sx={{ fill: 'none', stroke: 'currentColor', strokeWidth: 2.4, color: 'background.paper' }}
          />
        </g>
      )}
      {runsOn && (
        <path
          d={`M${width - 20} ${middle - 9}h18l-3 18h-12z`}
          fill="none"
          stroke="currentColor"
          strokeWidth={2.2}
          strokeLinejoin="round"
        />
      )}
    </Box>
  );
}

/** Where the gates stand, evenly between the source and the cup. */
export function gatesAt(count: number, width: number): number[] {
  return Array.from({ length: count }, (_, i) => (width - 22) * ((i + 1) / (count + 1)));
}

function thickness(taken: number, target: number | null): number {
  if (target === null || target <= 0) return 3;
  return Math.max(2.5, whole * (1 - Math.min(1, taken / target)));
}
