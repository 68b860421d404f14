import { Box, ToggleButton, Typography } from '@mui/material';
import { useEffect, useRef } from 'react';
import { twoLines } from '../../../shared/twoLines';
import { useInHand } from '../../../store/InHandContext';
import { ofItemKind } from '../../../store/kitItems';
import type { Kept } from '../../../store/records';
import { VesselPicture } from '../../../shared/vessels/VesselPicture';
import type { DraftStore } from '../useDraft';
import { chooseContainer } from './chooseContainer';

/** The bottles at hand, each as full as it is; the one to be treated stands out. */
export function BottleStrip({ form: { draft, set }, kit }: { form: DraftStore; kit: Kept<'kit-item'>[] }) {
  const state = useInHand();
  const bottles = ofItemKind(kit, 'container').flatMap(
    ({ id }) => state?.containers.find((container) => container.id === id) ?? [],
  );
  const chosen = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // Only sideways: the page itself stays where it is.
    const strip = chosen.current?.parentElement;
    if (strip && chosen.current) strip.scrollLeft = chosen.current.offsetLeft - strip.offsetLeft - 8;
  }, [draft.containerId, bottles.length]);
  if (bottles.length === 0) return null;
  return (
    <Box
      role="group"
      aria-label="Bottle in the hand"
      sx={{ display: 'flex', gap: 0.75, overflowX: 'auto', pb: 0.5, scrollbarWidth: 'thin' }}
    >
      {bottles.map((container) => {
        const isChosen = container.id === draft.containerId;
        return (
          <ToggleButton
            key={container.id}
            ref={isChosen ? chosen : undefined}
            value={container.id}
            selected={isChosen}
            onChange={() => set(chooseContainer(container.id, kit, state, draft))}
            sx={{
              flex: '0 0 auto',
              width: 158,
              gap: 0.75,
              p: 0.5,
              justifyContent: 'flex-start',
              textAlign: 'left',
              borderRadius: 2,
              bgcolor: 'background.paper',
              '&.Mui-selected, &.Mui-selected:hover': {
                bgcolor: 'background.paper',
                color: 'text.primary',
                outline: '3px solid',
                outlineColor: 'primary.main',
                outlineOffset: '-3px',
              },
            }}
          >
            <VesselPicture container={container} />
            <Box sx={{ minWidth: 0 }}>
              <Typography
                component="span"
                sx={{
                  fontSize: '1rem',
                  fontWeight: 700,
                  lineHeight: 1.1,
                  ...twoLines,
                }}
              >
                {container.name}
              </Typography>{' '}
              <Typography
                component="span"
                sx={{
                  fontSize: '1rem',
                  lineHeight: 1.1,
                  display: 'block',
                  whiteSpace: 'nowrap',
                  overflow: 'hidden',
                  textOverflow: 'ellipsis',
                }}
              >
                {container.words}
              </Typography>
            </Box>
          </ToggleButton>
        );
      })}
    </Box>
  );
}
