import Check from '@mui/icons-material/Check';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../store/CatalogueContext';
import type { Schema } from '../core/contract';
import { gatesAt, Thread } from './Threads';
import { minutesText } from './time';
import { plain } from './units';
import { useWidth } from './useWidth';

type Row = Schema<'LedgerRow'>;

/** The water's way: a brook through the barriers, a thread for each class of organism, the exact logs beside it. */
export function Ledger({ rows }: { rows: Row[] }) {
  const { classes } = useCatalogue();
  const [ref, width] = useWidth<HTMLTableCellElement>();
  const barriers = rows[0]?.credits.map(({ barrier }) => barrier) ?? [];
  return (
    <Box
      component="table"
      sx={{
        width: '100%',
        borderCollapse: 'collapse',
        '& td, & th': { p: 0, textAlign: 'left', verticalAlign: 'middle' },
      }}
    >
      <Typography
        component="caption"
        variant="body2"
        sx={{ textAlign: 'left', color: 'text.secondary', captionSide: 'top', pb: 0.5 }}
      >
        The water’s way: what each barrier takes, in log steps. A thread that does not end runs into the cup.
      </Typography>
      <tbody>
        <tr aria-hidden>
          <td />
          <Box component="td" sx={{ position: 'relative', height: 24 }}>
            {gatesAt(barriers.length, width).map((left, i) => (
              <Typography
                key={left}
                component="span"
                noWrap
                sx={{
                  position: 'absolute',
                  left,
                  bottom: 0,
                  transform: 'translateX(-50%)',
                  maxWidth: (width / (barriers.length + 1)) * 1.25,
                  fontSize: '1rem',
                  lineHeight: 1.2,
                  fontWeight: 600,
                }}
              >
                {barriers[i]}
              </Typography>
            ))}
          </Box>
          <td />
        </tr>
        {rows.map((row, i) => (
          <tr key={row.organism}>
            <Box component="th" scope="row" sx={{ fontWeight: 600, width: '1%', pr: '12px !important' }}>
              {classes.find((c) => c.organism === row.organism)?.name}
            </Box>
            <Box component="td" ref={i === 0 ? ref : undefined} sx={{ bgcolor: 'action.hover' }}>
              {width > 0 && <Thread row={row} width={width} />}
            </Box>
            <Box component="td" sx={{ width: '1%', pl: '12px !important', whiteSpace: 'nowrap' }}>
              <Figure row={row} />
            </Box>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

function Figure({ row }: { row: Row }) {
  const Icon = row.meets ? Check : WarningAmber;
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 0.5,
        color: row.meets ? 'success.main' : 'warning.main',
      }}
    >
      <Icon fontSize="small" aria-hidden />
      <Typography component="span" sx={{ fontWeight: 650 }}>
        {row.targetLogs === null
          ? `${plain(row.totalLogs, 1)}, not asked`
          : `${plain(Math.floor(row.totalLogs * 10) / 10, 1)} of ${plain(row.targetLogs, 0)}`}
      </Typography>
      {row.credits.length > 1 && (
        <Typography
          component="span"
          variant="body2"
          sx={{ color: 'text.secondary', display: { xs: 'none', sm: 'inline' } }}
        >
          ({row.credits.map((credit) => plain(Math.floor(credit.logs * 10) / 10, 1)).join(' + ')})
        </Typography>
      )}
      {row.credits.length === 1 && row.minutesToTarget !== null && (
        <Typography
          component="span"
          variant="body2"
          sx={{ color: 'text.secondary', display: { xs: 'none', md: 'inline' } }}
        >
          in {minutesText(row.minutesToTarget)}
        </Typography>
      )}
    </Box>
  );
}
