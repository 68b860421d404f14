import { Box, Button, Stack, Typography } from '@mui/material';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useTellShown } from '../../shared/firstShown';
import { Reading } from '../../shared/Reading';
import { Section } from '../../shared/Section';
import { TwoPanes } from '../../shared/TwoPanes';
import { useBatch } from '../../store/batches';
import { useInHand, useInHandSettled } from '../../store/InHandContext';
import { useRunning } from '../../store/RunningContext';
import { useProgress } from '../../store/useProgress';
import { UntoldLines } from './UntoldLines';
import { WriteButton } from '../book/write/QuickDialog';
import { AlarmPanel } from './AlarmPanel';
import { BatchCard } from './BatchCard';
import { BatchSteps } from './BatchSteps';
import { HerePanel } from './here/HerePanel';
import { FrostPanel } from './inhand/FrostPanel';
import { InHandPanel } from './inhand/InHandPanel';
import { SupplyList } from './inhand/SupplyList';
import { WalkerLines } from './inhand/WalkerLines';
import { soonestFirst } from './order';
import { SipLines } from './sips/SipLines';
import { SipsDue } from './sips/SipsDue';
import { useSips } from './sips/useSips';

/** What is in hand, the clocks that run, soonest first, and the steps of the one shown. */
export function NowRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const all = useRunning();
  const state = useInHand();
  const isSettled = useInHandSettled();
  const sips = useSips();
  const named = useBatch(id);
  // One that is over is not among the running, and can still be looked at.
  const lone = useMemo(() => (named ? [named] : []), [named]);
  const loneProgress = useProgress(lone);
  // Shown all at once: what came later would move what a finger is on its way to.
  const isKnown = all && named !== undefined && isSettled && !(state && sips === null);
  useTellShown(isKnown === true);
  if (!isKnown) return <Reading what="Now" />;

  const running = all.toSorted(soonestFirst);
  const stands = named && loneProgress?.get(named.id);
  const shown =
    running.find(({ batch }) => batch.id === id) ??
    (named && stands ? { batch: named, progress: stands } : running[0]);

  return (
    <TwoPanes
      title="Now"
      backTo="/now"
      onDetail={named !== null}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Now</Typography>
          {state && <FrostPanel jobs={state.frost} />}
          {sips && <SipsDue reminders={sips} />}
          <InHandPanel />
          {sips && <SipLines reminders={sips} />}
          <HerePanel />
          {state && state.walkers.length > 0 && (
            <Section title="Who is behind">
              <WalkerLines state={state} />
            </Section>
          )}
          <UntoldLines />
          {running.length === 0 && (
            <Box>
              <Typography>
                Nothing is running. A batch you start at Water shows its clock here, through reloads and
                restarts.
              </Typography>
              <Button component={Link} to="/treat" variant="outlined" sx={{ mt: 1 }}>
                Treat some water
              </Button>
            </Box>
          )}
          <Box
            component="ul"
            aria-label="Running batches"
            sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5 }}
          >
            {running.map(({ batch, progress: stands }) => (
              <li key={batch.id}>
                <BatchCard
                  batch={batch}
                  progress={stands}
                  chosen={batch.id === shown?.batch.id}
                  onOpen={() => void navigate(`/now/${batch.id}`)}
                />
              </li>
            ))}
          </Box>
          <FieldLinks />
          {state && state.supplies.length > 0 && (
            <Section title="What is left">
              <SupplyList supplies={state.supplies} />
            </Section>
          )}
          <AlarmPanel />
        </Stack>
      }
      detail={shown && <BatchSteps key={shown.batch.id} batch={shown.batch} progress={shown.progress} />}
    />
  );
}

/** What a hand in camp wants next. */
function FieldLinks() {
  return (
    <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', justifyContent: 'center' }}>
      <WriteButton />
      <Button component={Link} to="/day" variant="outlined">
        The day’s schedule
      </Button>
      <Button component={Link} to="/scarce" variant="outlined">
        Water is short
      </Button>
    </Stack>
  );
}
