import Check from '@mui/icons-material/Check';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../core/CatalogueContext';
import type { Schema } from '../core/contract';
import { BarFrame, BarMark } from './BarFrame';
import { minutesText } from './time';
import { plain } from './units';

type Row = Schema<'LedgerRow'>;

/** Log reduction per class of organism: each barrier's share stacked up to the target line. */
export function Ledger({ rows }: { rows: Row[] }) {
  const { classes, mostLogs } = useCatalogue();
  const longest = Math.max(mostLogs, ...rows.map((row) => row.totalLogs));
  return (
    <Box
      component="table"
      sx={{ width: '100%', borderCollapse: 'collapse', '& td, & th': { py: 0.75, textAlign: 'left' } }}
    >
      <Typography
        component="caption"
        variant="body2"
        sx={{ textAlign: 'left', color: 'text.secondary', captionSide: 'top', pb: 0.5 }}
      >
        What it takes away, in log steps; the upright line is the target
      </Typography>
      <tbody>
        {rows.map((row) => (
          <tr key={row.organism}>
            <Box component="th" scope="row" sx={{ fontWeight: 600, width: '1%', pr: 1.5 }}>
              {classes.find((c) => c.organism === row.organism)?.name}
            </Box>
            <td>
              <Bar row={row} longest={longest} />
            </td>
            <Box component="td" sx={{ width: '1%', pl: 1.5, whiteSpace: 'nowrap' }}>
              <Figure row={row} />
            </Box>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

function Bar({ row, longest }: { row: Row; longest: number }) {
  const colour = row.meets ? 'success.main' : 'warning.main';
  return (
    <BarFrame>
      {row.credits
        .filter((credit) => credit.logs > 0)
        .map((credit) => (
          <Box
            key={credit.barrier}
            sx={{
              width: `${(100 * credit.logs) / longest}%`,
              bgcolor: colour,
              borderRadius: '5px',
              borderRight: 1,
              borderColor: 'background.paper',
            }}
          />
        ))}
      {row.targetLogs !== null && <BarMark percent={(100 * row.targetLogs) / longest} />}
    </BarFrame>
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
        <Typography component="span" variant="body2" sx={{ color: 'text.secondary' }}>
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
