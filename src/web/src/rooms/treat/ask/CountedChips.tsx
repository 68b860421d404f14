import Check from '@mui/icons-material/Check';
import { Box, Chip, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { DraftStore } from '../useDraft';
import { countedWords } from './countedWords';

interface Props {
  form: DraftStore;
  fields: string[];
  told: string[];
  /** The field whose question stands open. */
  opened: string | null;
  onOpen: (field: string) => void;
}

/** All that the answer counts with, in a line: what was told is ticked, what is assumed is dashed; a tap opens it. */
export function CountedChips({ form, fields, told, opened, onOpen }: Props) {
  const catalogue = useCatalogue();
  return (
    <Box
      role="group"
      aria-label="Counted with"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}
    >
      <Typography component="span" variant="body2" sx={{ color: 'text.secondary', px: 0.5 }}>
        Counted:
      </Typography>
      {fields.map((field) => {
        const isTold = told.includes(field);
        const words = countedWords(field, form.draft, catalogue);
        return (
          <Chip
            key={field}
            component="button"
            clickable
            variant="outlined"
            icon={isTold ? <Check /> : undefined}
            label={isTold ? words : `${words}?`}
            aria-label={`${words}, ${isTold ? 'told' : 'assumed'}`}
            aria-pressed={field === opened}
            onClick={() => onOpen(field)}
            sx={{
              minHeight: 48,
              borderRadius: 2,
              fontSize: '1rem',
              borderStyle: isTold ? 'solid' : 'dashed',
              borderWidth: field === opened ? 3 : 1.5,
              borderColor: 'text.secondary',
              '& .MuiChip-icon': { color: 'success.main' },
            }}
          />
        );
      })}
    </Box>
  );
}
