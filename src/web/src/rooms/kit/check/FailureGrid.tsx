import Check from '@mui/icons-material/Check';
import Close from '@mui/icons-material/Close';
import { Box, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';

interface Props {
  columns: Schema<'FailureColumn'>[];
  chains: Schema<'ChainInKit'>[];
}

/** Chains against failures: two must be left in each column. */
export function FailureGrid({ columns, chains }: Props) {
  const counted = chains.filter((chain) => chain.counts);
  if (counted.length === 0) return <Typography>No chain counts in this water.</Typography>;
  return (
    <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Chains against failures">
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          '& th, & td': {
            border: 1,
            borderColor: 'divider',
            p: 0.75,
            textAlign: 'center',
            verticalAlign: 'top',
          },
          '& tbody th, & tfoot th': { textAlign: 'left', minWidth: { xs: 96, md: 130 } },
          '& thead th': { hyphens: 'auto' },
        }}
      >
        <thead>
          <tr>
            <th scope="col">Chain</th>
            {columns.map((column) => (
              <th key={column.failure} scope="col">
                {column.name}
                {column.worst && (
                  <Typography variant="body2" sx={{ fontWeight: 400 }}>
                    {column.worst}
                  </Typography>
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {counted.map((chain) => (
            <tr key={chain.id}>
              <th scope="row">{chain.name}</th>
              {chain.survives.map((survives, i) => (
                <td key={columns[i].failure}>
                  <Box
                    component="span"
                    sx={{ display: 'inline-flex', flexDirection: 'column', alignItems: 'center' }}
                  >
                    {survives ? <Check aria-hidden color="success" /> : <Close aria-hidden color="error" />}
                    <Typography variant="body2" component="span">
                      {survives ? 'left' : 'lost'}
                    </Typography>
                  </Box>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">Two must be left</th>
            {columns.map((column) => (
              <td key={column.failure}>
                <strong>{column.survivors}</strong> {column.holds ? 'holds' : 'too few'}
              </td>
            ))}
          </tr>
        </tfoot>
      </Box>
    </Box>
  );
}
