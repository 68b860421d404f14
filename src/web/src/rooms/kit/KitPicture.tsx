import { Box } from '@mui/material';
import { vesselOutlines, vesselShape, vesselSize } from '../../shared/vessels/vesselShapes';
import type { Item, ItemKind } from '../../store/kitItems';

interface Drawing {
  ink: string;
  water?: string;
}

/** What treats, clears or flavours, each in a few lines on a field of 48 × 48; what moves water is filled with it. */
const drawn: Record<Exclude<ItemKind, 'container' | 'pot'>, Drawing> = {
  filter: { ink: 'M17 4h14v8l3 4v18l-4 5v5H18v-5l-4-5V16l3-4zM14 16h20M14 34h20M20 20v10m4-10v10m4-10v10' },
  lamp: { ink: 'M24 4v24M18 28h12v10q0 6-6 6t-6-6zM21 8q-5 8 0 20M27 8q5 8 0 20M8 12l5 3M8 22l5-1M40 12l-5 3M40 22l-5-1' },
  product: { ink: 'M10 8h28v34H10zM10 18h28M17 26a3 3 0 1 0 .1 0M31 26a3 3 0 1 0 .1 0M24 34a3 3 0 1 0 .1 0' },
  burner: { ink: 'M10 44h28M14 44V30h20v14M18 30v-6h12v6M24 20q-8-6 0-16q8 10 0 16zM12 24h24' },
  flocculant: { ink: 'M20 4h8v8l-2 4h-4l-2-4zM14 20h20v22H14zM14 32h20', water: 'M15 21h18v10H15z' },
  improvisedFilter: { ink: 'M12 6h24v36H12zM12 16h24M12 26h24M12 34h24M17 11h1m5 0h1m5 0h1M16 21l3-2l3 2l3-2l3 2l3-2M18 30h1m4 0h1m4 0h1' },
  permanganate: { ink: 'M14 10h20v32H14zM17 6h14v4H17zM20 22l3 3l-3 3l-3-3zM29 26l3 3l-3 3l-3-3zM22 32l3 3l-3 3l-3-3z' },
  taste: { ink: 'M12 12h24l-3 30H15zM8 12h32M30 12l4-8M18 22l2 4m6-4l-2 6m-4 4l4 2' },
  neutraliser: { ink: 'M14 8h20v34H14zM14 16h20M24 22v12M18 28h12' },
  electrolytes: { ink: 'M12 8h24v34H12zM12 14h24M26 19l-7 10h6l-3 8l8-11h-6z' },
}; // prettier-ignore

/** A filter that hangs: a bag above, the element in its tube below. */
const gravityFilter: Drawing = {
  ink: 'M12 4h24v14q0 4-4 4H16q-4 0-4-4zM24 22v6M20 28h8v12h-8zM24 40v5M22 31v6m4-6v6',
  water: 'M13 11h22v7q0 3-3 3H16q-3 0-3-3z',
};

/** A thing of the kit, drawn as what it is. */
export function KitPicture({ item, size = 48 }: { item: Item; size?: number }) {
  const isVessel = item.kind === 'container' || item.kind === 'pot';
  return (
    <Box
      component="svg"
      viewBox={isVessel ? `0 0 ${vesselSize.width} ${vesselSize.height}` : '0 0 48 48'}
      aria-hidden
      sx={{ width: size, height: size, flexShrink: 0, color: 'text.primary' }}
    >
      {isVessel ? <Vessel item={item} /> : <Ink {...drawingOf(item)} width={2.3} />}
    </Box>
  );
}

function drawingOf(item: Exclude<Item, { kind: 'container' | 'pot' }>): Drawing {
  return item.kind === 'filter' && item.filter?.style === 'gravity' ? gravityFilter : drawn[item.kind];
}

/** Half full, as in a pack before the walk. */
function Vessel({ item }: { item: Item }) {
  const { body, beside } = vesselOutlines[vesselShape(item)];
  return (
    <>
      <path d={body} fill="#5fa9b5" style={{ clipPath: 'inset(45% 0 0 0)' }} />
      <Ink ink={`${body}${beside ?? ''}`} width={3.4} />
    </>
  );
}

function Ink({ ink, water, width }: Drawing & { width: number }) {
  return (
    <>
      {water && <path d={water} fill="#5fa9b5" />}
      <path
        d={ink}
        fill="none"
        stroke="currentColor"
        strokeWidth={width}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </>
  );
}
