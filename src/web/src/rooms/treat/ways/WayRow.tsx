import { Box, Typography } from '@mui/material';
import type { ChainSummary } from '../../../core/contract';
import { outcomeLooks } from '../../../shared/outcomeLooks';
import { clockTime, later } from '../../../shared/time';
import type { TimeAxis } from './timeAxis';
import { WayBar } from './WayBar';

interface Props {
  chain: ChainSummary;
  best: boolean;
  chosen: boolean;
  onChoose: () => void;
  now: string;
  axis: TimeAxis;
  width: number;
}

/** A way in one row: how good, when, and how its time goes. */
export function WayRow({ chain, best, chosen, onChoose, now, axis, width }: Props) {
  const { Icon, colour, words } = outcomeLooks[chain.outcome];
  const isDrawn = chain.parts.length > 0;
  return (
    <Box
      component="label"
      sx={{
        position: 'relative',
        display: 'grid',
        alignContent: 'center',
        gap: 0.25,
        minHeight: 48,
        px: 1,
        cursor: 'pointer',
        bgcolor: chosen ? 'action.selected' : undefined,
        boxShadow: (theme) => (chosen ? `inset 5px 0 ${theme.palette.primary.main}` : 'none'),
        '&:focus-within': {
          outline: 3,
          outlineStyle: 'solid',
          outlineColor: 'text.primary',
          outlineOffset: -3,
        },
      }}
    >
      <input
        type="radio"
        name="chain"
        value={chain.id}
        checked={chosen}
        onChange={onChoose}
        aria-label={chain.name}
        aria-describedby={`way-${chain.id}`}
        style={{
          position: 'absolute',
          inset: 0,
          opacity: 0,
          width: '100%',
          height: '100%',
          margin: 0,
          cursor: 'pointer',
        }}
      />
      <Box id={`way-${chain.id}`} sx={{ display: 'flex', gap: 0.5, alignItems: 'center', minWidth: 0 }}>
        <Icon titleAccess={words} fontSize="small" sx={{ color: colour, flexShrink: 0 }} />
        <Typography
          component="span"
          sx={{
            flex: 1,
            minWidth: 0,
            fontSize: '1rem',
            fontWeight: chosen || best ? 700 : 500,
            lineHeight: 1.15,
            whiteSpace: 'nowrap',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
          }}
        >
          {chain.name}
        </Typography>
        {best && (
          <Box
            component="span"
            sx={{
              px: 0.5,
              borderRadius: 1,
              border: 1.5,
              borderColor: colour,
              // Read on the chosen row's tint over the dark hours' shade too.
              color: 'text.primary',
              fontWeight: 650,
            }}
          >
            best
          </Box>
        )}
        {chain.drinkableMinutes !== null && chain.outcome !== 'refused' && (
          <Typography component="span" sx={{ fontSize: '1rem', fontWeight: 650, whiteSpace: 'nowrap' }}>
            {clockTime(later(now, Math.ceil(chain.drinkableMinutes)))}
          </Typography>
        )}
      </Box>
      {isDrawn && <WayBar chain={chain} axis={axis} width={width} />}
    </Box>
  );
}
