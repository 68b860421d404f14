import { Box, Button, Stack, Typography } from '@mui/material';
import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { rememberAsked } from '../../core/askedLast';
import { calculate } from '../../core/core';
import { useCatalogue } from '../../core/CatalogueContext';
import { useCalculation } from '../../core/useCalculation';
import { useShortcut } from '../../app/shortcuts';
import { useNowMinute } from '../../shared/useNow';
import { startBatch } from '../../store/batches';
import { useLoggingBook } from '../../store/books';
import { useKit, useSettings } from '../../store/LocalDataContext';
import { writeLine } from '../../store/bookLines';
import { useInHand, useInHandSettled, useKitEntries, useSourcesNow } from '../../store/InHandContext';
import type { Kept } from '../../store/records';
import { useCurrent } from '../../store/useRecords';
import { useStore } from '../../store/StoreContext';
import { AnswerDetails } from './answer/AnswerDetails';
import { AnswerHead } from './answer/AnswerHead';
import { ChainPicker } from './choose/ChainPicker';
import type { Draft } from './draft';
import { fieldErrors } from './fieldErrors';
import { fromHand } from './fromHand';
import { isKnownMethod } from './knownMethod';
import { MethodForms } from './method/MethodForms';
import { SourceForm } from './source/SourceForm';
import { isSnow, kitTreats, toJudge, toRequest } from './toRequest';
import { startLines } from './startLines';
import { useDraft } from './useDraft';
import { ClearingForm } from './water/ClearingForm';
import { WaterForm } from './water/WaterForm';

/** Judge the source, say what the water is like, choose a way, get the answer; it moves with every change. */
export function TreatRoom() {
  const kit = useKit();
  const isSettled = useInHandSettled();
  if (kit.length > 0 && !isSettled) return <Typography role="status">Looking at what is in hand…</Typography>;
  return <TreatDesk key={kit.length === 0 ? 'no kit' : 'kit'} kit={kit} />;
}

function TreatDesk({ kit }: { kit: Kept<'kit-item'>[] }) {
  const store = useStore();
  const { settings } = useSettings();
  const catalogue = useCatalogue();
  const navigate = useNavigate();
  const now = useNowMinute();
  const state = useInHand();
  const entries = useKitEntries();
  const trip = inOrder(useSourcesNow() ?? []);
  const routes = useCurrent('route');
  const book = useLoggingBook();
  const handed = (useLocation().state as { draft?: Partial<Draft> } | null)?.draft ?? null;
  const form = useDraft(kit, handed);
  useEffect(() => {
    // Taken over once: a reload must not bring it back over what was entered since.
    if (handed !== null) void navigate('/treat', { replace: true, state: null });
  }, [handed, navigate]);
  const starting = useRef(false);
  // A way that the kit no longer holds gives place to the best one.
  const held = fromHand(form.draft, kit, state);
  const draft = isKnownMethod(held, kit, catalogue) ? held : { ...held, method: null };
  const shown = { ...form, draft };
  const request = toRequest(draft, kit, settings.units, settings.countViruses, now, entries);
  const { response: answer, problem, answered, failure } = useCalculation('treat', request);
  // Asked after the answer itself, which must not wait for it.
  const { response: list } = useCalculation(
    'chains',
    answered === null ? null : { ...request, method: null },
  );
  const { response: judgement } = useCalculation(
    'judge',
    answered === null ? null : toJudge(draft, trip, settings.units, now, routes ?? []),
  );
  const errors = fieldErrors(problem);
  useEffect(() => {
    if (answer && answered) rememberAsked(answered, answer);
  }, [answered, answer]);
  // For a moment after a change the answer is to what was asked before; it is then shown as such.
  const overtaken = answered !== null && JSON.stringify(answered) !== JSON.stringify(request);
  const parts = (answer?.method ?? '').split('+');
  const cloudy =
    answer?.clearing != null && (answer.clearing.lossShare > 0 || mustClear(answer.refusal?.code));

  const start = async () => {
    if (!answer || answer.outcome === 'refused' || starting.current) return;
    starting.current = true;
    try {
      const started = { ...request, method: answer.method, startAt: new Date().toISOString() };
      const outcome = await calculate('treat', started);
      if (!outcome.ok) return;
      const { containerId, here } = draft;
      const starting = { request: started, answer: outcome.response, containerId, here };
      for (const line of startLines(state, starting)) await writeLine(store, book.id, line);
      const container = kit.find((item) => item.id === containerId)?.body.name ?? 'Another container';
      const id = await startBatch(store, book.id, {
        container,
        containerId,
        sourceId: here,
        request: started,
        answer: outcome.response,
      }).catch(() => null);
      if (id !== null) await navigate(`/now/${id}`);
    } finally {
      starting.current = false;
    }
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
          lg: '"title answer" "inputs answer"',
        },
        gridTemplateRows: { lg: 'auto 1fr' },
      }}
    >
      <Box sx={{ gridArea: 'title', display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}>
        <Typography variant="h1">Treat</Typography>
        <Button onClick={form.reset} disabled={draft.touched.length === 0}>
          Start over
        </Button>
      </Box>
      <Stack spacing={1.5} sx={{ gridArea: 'inputs' }}>
        <SourceForm form={shown} trip={trip} judgement={judgement} />
        <WaterForm
          form={shown}
          kit={kit}
          errors={errors}
          place={placeName(draft.here, trip, draft.sourceKind)}
        />
        {cloudy && <ClearingForm form={shown} errors={errors} clearing={answer?.clearing} />}
        {judgement?.verdict !== 'doNotUse' && (
          <ChainPicker
            form={shown}
            list={list}
            chosen={answer?.method ?? null}
            kitTreats={kitTreats(kit)}
            untreated={list?.mayAcceptUntreated === true}
          />
        )}
        <MethodForms form={shown} kit={kit} errors={errors} parts={parts} snow={isSnow(draft)} />
      </Stack>
      {/* On a phone its two parts stand before and after the inputs; on a wide screen it stays beside them. */}
      <Box
        sx={{
          display: { xs: 'contents', lg: 'block' },
          gridArea: 'answer',
          position: 'sticky',
          top: 16,
          maxHeight: 'calc(100dvh - 32px)',
          overflowY: 'auto',
        }}
      >
        <Box sx={{ gridArea: 'head', position: 'sticky', top: 0, zIndex: 2, mb: { lg: 1.5 } }}>
          <AnswerHead
            answer={answer}
            problem={problem}
            failure={failure}
            volumeL={answered?.water?.volumeL ?? null}
            judgement={judgement}
            overtaken={overtaken}
            onStart={() => void start()}
          />
        </Box>
        <Box sx={{ gridArea: 'details' }}>{answer && <AnswerDetails answer={answer} form={shown} />}</Box>
      </Box>
    </Box>
  );
}

/** In the order of the walk. */
function inOrder(trip: Kept<'trip-source'>[]): Kept<'trip-source'>[] {
  return trip.toSorted((a, b) => (a.body.alongKm ?? 0) - (b.body.alongKm ?? 0));
}

const mustClear = (code: string | undefined) => code === 'muddy' || code === 'too-cloudy-for-light';

function placeName(here: string | null, trip: Kept<'trip-source'>[], kind: string | null): string {
  return trip.find((source) => source.id === here)?.body.name ?? kind ?? 'stream';
}
