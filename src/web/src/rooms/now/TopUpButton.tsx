import WaterDrop from '@mui/icons-material/WaterDrop';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../store/CatalogueContext';
import { NumberEntry } from '../../shared/NumberEntry';
import type { Batch } from '../../store/batches';
import { useInHand } from '../../store/InHandContext';
import { asEntered, type Entry } from '../../shared/entered';
import { useTopUp } from './useTopUp';

/** Raw water added to a batch: the dose for it, and the wait anew for all of it. */
export function TopUpButton({ batch }: { batch: Batch }) {
  const { topUpL } = useCatalogue().day;
  const [open, setOpen] = useState(false);
  const held = useInHand()?.containers.find(({ id }) => id === batch.containerId);
  const room = held && held.capacityL > held.litres ? held.capacityL - held.litres : topUpL;
  const [typed, setAddedL] = useState<Entry | undefined>();
  const addedL = typed === undefined ? room : typed;
  const { response, problem, begin } = useTopUp(open ? batch : null, asEntered(addedL));
  return (
    <>
      <Button startIcon={<WaterDrop />} onClick={() => setOpen(true)}>
        Topped up with raw water
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="top-up-title">
        <DialogTitle id="top-up-title">Topped up with raw water</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, pt: 1 }}>
          <NumberEntry
            label="Water added"
            quantity="volume"
            step={0.25}
            value={addedL}
            onChange={setAddedL}
            error={problem?.errors.find((e) => e.field === 'addedL')?.message}
          />
          <Typography sx={{ fontWeight: 700, fontSize: '1.25rem' }}>{response?.words}</Typography>
          {response?.caution && <Typography>{response.caution}</Typography>}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>Cancel</Button>
          <Button
            variant="contained"
            size="large"
            disabled={!begin}
            onClick={() => {
              setOpen(false);
              begin?.();
            }}
          >
            Begin anew
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
