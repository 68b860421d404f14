import { Typography } from '@mui/material';
import { useCalculation } from '../../../core/useCalculation';
import { AnswerBeside } from '../../../shared/AnswerBeside';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { MattersList } from '../../../shared/MattersList';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { useQuiet } from '../../../shared/useQuiet';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { useScarce } from '../ScarceContext';
import { HereForm } from './HereForm';
import { NeverList } from './NeverList';
import { NumbersForm } from './NumbersForm';
import { StageHead } from './StageHead';
import { StageLadder } from './StageLadder';
import { WaysOut } from './WaysOut';

/** Litres in hand against need and distance: the stage, the one thing to do, and the ways out side by side. */
export function StandingPage() {
  const { standing } = useScarce();
  const { response, problem, failure, answered } = standing;
  // After the answer itself.
  const { response: matters } = useCalculation(
    'what-matters',
    useQuiet(
      answered === null ? null : { of: { about: 'shortage' as const, request: answered }, told: [] },
      300,
    ),
  );
  return (
    <AnswerBeside
      head={
        response ? (
          <StageHead standing={response} />
        ) : (
          <Section title="Where we stand">
            {problem && <ProblemLine>{problem.detail}</ProblemLine>}
            {failure && <Typography>No answer.</Typography>}
            {!problem && !failure && <Typography>Working it out …</Typography>}
          </Section>
        )
      }
      inputs={
        <>
          <NumbersForm />
          <HereForm />
        </>
      }
      details={
        response && (
          <>
            <WaysOut choices={response.choices} inHandL={response.inHandL} />
            {matters && (
              <Section title="What could change this">
                <MattersList matters={matters} />
              </Section>
            )}
            <StageLadder stages={response.stages} />
            <NeverList never={response.never} stops={response.hereStops} />
            <Section title="Mind">
              <Cautions cautions={response.cautions.filter(({ code }) => code !== 'emergency')} />
              <Assumptions assumptions={response.assumptions} />
            </Section>
            <WorkingPanel steps={response.working} />
          </>
        )
      }
    />
  );
}
