import MonitorHeart from '@mui/icons-material/MonitorHeart';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
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
import { tellDay, toldDay, type ToldDay } from './toldDay';
import { useDayOnFoot } from './useDayOnFoot';
import { beginning, watchRequest } from './watchRequest';
import { Lines } from '../../../shared/Lines';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { asEntered } from '../../../shared/entered';

interface Props {
  walker: Kept<'walker'>;
  tests: Kept<'sweat-test'>[];
}

/** "as the trip has it, 8:00 to 12:11" */
function onFootWords({ knownBy, walks }: Schema<'DayOnFoot'>) {
  const [first, last] = [walks[0], walks.at(-1)];
  const times = [first.from, last?.until].flatMap((at) => (at ? [clockTime(at)] : [])).join(' to ');
  return `${knownBy === 'plan' ? 'as the trip has it' : 'as the book tells'}, ${times}`;
}

/** One walker's water through the day: what is missing, and what to drink by the clock. */
export function WatchPage({ walker, tests }: Props) {
  const catalogue = useCatalogue();
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const onFoot = useDayOnFoot();
  const [told, setTold] = useState(() => toldDay(walker.id, new Date()));
  const tell = (part: Partial<ToldDay>) => {
    const whole = { ...told, ...part };
    setTold(whole);
    tellDay(walker.id, whole, new Date());
  };
  const state = useInHand();
  const { response, problem } = useCalculation(
    'body-watch',
    state && onFoot !== undefined ? watchRequest(walker, tests, state, { units, now, told, onFoot }) : null,
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
          checked={told.rested}
          onChange={(rested) => tell({ rested })}
        />
        <InstantEntry
          label="Well watered at"
          value={beginning(told, onFoot ?? null, now)}
          onChange={(from) => tell({ from })}
        />
        <InstantEntry
          label="Set out walking at"
          value={told.setOut}
          onChange={(setOut) => tell({ setOut })}
          hint={onFoot ? `Empty: ${onFootWords(onFoot)}` : undefined}
        />
        <InstantEntry
          label="Arrived at"
          value={told.arrived}
          onChange={(arrived) => tell({ arrived })}
          hint="Empty while still walking."
        />
        <NumberEntry
          label="Air temperature"
          quantity="temperature"
          step={1}
          value={told.airC}
          onChange={(v) => tell({ airC: asEntered(v) })}
          unknown={onFoot ? 'As the trip has it' : 'Not known: a warm day'}
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
