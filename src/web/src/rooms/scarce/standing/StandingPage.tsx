import { Typography } from '@mui/material';
import { AnswerBeside } from '../../../shared/AnswerBeside';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
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
  const { response, problem, failure } = standing;
  return (
    <AnswerBeside
      head={
        response ? (
          <StageHead standing={response} />
        ) : (
          <Section title="Where we stand">
            {problem && <ProblemLine>{problem.detail}</ProblemLine>}
            {failure && <ProblemLine>The core could not run: {failure}</ProblemLine>}
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
