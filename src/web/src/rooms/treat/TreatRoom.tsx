import { Box, Button, Stack, Typography } from '@mui/material';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { useShortcut } from '../../app/shortcuts';
import { rememberAsked } from '../../core/askedLast';
import { calculate } from '../../core/core';
import { useCalculation } from '../../core/useCalculation';
import { startBatch } from '../../store/batches';
import type { Kept } from '../../store/records';
import { useKit, useSettings } from '../../store/LocalDataContext';
import { useStore } from '../../store/StoreContext';
import { AnswerDetails } from './AnswerDetails';
import { AnswerHead } from './AnswerHead';
import { BoilForm } from './BoilForm';
import { ChemicalForm } from './ChemicalForm';
import { toRequest } from './draft';
import { fieldErrors } from './fieldErrors';
import { MethodPicker } from './MethodPicker';
import { useDraft } from './useDraft';
import { WaterForm } from './WaterForm';

/** Tell what is seen, choose a method, get the answer; it moves with every change. */
export function TreatRoom() {
  const kit = useKit();
  return <TreatDesk key={kit.length === 0 ? 'no kit' : 'kit'} kit={kit} />;
}

function TreatDesk({ kit }: { kit: Kept<'kit-item'>[] }) {
  const store = useStore();
  const { settings } = useSettings();
  const navigate = useNavigate();
  const form = useDraft(kit);
  const { draft } = form;
  const request = toRequest(draft, kit, settings.units, settings.countViruses);
  const { response: answer, problem, answered, failure } = useCalculation('treat', request);
  const errors = fieldErrors(problem);
  useEffect(() => {
    if (answer && answered) rememberAsked(answered, answer);
  }, [answered, answer]);
  // For a moment after a change the answer is to what was asked before; it is then shown as such.
  const overtaken = answered !== null && JSON.stringify(answered) !== JSON.stringify(request);

  const start = async () => {
    if (!answer || answer.outcome === 'refused') return;
    const started = { ...request, startAt: new Date().toISOString() };
    const outcome = await calculate('treat', started);
    if (!outcome.ok) return;
    const container = kit.find((item) => item.id === draft.containerId)?.body.name ?? 'Another container';
    const id = await startBatch(store, container, started, outcome.response);
    await navigate(`/now/${id}`);
  };
  useShortcut('s', 'Start the batch', () => void start());

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.15fr) minmax(0, 1fr)' },
        gridTemplateAreas: {
          xs: '"title" "head" "inputs" "details"',
          lg: '"title head" "inputs head" "inputs details"',
        },
        gridTemplateRows: { lg: 'auto auto 1fr' },
      }}
    >
      <Box sx={{ gridArea: 'title', display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}>
        <Typography variant="h1">Treat</Typography>
        <Button onClick={form.reset} disabled={draft.touched.length === 0}>
          Start over
        </Button>
      </Box>
      <Box sx={{ gridArea: 'head', position: { xs: 'sticky', lg: 'static' }, top: 0, zIndex: 2 }}>
        <AnswerHead
          answer={answer}
          problem={problem}
          failure={failure}
          volumeL={answered?.water?.volumeL ?? null}
          overtaken={overtaken}
          onStart={() => void start()}
        />
      </Box>
      <Stack spacing={1.5} sx={{ gridArea: 'inputs' }}>
        <WaterForm form={form} kit={kit} errors={errors} />
        <MethodPicker value={draft.method} onChange={(method) => form.set({ method })} />
        {draft.method === 'boil' ? (
          <BoilForm form={form} kit={kit} errors={errors} />
        ) : (
          <ChemicalForm form={form} errors={errors} />
        )}
      </Stack>
      <Box sx={{ gridArea: 'details' }}>{answer && <AnswerDetails answer={answer} form={form} />}</Box>
    </Box>
  );
}
