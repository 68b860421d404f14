import { Box, ButtonBase, Typography } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useCatalogue } from '../../../store/CatalogueContext';
import { clockTime } from '../../../shared/time';
import { twoLines } from '../../../shared/twoLines';
import { show } from '../../../shared/units';
import type { ContainerInHand } from '../../../store/InHandContext';
import { VesselPicture } from '../../../shared/vessels/VesselPicture';
import { waterLook } from '../../../shared/vessels/waterLooks';

interface Props {
  container: ContainerInHand;
  onOpen: () => void;
}

/** One container: drawn as full as it is, what it holds, and until when; upright and short on a phone, so that all are seen at once. */
export function ContainerCard({ container, onOpen }: Props) {
  const catalogue = useCatalogue();
  const { Icon, colour } = waterLook(container);
  const { name, water, litres } = container;
  const volume = show(catalogue, 'volume', litres);
  const readyAt = water.is === 'underWay' ? water.readyAt : null;
  const drinkBy = water.is === 'clean' && !water.stale ? water.drinkBy : null;
  const words = readyAt ? `${volume}, ready at ${clockTime(readyAt)}` : container.words;
  return (
    <ButtonBase
      onClick={onOpen}
      sx={{
        display: 'flex',
        flexDirection: { xs: 'column', sm: 'row' },
        gap: { xs: 0.25, sm: 1 },
        px: { xs: 0.25, sm: 1 },
        py: { xs: 0.5, sm: 1 },
        minWidth: 0,
        overflow: 'hidden',
        width: '100%',
        minHeight: 88,
        textAlign: { xs: 'center', sm: 'left' },
        justifyContent: 'flex-start',
        alignItems: 'center',
        border: 1,
        borderColor: 'divider',
        borderRadius: 2,
        bgcolor: 'background.paper',
      }}
    >
      <VesselPicture container={container} />
      <Box component="span" sx={visuallyHidden}>
        {name} {words}
        {drinkBy && `, drink by ${clockTime(drinkBy)}`}
      </Box>
      <Box aria-hidden sx={{ minWidth: 0, width: '100%' }}>
        <Typography
          component="span"
          sx={{
            fontSize: '1rem',
            fontWeight: 700,
            lineHeight: 1.1,
            ...twoLines,
            hyphens: 'auto',
            letterSpacing: { xs: '-0.02em', sm: 'normal' },
          }}
        >
          {name}
        </Typography>
        <Box
          component="span"
          sx={{
            display: 'flex',
            gap: 0.25,
            alignItems: { xs: 'center', sm: 'flex-start' },
            justifyContent: { xs: 'center', sm: 'flex-start' },
            color: colour,
          }}
        >
          <Icon
            aria-hidden
            sx={{ fontSize: { xs: '1.05rem', sm: '1.25rem' }, mt: { sm: 0.25 }, flexShrink: 0 }}
          />
          <Typography
            component="span"
            variant="body2"
            sx={{
              fontWeight: 650,
              lineHeight: 1.2,
              letterSpacing: { xs: '-0.03em', sm: 'normal' },
            }}
          >
            <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' } }}>
              {words}
            </Box>
            <Box component="span" sx={{ display: { sm: 'none' } }}>
              {readyAt ? clockTime(readyAt) : litres > 0 ? volume : 'empty'}
            </Box>
          </Typography>
        </Box>
        {drinkBy && (
          <Typography component="span" variant="body2" sx={{ display: 'block', lineHeight: 1.15 }}>
            <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' } }}>
              drink{' '}
            </Box>
            by {clockTime(drinkBy)}
          </Typography>
        )}
      </Box>
    </ButtonBase>
  );
}
