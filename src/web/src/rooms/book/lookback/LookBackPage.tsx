import ContentCopy from '@mui/icons-material/ContentCopy';
import Download from '@mui/icons-material/Download';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useMemo, useState } from 'react';
import { useCalculation } from '../../../core/useCalculation';
import { InstantEntry } from '../../../shared/dates/InstantEntry';
import { Cautions } from '../../../shared/Cautions';
import { Lines } from '../../../shared/Lines';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { saveFile } from '../../../shared/saveFile';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { clockOffset, localInstant } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';
import { ofEntryKind } from '../../../store/bookLines';
import { useWholeBook } from '../../../store/BookLinesContext';
import { useSettings } from '../../../store/LocalDataContext';
import { AgentList } from './AgentList';
import { useLog } from './useLog';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { asEntered } from '../../../shared/entered';

/** An illness looked back on: what could fit, which water fell short, and what to do. */
export function LookBackPage() {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const book = useWholeBook();
  const log = useLog();
  const newest = book && ofEntryKind(book.standing, 'symptom').at(-1);
  const [onset, setOnset] = useState<string | null>(null);
  const [symptoms, setSymptoms] = useState<string | null>(null);
  const [feverC, setFever] = useState<number | null>(null);
  const [signs, setSigns] = useState({ blood: false, dehydrated: false, atRisk: false });
  const [copied, setCopied] = useState(false);
  const from = onset ?? newest?.body.at ?? localInstant(new Date(now));
  const felt = symptoms ?? newest?.body.note ?? '';
  const fever = feverC ?? newest?.body.feverC ?? null;
  const request = useMemo(
    () =>
      book && log
        ? {
            units,
            onsetAt: from,
            symptoms: felt,
            feverC: fever,
            ...signs,
            ...log,
            offsetMinutes: clockOffset(),
            now,
          }
        : null,
    [book, log, units, from, felt, fever, signs, now],
  );
  const { response, problem } = useCalculation('look-back', request);
  const toggle = (key: keyof typeof signs, label: string) => (
    <SwitchEntry
      label={label}
      checked={signs[key]}
      onChange={(checked) => setSigns({ ...signs, [key]: checked })}
    />
  );
  const errors = (field: string) => problem?.errors.find((e) => e.field === field)?.message;

  return (
    <Stack spacing={2}>
      <Section title="Look back on an illness">
        {response && (
          <>
            {response.seeClinician.length > 0 && (
              <Box role="alert">
                {response.seeClinician.map((line) => (
                  <ProblemLine key={line}>{line}</ProblemLine>
                ))}
              </Box>
            )}
            <Typography variant="h1" component="p" data-testid="headline">
              {response.headline}
            </Typography>
            <Cautions cautions={response.cautions} />
          </>
        )}
        <InstantEntry label="It began" value={from} onChange={setOnset} error={errors('onsetAt')} />
        <TextEntry label="What is felt" long value={felt} onChange={setSymptoms} />
        <NumberEntry
          label="Body temperature"
          quantity="temperature"
          step={0.1}
          value={fever}
          onChange={(v) => setFever(asEntered(v))}
          error={errors('feverC')}
          unknown="Not measured"
        />
        <Box sx={{ display: 'grid' }}>
          {toggle('blood', 'Blood')}
          {toggle('dehydrated', 'Signs of dehydration: hardly any urine, dizzy')}
          {toggle('atRisk', 'Pregnant, a small child, older, or weak immunity')}
        </Box>
      </Section>
      {response && (
        <>
          <Section title="What could fit">
            <AgentList agents={response.agents} />
          </Section>
          <Section title="Meanwhile">
            <Lines lines={response.care} />
            <Typography variant="h3">Commoner than water: hands and food</Typography>
            <Lines lines={response.hygiene} />
          </Section>
          <Section title="For a clinician">
            <Typography component="pre" sx={{ whiteSpace: 'pre-wrap', fontFamily: 'inherit', m: 0 }}>
              {response.letter}
            </Typography>
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              <Button
                variant="outlined"
                startIcon={<Download />}
                onClick={() => saveFile('look-back.txt', 'text/plain', response.letter)}
              >
                Save as text
              </Button>
              <Button
                startIcon={<ContentCopy />}
                onClick={() =>
                  void navigator.clipboard.writeText(response.letter).then(() => setCopied(true))
                }
              >
                {copied ? 'Copied' : 'Copy'}
              </Button>
            </Box>
          </Section>
        </>
      )}
    </Stack>
  );
}
