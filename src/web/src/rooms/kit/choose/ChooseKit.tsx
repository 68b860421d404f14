import { Alert, Box, Button, LinearProgress, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { Assumptions } from '../../../shared/Assumptions';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { ProblemLine } from '../../../shared/ProblemLine';
import { RouteSelect } from '../../../shared/RouteSelect';
import { Section } from '../../../shared/Section';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { useQuiet } from '../../../shared/useQuiet';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { useInHand } from '../../../store/InHandContext';
import { useWholeKit } from '../../../store/LocalDataContext';
import { useStore } from '../../../store/StoreContext';
import { TripForm } from '../check/TripForm';
import { useOuting } from '../useOuting';
import { PieceList } from './PieceList';
import { SetRow } from './SetRow';
import { takeSet, takingOf, type Taking } from './takeSet';
import { useChosenSets } from './useChosenSets';
import { WeightSliders } from './WeightSliders';

const hangChoices = [
  { id: 'unknown', name: 'Not known' },
  { id: 'yes', name: 'Trees or a pole' },
  { id: 'no', name: 'Nothing' },
];

/** What to take for a trip: sets run through it, side by side with what is carried. */
export function ChooseKit() {
  const { db } = useStore();
  const kit = useWholeKit();
  const entries = useInHand()?.kit;
  const { routes, route, choose, trip, setTrip, outing, isTold } = useOuting();
  const [hangPoints, setHangPoints] = useState<Schema<'YesNo'>>('unknown');
  const [ownedOnly, setOwnedOnly] = useState(false);
  const [weights, setWeights] = useState<Schema<'KitWeights'>>({});
  const [figures, setFigures] = useState<Schema<'OwnFigure'>[]>([]);
  const [taken, setTaken] = useState<{ taking: Taking; takeBack: () => Promise<void> } | null>(null);
  const isReady = outing !== null && (kit.length === 0 || entries !== undefined);
  const asked = useQuiet(
    isReady && isTold ? { ...outing, kit: entries ?? [], hangPoints, ownedOnly, figures, weights } : null,
    250,
  );
  const { response, problem, isLooking } = useChosenSets(asked);
  const errors = (field: string) =>
    problem?.errors.find((e) => e.field === field || e.field === `trip.${field}`)?.message;
  const all = response ? [...(response.present ? [response.present] : []), ...response.sets] : [];

  const take = async (set: Schema<'KitSet'>, pieces: Schema<'KitPiece'>[]) => {
    const taking = takingOf(set, pieces, kit);
    setTaken({ taking, takeBack: await takeSet(db, taking) });
  };

  return (
    <Stack spacing={2}>
      <Section title="What to take">
        <RouteSelect routes={routes} route={route} onChoose={choose} />
        {!isTold && isReady && (
          <Typography>
            No trip is planned yet. Plan one, or say below how much water the outing asks for.
          </Typography>
        )}
        {response && (
          <Typography variant="h1" component="p" data-testid="headline">
            {response.headline}
          </Typography>
        )}
        {isLooking && (
          <Box role="status">
            <Typography variant="body2">
              {response
                ? `${response.tried} sets looked at; larger ones are being run through the trip…`
                : 'Running sets through the trip…'}
            </Typography>
            <LinearProgress aria-label="Sets being looked at" />
          </Box>
        )}
        {taken && <TakenLine taken={taken} onBack={() => void taken.takeBack().then(() => setTaken(null))} />}
        {problem?.errors
          .filter((e) => !e.field.startsWith('trip.') && !e.field.startsWith('figures.'))
          .map((e) => (
            <ProblemLine key={e.field}>{e.message}</ProblemLine>
          ))}
        {response && (
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {response.sets.map((set, i) => (
              <SetRow
                key={set.ids.join()}
                set={set}
                pieces={response.pieces}
                all={all}
                title={i === 0 ? 'Best by what matters' : `Choice ${i + 1}`}
                isBest={i === 0}
                onTake={isLooking ? undefined : () => void take(set, response.pieces)}
              />
            ))}
            {response.present && (
              <SetRow set={response.present} pieces={response.pieces} all={all} title="Carried now" />
            )}
          </Box>
        )}
        {response && (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            {response.tried} sets were run through the trip; {response.noTarget} have no way for its worst
            water, the rest are no better in any respect than one of these, or come behind them.
          </Typography>
        )}
      </Section>
      <Section title="What matters">
        <WeightSliders weights={weights} taken={response?.weights} onChange={setWeights} />
        <ChoiceGroup
          label="At camp there is something to hang a bag from"
          choices={hangChoices}
          value={hangPoints}
          onChange={(next) => setHangPoints(next as Schema<'YesNo'>)}
        />
        <SwitchEntry label="Only what is owned" checked={ownedOnly} onChange={setOwnedOnly} />
      </Section>
      {response && (
        <Section title="Chosen from">
          <Typography>
            What is owned counts with what is left of it now: write a refill, a charge or a new canister down
            first.
          </Typography>
          <PieceList pieces={response.pieces} figures={figures} onChange={setFigures} errors={errors} />
        </Section>
      )}
      <Section title="What the trip asks">
        <TripForm trip={trip} taken={undefined} onChange={setTrip} errors={errors} />
        {response && <Assumptions assumptions={response.assumptions} />}
      </Section>
      {response && <WorkingPanel steps={response.working} />}
    </Stack>
  );
}

function TakenLine({ taken: { taking }, onBack }: { taken: { taking: Taking }; onBack: () => void }) {
  const parts = [
    taking.add.length > 0 && `${taking.add.length} new in the kit`,
    taking.back.length > 0 && `${taking.back.length} carried again`,
    taking.home.length > 0 && `${taking.home.length} left at home`,
  ].filter(Boolean);
  return (
    <Alert
      severity="success"
      variant="outlined"
      action={
        <>
          <Button component={Link} to="/kit/check">
            Kit check
          </Button>
          <Button onClick={onBack}>Undo</Button>
        </>
      }
    >
      Taken{parts.length > 0 && `: ${parts.join(', ')}`}.
      {taking.add.length > 0 && ' Copy date, amount and mass from what you get.'}
    </Alert>
  );
}
