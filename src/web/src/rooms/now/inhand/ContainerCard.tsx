import { Box, ButtonBase, Typography } from '@mui/material';
import { useCatalogue } from '../../../core/CatalogueContext';
import { clockTime } from '../../../shared/time';
import { show } from '../../../shared/units';
import type { ContainerInHand } from '../../../store/InHandContext';
import { VesselPicture } from './VesselPicture';
import { waterLook } from './waterLooks';

interface Props {
  container: ContainerInHand;
  onOpen: () => void;
}

/** One container: drawn as full as it is, what it holds, and until when. */
export function ContainerCard({ container, onOpen }: Props) {
  const catalogue = useCatalogue();
  const { Icon, colour } = waterLook(container);
  const { name, water, words } = container;
  const readyAt = water.is === 'underWay' ? water.readyAt : null;
  const drinkBy = water.is === 'clean' && !water.stale ? water.drinkBy : null;
  return (
    <ButtonBase
      onClick={onOpen}
      sx={{
        display: 'flex',
        gap: 1,
        p: 1,
        width: '100%',
        minHeight: 88,
        textAlign: 'left',
        justifyContent: 'flex-start',
        alignItems: 'center',
        border: 1,
        borderColor: 'divider',
        borderRadius: 2,
        bgcolor: 'background.paper',
      }}
    >
      <VesselPicture container={container} />
      <Box sx={{ minWidth: 0 }}>
        <Typography component="span" sx={{ display: 'block', fontWeight: 700, lineHeight: 1.15 }}>
          {name}
        </Typography>{' '}
        <Box component="span" sx={{ display: 'flex', gap: 0.5, alignItems: 'flex-start', color: colour }}>
          <Icon aria-hidden fontSize="small" sx={{ mt: 0.25, flexShrink: 0 }} />
          <Typography component="span" variant="body2" sx={{ fontWeight: 650, color: colour }}>
            {readyAt
              ? `${show(catalogue, 'volume', container.litres)}, ready at ${clockTime(readyAt)}`
              : words}
          </Typography>
        </Box>
        {drinkBy && (
          <Typography component="span" variant="body2" sx={{ display: 'block' }}>
            drink by {clockTime(drinkBy)}
          </Typography>
        )}
      </Box>
    </ButtonBase>
  );
}
