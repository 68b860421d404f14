import { Box, Slider, Typography } from '@mui/material';
import { useId } from 'react';
import type { Schema } from '../../../core/contract';
import { measures } from './measures';

type Weights = Schema<'KitWeights'>;

const words = ['not at all', 'little', 'as usual', 'much', 'most of all'];

interface Props {
  /** What was told. */
  weights: Weights;
  /** What the sets went by, what was left out put in. */
  taken: Weights | undefined;
  onChange: (weights: Weights) => void;
}

/** How much each measure matters; the order of the sets follows. */
export function WeightSliders({ weights, taken, onChange }: Props) {
  return (
    <Box sx={{ display: 'grid', columnGap: 3, gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(3, 1fr)' } }}>
      {measures.map(({ id, name }) => {
        const value = weights[id] ?? taken?.[id];
        return (
          value != null && (
            <Weight
              key={id}
              name={name}
              value={value}
              onChange={(next) => onChange({ ...weights, [id]: next })}
            />
          )
        );
      })}
    </Box>
  );
}

function Weight({
  name,
  value,
  onChange,
}: {
  name: string;
  value: number;
  onChange: (value: number) => void;
}) {
  const id = useId();
  return (
    <Box>
      <Typography id={id} variant="body2" sx={{ color: 'text.secondary' }}>
        {name}: <b>{words[value]}</b>
      </Typography>
      <Box sx={{ px: 1 }}>
        <Slider
          size="small"
          aria-labelledby={id}
          value={value}
          min={0}
          max={4}
          marks
          getAriaValueText={(at) => words[at]}
          onChange={(_, next) => onChange(next)}
        />
      </Box>
    </Box>
  );
}
