import { Box } from '@mui/material';
import type { ChainSummary } from '../../../core/contract';
import type { TimeAxis } from './timeAxis';
import { wayPieces } from './wayPieces';

const height = 14;

/** One way on the axis: work full, waiting light, its end an upright line. */
export function WayBar({ chain, axis, width }: { chain: ChainSummary; axis: TimeAxis; width: number }) {
  const colour = chain.outcome === 'meets' ? 'success.main' : 'warning.main';
  return (
    <Box component="svg" width={width} height={height} aria-hidden sx={{ display: 'block', color: colour }}>
      {wayPieces(chain.parts).map(({ fromMinutes, toMinutes, isWork }) => (
        <rect
          key={fromMinutes}
          x={axis.at(fromMinutes)}
          y={isWork ? 0 : 4}
          width={Math.max(1, axis.at(toMinutes) - axis.at(fromMinutes))}
          height={isWork ? height : height - 8}
          fill="currentColor"
          opacity={isWork ? 1 : 0.42}
        />
      ))}
      {chain.drinkableMinutes !== null && (
        <rect
          x={Math.max(0, axis.at(chain.drinkableMinutes) - 3)}
          width={3}
          height={height}
          fill="currentColor"
        />
      )}
    </Box>
  );
}
