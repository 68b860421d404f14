import { Box, Button, Paper, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { calculate } from '../../../core/core';
import { useCalculation } from '../../../core/useCalculation';
import { ProblemLine } from '../../../shared/ProblemLine';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { useKitEntries } from '../../../store/InHandContext';
import { typedNumber } from '../../../shared/typedNumber';
import { useSettings } from '../../../store/LocalDataContext';
import { PassMark } from '../PassMark';
import { useStanding } from '../ProgressContext';

/** Question after question, the weakest trap first; Enter answers, Enter goes on. */
export function QuizPage() {
  const { response } = useStanding().progress;
  // What is asked stays asked while its answer is being written down.
  const [asked, setAsked] = useState<{ seed: number; trap: Schema<'Skill'> } | null>(null);
  if (!response) return null;
  const question = asked ?? { seed: response.quizSeed, trap: response.nextQuiz };
  return (
    <Stack spacing={1.5} sx={{ maxWidth: 760 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}>
        <Typography variant="h1">Dose quiz</Typography>
        <Button component={Link} to="/drills">
          All drills
        </Button>
      </Box>
      <Question
        key={`${question.seed} ${question.trap}`}
        seed={question.seed}
        trap={question.trap}
        onMarked={() => setAsked(question)}
        onNext={() => setAsked(null)}
      />
    </Stack>
  );
}

interface QuestionProps {
  seed: number;
  trap: Schema<'Skill'>;
  onMarked: () => void;
  onNext: () => void;
}

function Question({ seed, trap, onMarked, onNext }: QuestionProps) {
  const { units } = useSettings().settings;
  const { write } = useStanding();
  const [text, setText] = useState('');
  const [marked, setMarked] = useState<Schema<'QuizResponse'> | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const kit = useKitEntries();
  const { response: question } = useCalculation('quiz', { units, seed, trap, kit });
  if (!question) return null;

  const mark = async () => {
    const typed = typedNumber(text);
    if (typed.is !== 'number') {
      setFault(
        typed.is === 'either'
          ? `Is it ${typed.values.join(' or ')}? Type it without the mark, or with a point.`
          : 'Give a number.',
      );
      return;
    }
    const answer = typed.value;
    const outcome = await calculate('quiz', { units, seed, trap, answer, kit });
    if (!outcome.ok) {
      setFault(outcome.problem.detail);
      return;
    }
    setFault(null);
    onMarked();
    setMarked(outcome.response);
    await write({
      kind: 'quiz',
      seed,
      level: null,
      focus: null,
      skills: [{ skill: trap, passed: outcome.response.right === true }],
    });
  };

  return (
    <Paper
      component="section"
      aria-label="Question"
      variant="outlined"
      sx={{ p: 2, borderColor: 'divider', display: 'grid', gap: 1.5 }}
    >
      <Typography sx={{ color: 'text.secondary', fontWeight: 650 }}>{question.trapName}</Typography>
      {question.given.map((line) => (
        <Typography key={line} sx={{ fontSize: '1.25rem' }}>
          {line}
        </Typography>
      ))}
      <Typography variant="h2" sx={{ fontSize: '1.5rem' }}>
        {question.question}
      </Typography>
      {marked === null ? (
        <Stack
          component="form"
          spacing={1.5}
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            void mark();
          }}
        >
          <TextField
            autoFocus
            value={text}
            onChange={(event) => setText(event.target.value)}
            error={fault !== null}
            helperText={fault ?? question.unit}
            slotProps={{
              htmlInput: {
                inputMode: 'decimal',
                'aria-label': `Your answer, ${question.unit}`,
                autoComplete: 'off',
              },
            }}
            sx={{ maxWidth: 260 }}
          />
          <Box>
            <Button type="submit" variant="contained" size="large">
              That is it
            </Button>
          </Box>
        </Stack>
      ) : (
        <Box aria-live="polite" sx={{ display: 'grid', gap: 1 }}>
          <PassMark passed={marked.right === true} />
          <Typography data-testid="headline" sx={{ fontSize: '1.7rem', fontWeight: 750 }}>
            {marked.headline}
          </Typography>
          <Typography>
            Your answer: {text.trim()} {question.unit}.
          </Typography>
          <Typography>{marked.why}</Typography>
          <Box>
            <Button autoFocus variant="contained" size="large" onClick={onNext}>
              Next question
            </Button>
          </Box>
          <WorkingPanel steps={marked.working} />
        </Box>
      )}
      {fault !== null && marked !== null && <ProblemLine>{fault}</ProblemLine>}
    </Paper>
  );
}
