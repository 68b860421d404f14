import { Stack, Typography } from '@mui/material';
import type { TreatResponse } from '../../../core/contract';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { Ledger } from '../../../shared/Ledger';
import { Section } from '../../../shared/Section';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { SchoolPicker } from '../method/SchoolPicker';
import type { DraftStore } from '../useDraft';
import { ClearingFacts, FilterFacts, LampFacts, MeltFacts, SunFacts } from './BarrierFacts';
import { BoilFacts } from './BoilFacts';
import { ContactFacts } from './ContactFacts';
import { StoreFacts } from './StoreFacts';

/** The how and the why below the answer. */
export function AnswerDetails({ answer, form }: { answer: TreatResponse; form: DraftStore }) {
  const started = answer.steps.length > 0;
  // Water that is left alone has no how and no ledger.
  if (answer.refusal?.code === 'doNotUse') return null;
  return (
    <Stack spacing={1.5}>
      <Section label="Ledger">
        <Ledger rows={answer.ledger} />
        {answer.melt && <MeltFacts melt={answer.melt} />}
        {answer.clearing && answer.clearing.lossShare > 0 && <ClearingFacts clearing={answer.clearing} />}
        {answer.filter && <FilterFacts filter={answer.filter} />}
        {answer.lamp && <LampFacts lamp={answer.lamp} />}
        {answer.sun && <SunFacts sun={answer.sun} />}
        {answer.dose && answer.contact && <ContactFacts dose={answer.dose} contact={answer.contact} />}
        {answer.boil && <BoilFacts boil={answer.boil} />}
      </Section>
      {answer.boil && (
        <SchoolPicker schools={answer.boil.schools} onPick={(school) => form.set({ school })} />
      )}
      {started && (
        <Section title="How">
          <Typography component="ol" sx={{ m: 0, pl: 2.5, '& li + li': { mt: 0.75 } }}>
            {answer.steps.map((step) => (
              <li key={step.id}>
                <strong>
                  {step.title}
                  {step.optional && ' (if you like)'}.
                </strong>{' '}
                {step.detail}
              </li>
            ))}
          </Typography>
        </Section>
      )}
      {started && <StoreFacts answer={answer} />}
      {(answer.cautions.length > 0 || answer.assumptions.length > 0) && (
        <Section title="Mind">
          <Cautions cautions={answer.cautions} />
          <Assumptions assumptions={answer.assumptions} />
        </Section>
      )}
      <WorkingPanel steps={answer.working} />
    </Stack>
  );
}
