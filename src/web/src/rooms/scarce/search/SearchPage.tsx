import { Typography } from '@mui/material';
import { useCalculation } from '../../../core/useCalculation';
import { AnswerBeside } from '../../../shared/AnswerBeside';
import { AnswerHeadline } from '../../../shared/AnswerHeadline';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
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
  const calculated = useCalculation(
    'search-water',
    asked && { units, standing: asked, seen: draft.seen, country: draft.country },
  );
  const { response } = calculated;
  return (
    <AnswerBeside
      head={
        <Section label="The answer">
          <AnswerHeadline calculated={calculated} waiting="Working it out …" />
          {response && (
            <>
              <Typography sx={{ fontWeight: 650 }}>{response.stop}</Typography>
              <LookList looks={response.looks} chanceOfAny={response.chanceOfAny} />
            </>
          )}
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
