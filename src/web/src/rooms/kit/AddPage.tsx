import { Box, ButtonBase, Stack, Typography } from '@mui/material';
import { useId } from 'react';
import { useNavigate } from 'react-router';
import type { Response } from '../../core/contract';
import type { Item } from '../../store/kitItems';
import { KitTile, tileGrid } from './KitTile';

/** What comes into the kit, picked from drawings: usual pieces first, then a blank of every kind. */
export function AddPage({ templates, blanks }: Response<'kit-templates'>) {
  return (
    <Stack spacing={2}>
      <Typography variant="h2" component="h1">
        What comes into the kit?
      </Typography>
      <Tiles
        title="Usual pieces"
        hint="Tap the nearest; its figures can be changed before it is kept."
        tiles={templates.map(({ id, item }) => ({ address: `from-${id}`, item }))}
      />
      <Tiles
        title="A blank of each kind"
        hint="Nothing filled in but what every piece of the kind has."
        tiles={blanks.map((item) => ({ address: `new-${item.kind}`, item }))}
      />
    </Stack>
  );
}

interface TilesProps {
  title: string;
  hint: string;
  tiles: { address: string; item: Item }[];
}

function Tiles({ title, hint, tiles }: TilesProps) {
  const navigate = useNavigate();
  const heading = useId();
  return (
    <Box component="section" aria-labelledby={heading}>
      <Typography variant="h3" id={heading}>
        {title}
      </Typography>
      <Typography color="text.secondary" sx={{ mb: 1 }}>
        {hint}
      </Typography>
      <Box sx={tileGrid}>
        {tiles.map(({ address, item }) => (
          <ButtonBase
            key={address}
            onClick={() => void navigate(`/kit/${address}`)}
            sx={{
              flexDirection: 'column',
              gap: 0.5,
              p: 0.75,
              minHeight: 92,
              border: 1,
              borderColor: 'divider',
              borderRadius: 2,
              bgcolor: 'background.paper',
              textAlign: 'center',
              '&:hover': { borderColor: 'primary.main' },
            }}
          >
            <KitTile item={item} />
          </ButtonBase>
        ))}
      </Box>
    </Box>
  );
}
