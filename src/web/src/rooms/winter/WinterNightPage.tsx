import { Typography } from '@mui/material';
import { calculateLong } from '../../core/long';
import { useCalculation } from '../../core/useCalculation';
import { AnswerBeside } from '../../shared/AnswerBeside';
import { AnswerHeadline } from '../../shared/AnswerHeadline';
import { Assumptions } from '../../shared/Assumptions';
import { Cautions } from '../../shared/Cautions';
import { Section } from '../../shared/Section';
import { thisHour } from '../../shared/thisMinute';
import { WorkingPanel } from '../../shared/WorkingPanel';
import { useKitEntries } from '../../store/InHandContext';
import { useSettings } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { usePlanRequest } from '../../store/usePlanRequest';
import { FuelBar } from './FuelBar';
import { JobList } from './JobList';
import { NightForm } from './NightForm';
import { NightPicture } from './NightPicture';
import { PotList } from './PotList';
import { useNight } from './useNight';

interface Props {
  /** Under what name what is told of it is kept. */
  name: string;
  route: Kept<'route'> | undefined;
  evening: number | null;
}

/** An evening's stove, each bottle against the night, and what is to be done when. */
export function WinterNightPage({ name, route, evening }: Props) {
  const { units, countViruses } = useSettings().settings;
  const kit = useKitEntries();
  const plan = usePlanRequest(route);
  const { night, tell } = useNight(name);
  const calculated = useCalculation(
    'winter-night',
    route !== undefined && plan === null
      ? null
      : { units, countViruses, night, plan: plan?.request ?? null, day: evening, kit, now: thisHour() },
    calculateLong,
  );
  const { response, problem } = calculated;
  const errors = (field: string) =>
    problem?.errors.find((e) => e.field === `night.${field}` || e.field === field)?.message;

  return (
    <AnswerBeside
      head={
        <Section label="The answer">
          <AnswerHeadline
            calculated={calculated}
            waiting="Reckoning the night…"
            isShown={(field) => field.startsWith('night.')}
          />
          {response && (
            <>
              <FuelBar answer={response} />
              <NightPicture answer={response} onBottles={(bottles) => tell({ bottles })} />
            </>
          )}
        </Section>
      }
      inputs={
        <NightForm night={night} taken={response?.night} onTell={tell} errors={errors}>
          {response && <Assumptions assumptions={response.assumptions} />}
        </NightForm>
      }
      details={
        response && (
          <>
            <Section title="Evening to morning">
              <JobList jobs={response.jobs} />
              {response.drinkClock !== '' && <Typography>{response.drinkClock}</Typography>}
            </Section>
            <Section title="Which pot, which water">
              <PotList ways={response.ways} />
            </Section>
            <Section label="What to mind">
              <Cautions cautions={response.cautions} />
            </Section>
            <WorkingPanel steps={response.working} />
          </>
        )
      }
    />
  );
}
