import Print from '@mui/icons-material/Print';
import VolumeUp from '@mui/icons-material/VolumeUp';
import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import type { Schema } from '../../../core/contract';
import { useLoggingBook } from '../../../store/books';
import { writeLine } from '../../../store/bookLines';
import { useStore } from '../../../store/StoreContext';

/**
 * A card for them in letters to be read at arm's length: to photograph, print or hear. What remains for us
 * stands below, and is not theirs.
 */
export function SpareCard({ card }: { card: Schema<'SpareCard'> }) {
  const store = useStore();
  const book = useLoggingBook();
  const [given, setGiven] = useState(false);
  const give = async () => {
    await writeLine(store, book.id, {
      kind: 'counted',
      at: new Date().toISOString(),
      itemId: card.itemId,
      left: card.leftAfter,
      note: `Gave away: ${card.give}`,
    });
    setGiven(true);
  };
  return (
    <Paper
      component="article"
      variant="outlined"
      aria-label={card.title}
      sx={{ p: 2, borderWidth: 2, borderColor: 'text.primary', display: 'grid', gap: 1 }}
    >
      <Typography variant="h2">{card.title}</Typography>
      <Typography sx={{ fontSize: '1.9rem', fontWeight: 750, lineHeight: 1.1 }}>{card.dose}</Typography>
      {card.wait !== '' && (
        <Typography sx={{ fontSize: '1.5rem', fontWeight: 650, lineHeight: 1.15 }}>{card.wait}</Typography>
      )}
      <Box component="ol" sx={{ m: 0, pl: 3, fontSize: '1.2rem' }}>
        {card.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 3 }}>
        {card.cautions.map((caution) => (
          <li key={caution}>
            <Typography sx={{ fontWeight: 600 }}>{caution}</Typography>
          </li>
        ))}
      </Box>
      <Box className="no-print" sx={{ display: 'grid', gap: 1, borderTop: 1, borderColor: 'divider', pt: 1 }}>
        {card.isTight && (
          <Alert severity="warning" variant="outlined">
            We then have less than we should: weigh it together before you give it.
          </Alert>
        )}
        {!card.isEnough && <Typography sx={{ fontWeight: 600 }}>It is not all they need.</Typography>}
        <Typography>{card.remains}</Typography>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {card.leftAfter !== null && (
            <Button variant="contained" disabled={given} onClick={() => void give()}>
              {given ? 'Written down' : `Given: ${card.give}`}
            </Button>
          )}
          <Button variant="outlined" startIcon={<VolumeUp />} onClick={() => readOut(card.spoken)}>
            Read it out
          </Button>
          <Button variant="outlined" startIcon={<Print />} onClick={() => window.print()}>
            Print it
          </Button>
        </Box>
      </Box>
    </Paper>
  );
}

/** By the device's own voice, where it has one; it speaks without a network. */
function readOut(text: string) {
  speechSynthesis.cancel();
  const speech = new SpeechSynthesisUtterance(text);
  speech.lang = 'en';
  speech.rate = 0.9;
  speechSynthesis.speak(speech);
}
