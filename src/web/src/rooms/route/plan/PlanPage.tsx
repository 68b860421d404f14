import { Typography } from '@mui/material';
import { ProblemLines } from '../../../shared/ProblemLines';
import { Section } from '../../../shared/Section';
import { TripDesk } from '../desk/TripDesk';
import { useTrip } from '../TripContext';

/** The plan, live. */
export function PlanPage() {
  const { plan } = useTrip();
  const { response, problem, failure } = plan;
  if (response) return <TripDesk plan={response} />;
  return (
    <Section title="Plan">
      <ProblemLines problem={problem} />
      {failure && <Typography>No answer.</Typography>}
      {!problem && !failure && <Typography>Working it out …</Typography>}
    </Section>
  );
}
