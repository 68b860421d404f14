import CheckCircle from '@mui/icons-material/CheckCircle';
import { Box, Button, ToggleButton, Typography } from '@mui/material';
import { useState } from 'react';
import { calculate } from '../../core/core';
import type { Schema } from '../../core/contract';
import { useCalculation } from '../../core/useCalculation';
import { ProblemLine } from '../../shared/ProblemLine';
import { useSettings } from '../../store/LocalDataContext';
import { keepWith } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { kinds } from '../kit/kinds';
import { KitTile, tileGrid } from '../kit/KitTile';
import { toldLines, toldOfNew } from '../kit/told';

type Template = Schema<'KitTemplate'>;

/** Things picked from drawings; dates, counts and labels can be told later in the kit. */
export function CarryStep({ onDone }: { onDone: () => void }) {
  const store = useStore();
  const { units } = useSettings().settings;
  const { response } = useCalculation('kit-templates', {});
  const [picked, setPicked] = useState<string[]>([]);
  const [wrong, setWrong] = useState<string | null>(null);
  const templates = (response?.templates ?? []).toSorted(byKind);
  const save = async () => {
    const at = new Date().toISOString();
    for (const { item } of templates.filter(({ id }) => picked.includes(id))) {
      const told = toldOfNew(item);
      const checked = await calculate('kit-item', { units, item, ...told });
      if (!checked.ok) {
        setWrong(`${item.name}: ${checked.problem.errors[0]?.message ?? checked.problem.title}`);
        return;
      }
      const kept = await keepWith(store.db, 'kit-item', item, null, (id) =>
        toldLines(item, id, null, told, at),
      ).catch(() => null);
      if (kept === null) return;
    }
    store.sync.nudge();
    onDone();
  };
  return (
    <>
      <Typography>
        Tap what is in the packs. Dates, counts and copied labels can be told later, in the kit.
      </Typography>
      <Box role="group" aria-label="What you carry" sx={tileGrid}>
        {templates.map(({ id, item }) => {
          const isPicked = picked.includes(id);
          return (
            <ToggleButton
              key={id}
              value={id}
              selected={isPicked}
              onChange={() => setPicked(isPicked ? picked.filter((p) => p !== id) : [...picked, id])}
              sx={{
                position: 'relative',
                flexDirection: 'column',
                gap: 0.5,
                p: 0.75,
                borderRadius: 2,
                bgcolor: 'background.paper',
                '&.Mui-selected, &.Mui-selected:hover': {
                  bgcolor: 'background.paper',
                  color: 'text.primary',
                  outline: '3px solid',
                  outlineColor: 'primary.main',
                },
              }}
            >
              {isPicked && (
                <CheckCircle aria-hidden color="primary" sx={{ position: 'absolute', right: 4, top: 4 }} />
              )}
              <KitTile item={item} />
            </ToggleButton>
          );
        })}
      </Box>
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      <Box>
        <Button variant="contained" disabled={picked.length === 0} onClick={() => void save()}>
          {picked.length === 1 ? 'Keep this one' : `Keep these ${picked.length}`}
        </Button>
      </Box>
    </>
  );
}

/** In the order the kit lists its kinds. */
function byKind(a: Template, b: Template): number {
  const at = (t: Template) => kinds.findIndex(({ id }) => id === t.item.kind);
  return at(a) - at(b);
}
