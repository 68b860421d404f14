import Add from '@mui/icons-material/Add';
import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import { Box, Button, IconButton } from '@mui/material';
import type { Schema } from '../../core/contract';
import { InstantEntry } from '../../shared/dates/InstantEntry';
import { NumberEntry } from '../../shared/NumberEntry';
import { Section } from '../../shared/Section';
import { TextEntry } from '../../shared/TextEntry';
import { localInstant } from '../../shared/time';
import { SwitchEntry } from '../../shared/SwitchEntry';
import { asEntered } from '../../shared/entered';

type Day = Schema<'DayBook'>;
type Want = Schema<'WantedWater'>;

interface Props {
  day: Day;
  onChange: (day: Day) => void;
}

/** Litres wanted by time. */
export function WantList({ day, onChange }: Props) {
  const wants = day.wants ?? [];
  const set = (index: number, part: Partial<Want>) =>
    onChange({ ...day, wants: wants.map((want, i) => (i === index ? { ...want, ...part } : want)) });
  const add = () => {
    const last = Date.parse(wants.at(-1)?.by ?? day.from ?? '');
    const by = localInstant(new Date((Number.isNaN(last) ? Date.now() : last) + 3_600_000));
    const id = `w${Math.max(0, ...wants.map((w) => Number(/^w(\d+)$/.exec(w.id ?? '')?.[1] ?? 0))) + 1}`;
    onChange({ ...day, wants: [...wants, { id, name: 'Bottles by the bed', litres: 1, by }] });
  };
  return (
    <Section title="Wanted by when">
      {wants.map((want, index) => (
        <Box
          key={want.id}
          role="group"
          aria-label={want.name ?? 'Water'}
          sx={{ display: 'grid', gap: 1, pb: 1.5, borderBottom: 1, borderColor: 'divider' }}
        >
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
            <Box sx={{ flex: 1 }}>
              <TextEntry label="What for" value={want.name ?? ''} onChange={(name) => set(index, { name })} />
            </Box>
            <IconButton
              aria-label={`Take out ${want.name}`}
              onClick={() => onChange({ ...day, wants: wants.filter((_, i) => i !== index) })}
            >
              <DeleteOutlined />
            </IconButton>
          </Box>
          <NumberEntry
            label="How much"
            quantity="volume"
            step={0.5}
            value={want.litres}
            onChange={(litres) => set(index, { litres: asEntered(litres) })}
          />
          <InstantEntry label="By" value={want.by} onChange={(at) => set(index, { by: at })} />
          <SwitchEntry
            label="For the pot: it will be boiled"
            checked={want.willBoil === true}
            onChange={(willBoil) => set(index, { willBoil })}
          />
        </Box>
      ))}
      <Box>
        <Button variant="outlined" startIcon={<Add />} onClick={add}>
          Something more
        </Button>
      </Box>
    </Section>
  );
}
