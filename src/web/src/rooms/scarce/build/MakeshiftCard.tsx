import { Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schema } from '../../../core/contract';
import { Cautions } from '../../../shared/Cautions';
import { minutesText } from '../../../shared/time';
import { keep } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { builtThings } from '../drawing/builtThings';
import { LineDrawing } from '../drawing/LineDrawing';

/** One of them: drawn, what it takes, in build order, and how to see that it is right. */
export function MakeshiftCard({ card }: { card: Schema<'MakeshiftCard'> }) {
  const { db, sync } = useStore();
  const navigate = useNavigate();
  const drawing = builtThings[card.id];
  const [keptAs, setKeptAs] = useState<string | null>(null);
  const toKit = async () => {
    setKeptAs(await keep(db, 'kit-item', card.toKit!));
    sync.nudge();
  };
  return (
    <Paper
      component="article"
      aria-label={card.name}
      variant="outlined"
      sx={{ p: 1.5, borderColor: 'divider', display: 'grid', gap: 1 }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        {drawing && <LineDrawing drawing={drawing} />}
        <div>
          <Typography variant="h3">{card.name}</Typography>
          <Typography sx={{ fontWeight: 650, lineHeight: 1.25 }}>{card.yield}</Typography>
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            {minutesText(card.makeMinutes)} to make · {card.needs.join(', ')}
          </Typography>
        </div>
      </Box>
      <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
        {card.steps.map((step) => (
          <li key={step}>
            <Typography>{step}</Typography>
          </li>
        ))}
      </Box>
      <Typography>
        <strong>Check:</strong> {card.check}
      </Typography>
      <Typography sx={{ color: 'error.main', fontWeight: 600 }}>{card.notTakenOut}</Typography>
      {card.cautions.length > 0 && <Cautions cautions={card.cautions} />}
      <Typography>
        <strong>Then:</strong> {card.next}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => void navigate('/treat')}>
          To Water
        </Button>
        {card.toKit &&
          (keptAs === null ? (
            <Button variant="outlined" onClick={() => void toKit()}>
              It is built: put it in the kit
            </Button>
          ) : (
            <Button component={Link} to={`/kit/${keptAs}`}>
              It is in the kit
            </Button>
          ))}
      </Box>
    </Paper>
  );
}
