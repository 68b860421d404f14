import DeleteOutline from '@mui/icons-material/DeleteOutlined';
import { Box, Button, IconButton, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { TextEntry } from '../../../shared/TextEntry';
import { show } from '../../../shared/units';
import { useKit } from '../../../store/LocalDataContext';
import { useTrip } from '../TripContext';
import { ofItemKind } from '../../../store/kitItems';
import { asEntered, type Entry } from '../../../shared/entered';

type Container = Schema<'CarriedContainer'>;

/** What holds water on this walk, and who carries it. */
export function ContainerList() {
  const catalogue = useCatalogue();
  const { route, change, walkers, plan } = useTrip();
  const kit = ofItemKind(useKit(), 'container');
  const containers = route.containers ?? [];
  const set = (next: Container[]) => change({ containers: next });
  return (
    <Section title="Containers">
      <Typography>
        {containers.length === 0
          ? `None named: taken as ${show(catalogue, 'volume', catalogue.route.capacityLPerWalker)} for each walker.`
          : `Room for ${show(catalogue, 'volume', plan.response?.capacityL ?? 0)} of drinking water.`}
      </Typography>
      {containers.map((container, i) => {
        const part = (next: Partial<Container>) =>
          set(containers.map((c, j) => (j === i ? { ...c, ...next } : c)));
        return (
          <Box
            key={i}
            sx={{
              display: 'grid',
              gap: 1.5,
              gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
              borderTop: 1,
              borderColor: 'divider',
              pt: 1.5,
            }}
          >
            <TextEntry label="Container" value={container.name ?? ''} onChange={(name) => part({ name })} />
            <NumberEntry
              label="Holds"
              quantity="volume"
              step={0.5}
              value={container.volumeL ?? null}
              onChange={(v: Entry) => part({ volumeL: asEntered(v) })}
            />
            <SelectEntry
              label="For"
              value={container.role ?? 'either'}
              onChange={(role) => part({ role: role as Container['role'] })}
              choices={catalogue.route.roles}
            />
            <SelectEntry
              label="Carried by"
              value={container.walker ?? ''}
              onChange={(walker) => part({ walker: walker || null })}
              choices={[
                ...walkers.map((w) => ({ id: w.body.name ?? '', name: w.body.name ?? '' })),
                { id: '', name: 'The party' },
              ]}
            />
            <Box>
              <IconButton
                aria-label={`Take ${container.name ?? 'it'} out`}
                onClick={() => set(containers.filter((_, j) => j !== i))}
              >
                <DeleteOutline />
              </IconButton>
            </Box>
          </Box>
        );
      })}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => set([...containers, { name: 'Bottle', volumeL: 1 }])}>
          Add a container
        </Button>
        {kit.map((item) => (
          <Button
            key={item.id}
            onClick={() => set([...containers, { name: item.body.name ?? null, volumeL: item.body.volumeL }])}
          >
            + {item.body.name}
          </Button>
        ))}
      </Box>
    </Section>
  );
}
