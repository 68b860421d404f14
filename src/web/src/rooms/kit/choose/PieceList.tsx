import { Box, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { entryColumns } from '../../../shared/entryColumns';
import { NumberEntry } from '../../../shared/NumberEntry';
import { KitPicture } from '../KitPicture';
import { asEntered, type Entry } from '../../../shared/entered';

type Figure = Schema<'OwnFigure'>;

interface Props {
  pieces: Schema<'KitPiece'>[];
  figures: Figure[];
  onChange: (figures: Figure[]) => void;
  errors: (field: string) => string | undefined;
}

const fields = [
  { key: 'price', label: 'Price, €', quantity: 'plain', step: 5 },
  { key: 'massKg', label: 'Mass', quantity: 'kitMass', step: 0.01 },
  { key: 'bulkL', label: 'Room in the pack', quantity: 'volume', step: 0.1 },
] as const;

/** What was chosen from, with figures that may be put right, and what was left out and why. */
export function PieceList({ pieces, figures, onChange, errors }: Props) {
  const told = (id: string) => figures.find((figure) => figure.id === id) ?? { id };
  const tell = (id: string, part: Partial<Figure>) =>
    onChange([...figures.filter((figure) => figure.id !== id), { ...told(id), ...part }]);
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {pieces.map((piece) => (
        <Box component="li" key={piece.id} sx={{ py: 1, borderTop: 1, borderColor: 'divider' }}>
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
            {piece.entries[0]?.item && <KitPicture item={piece.entries[0].item} size={36} />}
            <div>
              <Typography sx={{ fontWeight: 650 }}>{piece.name}</Typography>
              <Typography variant="body2" sx={{ color: piece.leftOut ? 'error.main' : 'text.secondary' }}>
                {piece.leftOut
                  ? `Not chosen from: ${piece.leftOut}`
                  : piece.carried
                    ? 'Carried'
                    : piece.owned
                      ? 'Owned, at home'
                      : 'To be bought'}
              </Typography>
            </div>
          </Box>
          {piece.leftOut === '' && (
            <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: entryColumns }}>
              {fields.map(({ key, label, quantity, step }) => (
                <NumberEntry
                  key={key}
                  label={label}
                  quantity={quantity}
                  step={step}
                  value={told(piece.id)[key] ?? piece.figures[key] ?? null}
                  isDefault={piece.typical.includes(key)}
                  onChange={(value: Entry) => tell(piece.id, { [key]: asEntered(value) })}
                  error={errors(`figures.${key}`)}
                />
              ))}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}
