import { Typography } from '@mui/material';
import { useCalculation } from '../../../core/useCalculation';
import { AnswerBeside } from '../../../shared/AnswerBeside';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { useSettings } from '../../../store/LocalDataContext';
import { useScarce } from '../ScarceContext';
import { LookList } from './LookList';
import { SeenForm } from './SeenForm';

/** Where to look first on this ground, what each look costs, and when to stop. */
export function SearchPage() {
  const { units } = useSettings().settings;
  const { draft, asked } = useScarce();
  const { response, problem, failure } = useCalculation(
    'search-water',
    asked && { units, standing: asked, seen: draft.seen, country: draft.country },
  );
  return (
    <AnswerBeside
      head={
        <Section label="The answer">
          {response ? (
            <>
              <Typography variant="h1" component="p" data-testid="headline">
                {response.headline}
              </Typography>
              <Typography sx={{ fontWeight: 650 }}>{response.stop}</Typography>
              <LookList looks={response.looks} chanceOfAny={response.chanceOfAny} />
            </>
          ) : (
            problem === null && failure === null && <Typography role="status">Working it out …</Typography>
          )}
          {failure !== null && <ProblemLine>The core could not run: {failure}</ProblemLine>}
          {problem?.errors.map((e) => (
            <ProblemLine key={e.field}>{e.message}</ProblemLine>
          ))}
        </Section>
      }
      inputs={response && <SeenForm answer={response} />}
      details={
        response && (
          <>
            <Section label="What to mind">
              <Cautions cautions={response.cautions} />
              <Assumptions assumptions={response.assumptions} />
            </Section>
            <WorkingPanel steps={response.working} />
          </>
        )
      }
    />
  );
}
