import ExpandMore from '@mui/icons-material/ExpandMore';
import {
  Accordion,
  AccordionDetails,
  AccordionSummary,
  Box,
  Button,
  Checkbox,
  FormControlLabel,
  Paper,
  Typography,
} from '@mui/material';
import { useNavigate } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { WaterWay } from '../../../core/contract';
import { Cautions } from '../../../shared/Cautions';
import { Lines } from '../../../shared/Lines';
import { NumberEntry } from '../../../shared/NumberEntry';
import { minutesText } from '../../../shared/time';
import { show } from '../../../shared/units';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { LineDrawing } from '../drawing/LineDrawing';
import { waysDrawn } from '../drawing/waysDrawn';
import { NetBar } from './NetBar';
import { treatDraft } from './treatDraft';

interface Props {
  way: WaterWay;
  chosen: boolean;
  onCount: (on: boolean, count?: number) => void;
}

/** One way of making water: its net, its yield and work, and how it is done. */
export function WayCard({ way, chosen, onCount }: Props) {
  const catalogue = useCatalogue();
  const navigate = useNavigate();
  const drawing = waysDrawn[way.id];
  const litres = (l: number) => show(catalogue, 'volume', l);
  return (
    <Paper
      component="article"
      aria-label={way.name}
      variant="outlined"
      sx={{
        p: 1.5,
        borderColor: chosen ? 'primary.main' : 'divider',
        borderWidth: chosen ? 3 : 1,
        display: 'grid',
        gap: 1,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        {drawing && <LineDrawing drawing={drawing} size={72} />}
        <Typography variant="h2">{way.name}</Typography>
      </Box>
      <NetBar low={way.netLowL} high={way.netHighL} />
      <Typography sx={{ fontWeight: 650 }}>{way.headline}</Typography>
      <Typography variant="body2">
        Yields {litres(way.lowL)} to {litres(way.highL)} a day · {minutesText(way.labourHours * 60)} of work
        costs {litres(way.spentL)}
        {way.fuelGPerL !== null && ` · ${show(catalogue, 'fuelMass', way.fuelGPerL)} of fuel a litre`}
        {way.countName && ` · ${way.countName}: ${way.count}`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <FormControlLabel
          sx={{ minHeight: 48, mr: 1 }}
          control={<Checkbox checked={chosen} onChange={(e) => onCount(e.target.checked)} />}
          label="Count it in"
        />
        <Button
          variant="outlined"
          onClick={() => void navigate('/treat', { state: { draft: treatDraft(way.treat) } })}
        >
          Treat this water
        </Button>
      </Box>
      {chosen && way.countName && (
        <NumberEntry
          label={`Change ${way.countName}`}
          quantity="plain"
          step={1}
          value={way.count}
          onChange={(n) => typeof n === 'number' && onCount(true, n)}
        />
      )}
      <Accordion
        variant="outlined"
        disableGutters
        sx={{ borderColor: 'divider', borderRadius: 1, '&::before': { display: 'none' } }}
      >
        <AccordionSummary expandIcon={<ExpandMore />} sx={{ minHeight: 48 }}>
          <Typography variant="h3" component="span">
            How, mistakes, safety
          </Typography>
        </AccordionSummary>
        <AccordionDetails sx={{ display: 'grid', gap: 1.5 }}>
          <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
            {way.setup.map((line) => (
              <li key={line}>
                <Typography>{line}</Typography>
              </li>
            ))}
          </Box>
          <div>
            <Typography variant="h3">What goes wrong</Typography>
            <Lines lines={way.mistakes} />
          </div>
          {way.cautions.length > 0 && <Cautions cautions={way.cautions} />}
          <Typography>
            <strong>Afterwards:</strong> {way.treat.words}
          </Typography>
          <WorkingPanel steps={way.working} />
        </AccordionDetails>
      </Accordion>
    </Paper>
  );
}
