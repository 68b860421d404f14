import { Box, Radio, Typography } from '@mui/material';
import { useCatalogue } from '../../core/CatalogueContext';
import type { Catalogue } from '../../core/contract';
import { Section } from '../../shared/Section';

type Method = Catalogue['methods'][number];

interface Props {
  value: string;
  onChange: (method: string) => void;
}

/** Boiling, or one of the products by active ingredient. */
export function MethodPicker({ value, onChange }: Props) {
  const { methods } = useCatalogue();
  return (
    <Section title="The method">
      <Box
        role="radiogroup"
        aria-label="Method"
        sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}
      >
        {methods.map((method) => (
          <MethodOption
            key={method.id}
            method={method}
            chosen={method.id === value}
            onChoose={() => onChange(method.id)}
          />
        ))}
      </Box>
    </Section>
  );
}

function MethodOption({
  method,
  chosen,
  onChoose,
}: {
  method: Method;
  chosen: boolean;
  onChoose: () => void;
}) {
  return (
    <Box
      component="label"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 0.5,
        pr: 1,
        minHeight: 64,
        border: chosen ? 3 : 1,
        borderColor: chosen ? 'primary.main' : 'divider',
        m: chosen ? 0 : '2px',
        borderRadius: 2,
        cursor: 'pointer',
      }}
    >
      <Radio
        name="method"
        value={method.id}
        checked={chosen}
        onChange={onChoose}
        slotProps={{ input: { 'aria-label': method.name } }}
      />
      <Box sx={{ py: 0.75 }}>
        <Typography sx={{ fontWeight: 650, lineHeight: 1.2 }}>{method.name}</Typography>
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {method.hint}
        </Typography>
      </Box>
    </Box>
  );
}
