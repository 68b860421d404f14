import ContentCopy from '@mui/icons-material/ContentCopy';
import MyLocation from '@mui/icons-material/MyLocation';
import Print from '@mui/icons-material/Print';
import { Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { useCalculation } from '../../../core/useCalculation';
import { AnswerBeside } from '../../../shared/AnswerBeside';
import { fieldMessage } from '../../../shared/fieldMessage';
import { NumberEntry } from '../../../shared/NumberEntry';
import { PrintAlone } from '../../../shared/PrintAlone';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { localInstant } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';
import { useSettings } from '../../../store/LocalDataContext';
import type { Draft } from '../draft';
import { useScarce } from '../ScarceContext';
import type { Entry } from '../../../shared/entered';
import { asEntered } from '../../../shared/entered';

/** The text of a call for help, made on this device: to read out, copy or print. */
export function CallPage() {
  const { settings, change } = useSettings();
  const { draft, set, walkers, standing } = useScarce();
  const now = useNowMinute();
  const contact = draft.contact ?? settings.emergencyContact;
  const [fault, setFault] = useState<string | null>(null);
  const people = asEntered(draft.people) ?? (walkers.length > 0 ? walkers.length : null);
  const { response, problem } = useCalculation('call-for-help', {
    units: settings.units,
    latitudeDeg: asEntered(draft.latitudeDeg),
    longitudeDeg: asEntered(draft.longitudeDeg),
    accuracyM: asEntered(draft.accuracyM),
    where: draft.where,
    people,
    inHandL: asEntered(draft.inHandL),
    restLPerH: standing.response?.restLPerH ?? null,
    signs: draft.signs,
    note: draft.note,
    contact,
    now: localInstant(new Date(now)),
  });
  const entry = (field: keyof Draft) => ({
    value: draft[field] as Entry,
    onChange: (value: Entry) => set({ [field]: value, accuracyM: null }),
    error: fieldMessage(problem, field),
    unknown: 'Not known',
  });
  const find = () => {
    setFault(null);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) =>
        set({
          latitudeDeg: coords.latitude,
          longitudeDeg: coords.longitude,
          accuracyM: Math.round(coords.accuracy),
        }),
      () => setFault('This device gave no position. Type it in from the map, or say the place in words.'),
      { enableHighAccuracy: true, timeout: 60_000 },
    );
  };

  return (
    <>
      <PrintAlone />
      <AnswerBeside
        head={
          <Paper
            component="section"
            aria-label="The text"
            variant="outlined"
            sx={{ p: 2, borderWidth: 3, borderColor: 'error.main', display: 'grid', gap: 1.5 }}
          >
            <Typography variant="h2">Read it out, or send it</Typography>
            <Typography
              component="pre"
              data-testid="call-text"
              sx={{
                m: 0,
                fontFamily: 'inherit',
                fontSize: '1.25rem',
                whiteSpace: 'pre-wrap',
                overflowWrap: 'anywhere',
              }}
            >
              {response?.text ?? ''}
            </Typography>
            {problem && <ProblemLine>{problem.detail}</ProblemLine>}
            <Box className="no-print" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              <CopyButton text={response?.text ?? ''} />
              <Button variant="outlined" startIcon={<Print />} onClick={() => window.print()}>
                Print it
              </Button>
            </Box>
            {response?.missing.map((line) => (
              <Typography key={line} className="no-print" sx={{ color: 'warning.main', fontWeight: 650 }}>
                Still missing: {line}
              </Typography>
            ))}
          </Paper>
        }
        inputs={
          <Box className="no-print" sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
            <Section title="Where you are">
              <Button variant="outlined" startIcon={<MyLocation />} onClick={find}>
                Take this device’s position
              </Button>
              {fault && <ProblemLine>{fault}</ProblemLine>}
              <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
                <NumberEntry label="Latitude" quantity="angle" step={0.01} {...entry('latitudeDeg')} />
                <NumberEntry label="Longitude" quantity="angle" step={0.01} {...entry('longitudeDeg')} />
              </Box>
              <TextEntry
                label="The place in words"
                value={draft.where}
                onChange={(where) => set({ where })}
                error={fieldMessage(problem, 'where')}
                long
              />
            </Section>
            <Section title="Who, and who to tell">
              <NumberEntry
                label="People"
                quantity="plain"
                step={1}
                value={people}
                onChange={(n) => set({ people: n })}
                error={fieldMessage(problem, 'people')}
              />
              <TextEntry
                label="Injuries, illness, what you will do"
                value={draft.note}
                onChange={(note) => set({ note })}
                error={fieldMessage(problem, 'note')}
                long
              />
              {/* Kept at each key here; with the settings, for other devices, when it is whole. */}
              <Box
                onBlur={() => {
                  if (draft.contact !== null && fieldMessage(problem, 'contact') === undefined)
                    void change({ emergencyContact: draft.contact });
                }}
              >
                <TextEntry
                  label="Emergency contact, kept with your settings"
                  value={contact}
                  onChange={(text) => set({ contact: text })}
                  error={fieldMessage(problem, 'contact')}
                  hint="Name and number."
                />
              </Box>
            </Section>
          </Box>
        }
        details={
          response && (
            <Section title="Beside the text">
              {response.reminders.map((line) => (
                <Typography key={line}>{line}</Typography>
              ))}
            </Section>
          )
        }
      />
    </>
  );
}

function CopyButton({ text }: { text: string }) {
  const [copied, setCopied] = useState(false);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
    } catch {
      // Without leave to write there, the words are marked for copying by hand.
      getSelection()?.selectAllChildren(document.querySelector('[data-testid=call-text]')!);
    }
    setCopied(true);
    setTimeout(() => setCopied(false), 3_000);
  };
  return (
    <Button variant="contained" startIcon={<ContentCopy />} onClick={() => void copy()}>
      {copied ? 'Copied' : 'Copy it'}
    </Button>
  );
}
