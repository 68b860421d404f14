import ExpandMore from '@mui/icons-material/ExpandMore';
import { Accordion, AccordionDetails, AccordionSummary, Box, Typography } from '@mui/material';
import type { Schema } from '../core/contract';
import { figure } from './units';

type Value = Schema<'WorkingValue'>;

/** Every formula behind the answer, with its inputs and source. Inside units throughout. */
export function WorkingPanel({ steps }: { steps: Schema<'WorkingStep'>[] }) {
  if (steps.length === 0) return null;
  return (
    <Accordion
      variant="outlined"
      disableGutters
      sx={{ borderColor: 'divider', borderRadius: 1, '&::before': { display: 'none' } }}
    >
      <AccordionSummary expandIcon={<ExpandMore />} sx={{ minHeight: 48 }}>
        <Typography variant="h3" component="span">
          Working
        </Typography>
      </AccordionSummary>
      <AccordionDetails>
        <Box component="ol" sx={{ m: 0, pl: 2.5, '& li + li': { mt: 2 } }}>
          {steps.map((step, index) => (
            <li key={`${index}-${step.label}`}>
              <Typography sx={{ fontWeight: 650 }}>
                {step.label}: {text(step.result)}
              </Typography>
              <Typography sx={{ overflowWrap: 'anywhere' }}>{step.formula}</Typography>
              {step.inputs.length > 0 && (
                <Typography>with {step.inputs.map((input) => text(input)).join(', ')}</Typography>
              )}
              <Typography variant="body2" sx={{ color: 'text.secondary' }}>
                {step.source}
              </Typography>
            </li>
          ))}
        </Box>
      </AccordionDetails>
    </Accordion>
  );
}

function text({ name, value, unit, text: word }: Value): string {
  return `${name} = ${value === null ? word : `${figure(value)} ${unit}`.trim()}`;
}
