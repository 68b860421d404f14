import Close from '@mui/icons-material/Close';
import {
  Box,
  Button,
  Dialog,
  DialogContent,
  DialogTitle,
  IconButton,
  Stack,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import { SelectEntry } from '../../../shared/SelectEntry';
import { show } from '../../../shared/units';
import type { Entry } from '../../../store/bookLines';
import type { ContainerInHand, InHand } from '../../../store/InHandContext';
import { useQuickWrite } from '../../../store/QuickWrite';
import { useWhose } from '../../book/write/useWhose';
import { WhoseEntry } from '../../book/write/WhoseEntry';
import { StoryOf } from './StoryOf';
import { TopUpToBrim } from './TopUpToBrim';
import { VesselPicture } from '../../../shared/vessels/VesselPicture';

interface Props {
  container: ContainerInHand;
  state: InHand;
  onClose: () => void;
}

/** What can be done with one container, each by one tap, and how it came to what it holds. */
export function ContainerSheet({ container, state, onClose }: Props) {
  const catalogue = useCatalogue();
  const write = useQuickWrite();
  const { walkers, whose, choose } = useWhose();
  const [part, setPart] = useState<'what' | 'pour' | 'story'>('what');
  const { id: containerId, name, litres } = container;
  const running =
    container.water.is === 'underWay' || container.water.is === 'clean' ? container.water.batchIds : [];
  const done = (line: Entry) => {
    onClose();
    void write(line);
  };
  const drinks = catalogue.lists.book.quickDrinks.filter((drink) => drink.litres < litres);
  const holds = litres > 0;
  const others = state.containers.filter((c) => c.id !== containerId && c.litres < c.capacityL);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="container-title">
      <DialogTitle id="container-title" sx={{ pr: 8 }}>
        {name}
        <IconButton aria-label="Close" onClick={onClose} sx={{ position: 'absolute', right: 8, top: 8 }}>
          <Close />
        </IconButton>
      </DialogTitle>
      <DialogContent>
        <Stack spacing={1.5}>
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
            <VesselPicture container={container} />
            <Typography sx={{ fontWeight: 650 }}>
              {container.words} · holds {show(catalogue, 'volume', container.capacityL)}
            </Typography>
          </Box>
          {part === 'what' && (
            <>
              {holds && (
                <>
                  <WhoseEntry walkers={walkers} value={whose} onChange={choose} />
                  <Actions>
                    {drinks.map((drink) => (
                      <Button
                        key={drink.name}
                        variant="contained"
                        onClick={() =>
                          done({ kind: 'drank', litres: drink.litres, walkerId: whose, containerId })
                        }
                      >
                        Drank {drink.name}
                      </Button>
                    ))}
                    <Button
                      variant="contained"
                      onClick={() => done({ kind: 'drank', litres, all: true, walkerId: whose, containerId })}
                    >
                      Drank it all
                    </Button>
                  </Actions>
                </>
              )}
              <Actions>
                {litres < container.capacityL && (
                  <Button variant="outlined" onClick={() => done({ kind: 'filled', containerId })}>
                    Filled, raw
                  </Button>
                )}
                {running.length === 1 && litres < container.capacityL && (
                  <TopUpToBrim container={container} batchId={running[0]} onDone={onClose} />
                )}
                {holds && (
                  <>
                    <Button variant="outlined" onClick={() => setPart('pour')} disabled={others.length === 0}>
                      Pour into …
                    </Button>
                    <Button
                      variant="outlined"
                      onClick={() => done({ kind: 'cooked', containerId, all: true })}
                    >
                      Cooked with it
                    </Button>
                    <Button
                      variant="outlined"
                      onClick={() => done({ kind: 'spilt', containerId, all: true })}
                    >
                      Spilt
                    </Button>
                  </>
                )}
                {container.cleanSideDirty ? (
                  <Button variant="outlined" onClick={() => done({ kind: 'rinsed', containerId })}>
                    Threads rinsed
                  </Button>
                ) : (
                  <Button variant="outlined" onClick={() => done({ kind: 'dipped', containerId })}>
                    Threads got dirty
                  </Button>
                )}
              </Actions>
              <Actions>
                {running.length > 0 && (
                  <Button component={Link} to={`/now/${running[0]}`} onClick={onClose}>
                    Its steps
                  </Button>
                )}
                <Button onClick={() => setPart('story')} disabled={container.story.length === 0}>
                  How it came to this
                </Button>
              </Actions>
            </>
          )}
          {part === 'pour' && (
            <PourInto
              others={others}
              onPour={(intoId) => done({ kind: 'poured', fromId: containerId, intoId })}
              onBack={() => setPart('what')}
            />
          )}
          {part === 'story' && (
            <>
              <StoryOf ids={container.story} state={state} onLeave={onClose} />
              <Button onClick={() => setPart('what')}>Back</Button>
            </>
          )}
        </Stack>
      </DialogContent>
    </Dialog>
  );
}

function Actions({ children }: { children: React.ReactNode }) {
  return <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr' }}>{children}</Box>;
}

interface PourProps {
  others: ContainerInHand[];
  onPour: (intoId: string) => void;
  onBack: () => void;
}

function PourInto({ others, onPour, onBack }: PourProps) {
  const [into, setInto] = useState(others[0]?.id ?? '');
  return (
    <>
      <SelectEntry
        label="Into"
        value={into}
        onChange={setInto}
        choices={others.map((c) => ({ id: c.id, name: `${c.name} · ${c.words}` }))}
      />
      <Actions>
        <Button onClick={onBack}>Back</Button>
        <Button variant="contained" onClick={() => onPour(into)}>
          Pour what fits
        </Button>
      </Actions>
    </>
  );
}
