import { Box, Button, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { show } from '../../../shared/units';
import { KitPicture } from '../KitPicture';
import { measures, share } from './measures';

interface Props {
  set: Schema<'KitSet'>;
  pieces: Schema<'KitPiece'>[];
  /** All that stand side by side, for the lengths of the bars. */
  all: Schema<'KitSet'>[];
  title: string;
  isBest?: boolean;
  onTake?: () => void;
}

/** One set: its things drawn, what it measures beside the others, what it lacks or leaves. */
export function SetRow({ set, pieces, all, title, isBest = false, onTake }: Props) {
  const catalogue = useCatalogue();
  const own = set.ids.flatMap((id) => pieces.find((piece) => piece.id === id) ?? []);
  return (
    <Box
      component="li"
      aria-label={`${title}: ${set.names.join(', ')}`}
      sx={{ py: 1.25, borderTop: 1, borderColor: 'divider', display: 'grid', gap: 0.75 }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box sx={{ display: 'flex', gap: 0.25 }}>
          {own.map(
            ({ id, entries }) => entries[0]?.item && <KitPicture key={id} item={entries[0].item} size={36} />,
          )}
        </Box>
        <Box sx={{ flex: '1 1 220px' }}>
          <Typography variant="body2" sx={{ color: 'text.secondary', lineHeight: 1.2 }}>
            {title}
          </Typography>
          <Typography sx={{ fontWeight: isBest ? 750 : 600, lineHeight: 1.2 }}>
            {set.names.join(' + ')}
          </Typography>
        </Box>
        {onTake && (
          <Button
            variant={isBest ? 'contained' : 'outlined'}
            onClick={onTake}
            aria-label={`Take this: ${set.names.join(', ')}`}
          >
            Take this
          </Button>
        )}
      </Box>
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gap: '4px 12px',
          gridTemplateColumns: { xs: 'repeat(3, minmax(0, 1fr))', sm: 'repeat(6, minmax(0, 1fr))' },
        }}
      >
        {measures.map((measure) => (
          <Box key={measure.id}>
            <Typography component="dt" variant="body2" sx={{ color: 'text.secondary', lineHeight: 1.2 }}>
              {measure.name}
            </Typography>
            <Typography
              component="dd"
              sx={{ m: 0, fontWeight: 600, lineHeight: 1.25, fontVariantNumeric: 'tabular-nums' }}
            >
              {measure.words(set, catalogue)}
            </Typography>
            <Box aria-hidden sx={{ height: 6, bgcolor: 'action.hover', borderRadius: 1 }}>
              <Box
                sx={{ height: 1, borderRadius: 1, bgcolor: 'primary.main' }}
                style={{ width: `${share(measure, set, all) * 100}%` }}
              />
            </Box>
          </Box>
        ))}
      </Box>
      {set.lacks.length > 0 && (
        <Typography sx={{ color: 'error.main', fontWeight: 600 }}>Lacks: {set.lacks.join(' · ')}</Typography>
      )}
      {set.gapAt !== null && (
        <Typography sx={{ color: 'error.main' }}>
          Nothing of it treats the water of {set.gapAt}: {show(catalogue, 'volume', set.litresToGap)} until
          then
        </Typography>
      )}
      {set.leavesNothing.length > 0 && (
        <Typography sx={{ color: 'error.main' }}>
          Leaves nothing after: {set.leavesNothing.join(', ').toLowerCase()}
        </Typography>
      )}
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {[
          set.mostly && `Mostly: ${set.mostly}`,
          `enough for ${show(catalogue, 'volume', set.coveredL)} of the worst water`,
          set.leavesOne.length > 0 && `one way left after: ${set.leavesOne.join(', ').toLowerCase()}`,
          set.waitMinutes >= 1 && `longest wait at ${set.waitAt}`,
          `to carry out: ${set.waste}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
    </Box>
  );
}
