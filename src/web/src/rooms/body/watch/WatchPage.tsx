import MonitorHeart from '@mui/icons-material/MonitorHeart';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../../core/CatalogueContext';
import { useCalculation } from '../../../core/useCalculation';
import { InstantEntry } from '../../../shared/dates/InstantEntry';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLines } from '../../../shared/ProblemLines';
import { Section } from '../../../shared/Section';
import { clockTime } from '../../../shared/time';
import { plain, show } from '../../../shared/units';
import { useNowMinute } from '../../../shared/useNow';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { useInHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import type { Kept } from '../../../store/records';
import { WriteButton } from '../../book/write/QuickDialog';
import { StateHead } from '../signs/StateHead';
import { DeficitPicture } from './DeficitPicture';
import { morning, watchRequest } from './watchRequest';
import { Lines } from '../../../shared/Lines';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { asEntered } from '../../../shared/entered';

interface Props {
  walker: Kept<'walker'>;
  tests: Kept<'sweat-test'>[];
}

/** One walker's water through the day: what is missing, and what to drink by the clock. */
export function WatchPage({ walker, tests }: Props) {
  const catalogue = useCatalogue();
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const [from, setFrom] = useState(() => morning(new Date()));
  const [setOut, setSetOut] = useState<string | null>(null);
  const [arrived, setArrived] = useState<string | null>(null);
  const [airC, setAirC] = useState<number | null>(null);
  const [rested, setRested] = useState(false);
  const state = useInHand();
  const { response, problem } = useCalculation(
    'body-watch',
    state
      ? watchRequest(
          walker,
          tests,
          state,
          { units, now, from },
          {
            effort: { temperatureC: airC },
            walks: setOut ? [{ from: setOut, until: arrived }] : [],
            rested,
          },
        )
      : null,
  );
  return (
    <Stack spacing={2}>
      <Section title={`Water through the day: ${walker.body.name}`}>
        {response && (
          <>
            <StateHead state={response.state} headline={response.headline} />
            <Typography>
              {response.deficitL >= 0 ? 'Missing' : 'Too much'}:{' '}
              <strong>{show(catalogue, 'volume', Math.abs(response.deficitL))}</strong>,{' '}
              {plain(Math.abs(response.deficitPercent), 1)} % of body mass · lost{' '}
              {show(catalogue, 'volume', response.lostL)}, drunk {show(catalogue, 'volume', response.drunkL)}
              {response.nextDrinkL > 0 && ` · next drink at ${clockTime(response.nextDrinkAt)}`}
            </Typography>
            {response.actions.length > 0 && <Lines lines={response.actions} strong />}
            <Typography color="text.secondary">
              {response.isLookDue
                ? `Look for signs now. ${response.nextLook.why}`
                : `Look for signs at ${clockTime(response.nextLook.at)}.`}
            </Typography>
            <Cautions cautions={response.cautions} />
            <DeficitPicture points={response.points} />
          </>
        )}
        <ProblemLines problem={problem} />
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            component={Link}
            to={`/body/${walker.id}/signs`}
            variant={response?.isLookDue ? 'contained' : 'outlined'}
            startIcon={<MonitorHeart />}
          >
            How are they?
          </Button>
          <WriteButton />
          <Button component={Link} to={`/body/${walker.id}`}>
            Back to {walker.body.name}
          </Button>
        </Box>
      </Section>
      <Section title="The day">
        <SwitchEntry
          label="A day of rest: nothing was walked"
          checked={rested}
          onChange={(checked) => setRested(checked)}
        />
        <InstantEntry label="Well watered at" value={from} onChange={(at) => setFrom(at ?? from)} />
        <InstantEntry label="Set out walking at" value={setOut} onChange={setSetOut} />
        <InstantEntry
          label="Arrived at"
          value={arrived}
          onChange={setArrived}
          hint="Empty while still walking."
        />
        <NumberEntry
          label="Air temperature"
          quantity="temperature"
          step={1}
          value={airC}
          onChange={(v) => setAirC(asEntered(v))}
          unknown="Not known: a warm day"
        />
        {response && <Assumptions assumptions={response.assumptions} />}
      </Section>
      {response && (
        <Section title="Signs">
          <Typography variant="h3">Short of water</Typography>
          {response.shortSigns.map((line) => (
            <Typography key={line}>{line}</Typography>
          ))}
          <Typography variant="h3">Too much water</Typography>
          {response.tooMuchSigns.map((line) => (
            <Typography key={line}>{line}</Typography>
          ))}
        </Section>
      )}
      {response && <WorkingPanel steps={response.working} />}
    </Stack>
  );
}
