import ExpandMore from '@mui/icons-material/ExpandMore';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { rememberAsked } from '../../core/askedLast';
import { calculate } from '../../core/core';
import { useCatalogue } from '../../store/CatalogueContext';
import { useCalculation } from '../../core/useCalculation';
import { useShortcut } from '../../shared/shortcuts';
import { useNowMinute } from '../../shared/useNow';
import { useQuiet } from '../../shared/useQuiet';
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
import { StartBar } from './answer/StartBar';
import { AskPanel } from './ask/AskPanel';
import { toldFields } from './ask/askFields';
import type { Draft } from './draft';
import { fieldErrors } from './fieldErrors';
import { fromHand } from './fromHand';
import { BottleStrip } from './hand/BottleStrip';
import { PlaceSelect } from './hand/PlaceSelect';
import { isKnownMethod } from './knownMethod';
import { MethodForms } from './method/MethodForms';
import { SourceForm } from './source/SourceForm';
import { VerdictPanel } from './source/VerdictPanel';
import { isSnow, kitTreats, toJudge, toRequest } from './toRequest';
import { startLines } from './startLines';
import { useDraft } from './useDraft';
import { ClearingForm } from './water/ClearingForm';
import { WaterForm } from './water/WaterForm';
import { Ways } from './ways/Ways';

/** The bottle in the hand, the few questions that matter, the answer with Start always in reach; it moves with every tap. */
export function TreatRoom() {
  const kit = useKit();
  const isSettled = useInHandSettled();
  const sources = useSourcesNow();
  if (sources === undefined || (kit.length > 0 && !isSettled))
    return (
      <Typography role="status" sx={wholeScreen}>
        Looking at what is in hand…
      </Typography>
    );
  return <TreatDesk key={kit.length === 0 ? 'no kit' : 'kit'} kit={kit} sources={sources} />;
}

/** On a phone this place is longer than a screen: what stands below it is out of sight from the first, and does not jump there later. */
const wholeScreen = { minHeight: { xs: '100dvh', lg: 0 } };

function TreatDesk({ kit, sources }: { kit: Kept<'kit-item'>[]; sources: Kept<'trip-source'>[] }) {
  const store = useStore();
  const { settings } = useSettings();
  const catalogue = useCatalogue();
  const navigate = useNavigate();
  const now = useNowMinute();
  const state = useInHand();
  const entries = useKitEntries();
  const trip = inOrder(sources);
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
  const { draft: held, known } = fromHand(form.draft, kit, state, trip);
  const draft = isKnownMethod(held, kit, catalogue) ? held : { ...held, method: null };
  const shown = { ...form, draft };
  const request = toRequest(draft, kit, settings.units, settings.countViruses, now, entries);
  const { response: answer, problem, answered, failure } = useCalculation('treat', request);
  // Asked after the answer itself, which must not wait for it.
  const { response: list } = useCalculation(
    'chains',
    answered === null ? null : { ...request, method: null },
  );
  const { response: judgement, failure: unjudged } = useCalculation(
    'judge',
    answered === null ? null : toJudge(draft, trip, settings.units, now, routes ?? []),
  );
  const told = toldFields(draft, known);
  const errors = fieldErrors(problem);
  const [everything, setEverything] = useState(false);
  useEffect(() => {
    if (answer && answered) rememberAsked(answered, answer);
  }, [answered, answer]);
  // For a moment after a change the answer is to what was asked before; it is then shown as such.
  const overtaken = answered !== null && JSON.stringify(answered) !== JSON.stringify(request);
  // Last of all, and only once nothing has moved for a moment: it tries many answers.
  const { response: matters } = useCalculation(
    'what-matters',
    useQuiet(
      answered === null || list === null || overtaken
        ? null
        : { of: { about: 'treat' as const, request: answered }, told },
      400,
    ),
  );
  const parts = (answer?.method ?? '').split('+');
  const cloudy =
    answer?.clearing != null && (answer.clearing.lossShare > 0 || answer.refusal?.asksForClearing === true);

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

  const head = (
    <AnswerHead
      answer={answer}
      problem={problem}
      failure={failure}
      volumeL={answered?.water?.volumeL ?? null}
      judgement={judgement}
      overtaken={overtaken}
      onStart={() => void start()}
    />
  );
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
        gridTemplateRows: { xs: 'auto auto auto 1fr', lg: 'auto 1fr' },
        ...wholeScreen,
        // The bar under the thumb hides nothing at the end.
        pb: { xs: 9, lg: 0 },
      }}
    >
      <Stack spacing={1} sx={{ gridArea: 'title', minWidth: 0 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}>
          <Typography variant="h1">Water</Typography>
          <Button onClick={form.reset} disabled={draft.touched.length === 0}>
            Start over
          </Button>
        </Box>
        <BottleStrip form={shown} kit={kit} />
        <PlaceSelect form={shown} trip={trip} />
      </Stack>
      <Stack spacing={1.5} sx={{ gridArea: 'inputs', minWidth: 0 }}>
        {!everything && (
          <AskPanel
            matters={matters}
            mayCome={problem === null && failure === null}
            form={shown}
            errors={errors}
            told={told}
          />
        )}
        <Button
          variant="outlined"
          startIcon={<ExpandMore sx={{ transform: everything ? 'rotate(180deg)' : undefined }} />}
          aria-expanded={everything}
          onClick={() => setEverything(!everything)}
          sx={{ alignSelf: 'flex-start' }}
        >
          {everything ? 'Only what matters' : 'Everything that is counted'}
        </Button>
        {everything && (
          <>
            <SourceForm form={shown} />
            <WaterForm
              form={shown}
              kit={kit}
              errors={errors}
              place={placeName(draft.here, trip, draft.sourceKind)}
            />
            {cloudy && <ClearingForm form={shown} errors={errors} clearing={answer?.clearing} />}
            <MethodForms form={shown} kit={kit} errors={errors} parts={parts} snow={isSnow(draft)} />
          </>
        )}
        {judgement?.verdict !== 'doNotUse' && (
          <Ways form={shown} list={list} chosen={answer?.method ?? null} kitTreats={kitTreats(kit)} />
        )}
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
        <Box sx={{ gridArea: 'head', mb: { lg: 1.5 } }}>{head}</Box>
        <Stack spacing={1.5} sx={{ gridArea: 'details' }}>
          {judgement && judgement.verdict !== 'use' && <VerdictPanel judgement={judgement} />}
          {answer && (judgement ?? unjudged) && <AnswerDetails answer={answer} form={shown} />}
        </Stack>
      </Box>
      {answer && <StartBar answer={answer} overtaken={overtaken} onStart={() => void start()} />}
    </Box>
  );
}

/** In the order of the walk. */
function inOrder(trip: Kept<'trip-source'>[]): Kept<'trip-source'>[] {
  return trip.toSorted((a, b) => (a.body.alongKm ?? 0) - (b.body.alongKm ?? 0));
}

function placeName(here: string | null, trip: Kept<'trip-source'>[], kind: string | null): string {
  return trip.find((source) => source.id === here)?.body.name ?? kind ?? 'stream';
}
