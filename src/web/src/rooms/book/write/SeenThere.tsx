import ExpandMore from '@mui/icons-material/ExpandMore';
import { Accordion, AccordionDetails, AccordionSummary, Typography } from '@mui/material';
import type { Sighting } from '../../../core/contract';
import { SignPicker } from '../../treat/source/SignPicker';

/** What was seen at a source or upstream: folded away, as most reports have nothing of it to tell. */
export function SeenThere({
  seen,
  onChange,
}: {
  seen: Sighting[] | null;
  onChange: (seen: Sighting[] | null) => void;
}) {
  return (
    <Accordion
      variant="outlined"
      disableGutters
      defaultExpanded={seen !== null && seen.length > 0}
      sx={{ borderColor: 'divider', borderRadius: 1, '&::before': { display: 'none' } }}
    >
      <AccordionSummary expandIcon={<ExpandMore />} sx={{ minHeight: 48 }}>
        <Typography variant="h3" component="span">
          What is seen there or upstream
        </Typography>
      </AccordionSummary>
      <AccordionDetails sx={{ display: 'grid', gap: 1.5 }}>
        <SignPicker seen={seen ?? []} onChange={(now) => onChange(now.length > 0 ? now : null)} />
      </AccordionDetails>
    </Accordion>
  );
}
