import { Box, Typography } from '@mui/material';
import type { ChainList, ChainSummary } from '../../../core/contract';
import { minutesText } from '../../../shared/time';
import { useWidth } from '../../../shared/useWidth';
import { timeAxis } from './timeAxis';
import { WayRow } from './WayRow';

interface Props {
  chains: ChainSummary[];
  best: string | null;
  chosen: string | null;
  darks: ChainList['darks'];
  now: string;
  onChoose: (chain: ChainSummary) => void;
}

/** Every way on one axis of time: work full, waiting light, the dark shaded behind them. */
export function WaysPicture({ chains, best, chosen, darks, now, onChoose }: Props) {
  const [ref, outer] = useWidth<HTMLDivElement>();
  const width = Math.max(0, outer - 16);
  const longest = Math.max(10, ...chains.map(({ drinkableMinutes }) => drinkableMinutes ?? 0));
  const axis = timeAxis(longest, width);
  return (
    <div>
      <Box ref={ref} sx={{ position: 'relative' }}>
        <Box sx={{ position: 'relative', height: 22, mx: 1 }} aria-hidden>
          <Tick left={0} words="now" />
          {axis.ticks.map((tick) => (
            <Tick key={tick} left={axis.at(tick)} words={minutesText(tick)} />
          ))}
        </Box>
        <Box sx={{ position: 'absolute', inset: '22px 8px 0', pointerEvents: 'none' }} aria-hidden>
          {darks.map(({ fromMinutes, toMinutes }) => (
            <Box
              key={fromMinutes}
              sx={{
                position: 'absolute',
                top: 0,
                bottom: 0,
                left: axis.at(fromMinutes),
                width: axis.at(Math.min(toMinutes, longest)) - axis.at(Math.min(fromMinutes, longest)),
                bgcolor: 'text.primary',
                opacity: 0.1,
              }}
            />
          ))}
          {axis.ticks.map((tick) => (
            <Box
              key={tick}
              sx={{
                position: 'absolute',
                top: 0,
                bottom: 0,
                left: axis.at(tick),
                borderLeft: 1,
                borderColor: 'divider',
                opacity: 0.7,
              }}
            />
          ))}
        </Box>
        <Box
          role="radiogroup"
          aria-label="Way to treat it"
          sx={{ position: 'relative', borderTop: 1, borderColor: 'divider' }}
        >
          {chains.map((chain) => (
            <WayRow
              key={chain.id}
              chain={chain}
              best={chain.id === best}
              chosen={chain.id === chosen}
              onChoose={() => onChoose(chain)}
              now={now}
              axis={axis}
              width={width}
            />
          ))}
        </Box>
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary', px: 1, pt: 0.5 }}>
        Full: your work. Light: waiting.{darks.length > 0 && ' Shaded: dark.'}
      </Typography>
    </div>
  );
}

function Tick({ left, words }: { left: number; words: string }) {
  return (
    <Typography
      component="span"
      sx={{
        position: 'absolute',
        left,
        fontSize: '1rem',
        lineHeight: 1.2,
        color: 'text.secondary',
        transform: left === 0 ? undefined : 'translateX(-50%)',
        whiteSpace: 'nowrap',
      }}
    >
      {words}
    </Typography>
  );
}
