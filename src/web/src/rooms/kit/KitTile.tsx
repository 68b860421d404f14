import { Typography } from '@mui/material';
import type { Item } from '../../store/kitItems';
import { KitPicture } from './KitPicture';

/** What stands on a tile of the pickers: the thing drawn, its name below. */
export function KitTile({ item }: { item: Item }) {
  return (
    <>
      <KitPicture item={item} />
      <Typography component="span" sx={{ fontSize: '1rem', lineHeight: 1.1, hyphens: 'auto' }}>
        {item.name}
      </Typography>
    </>
  );
}

/** Tiles in as many columns as there is room for. */
export const tileGrid = {
  display: 'grid',
  gap: 0.75,
  gridTemplateColumns: 'repeat(auto-fill, minmax(112px, 1fr))',
};
