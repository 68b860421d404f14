import { Box, Button, Paper, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { calculate } from '../../../core/core';
import { useCalculation } from '../../../core/useCalculation';
import { ProblemLine } from '../../../shared/ProblemLine';
import { useKitEntries } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import { useStanding } from '../ProgressContext';
import { ChoiceList } from '../ChoiceList';
import { Marked } from './Marked';
import { NumberForm } from './NumberForm';

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
        <Typography variant="h1">Quick questions</Typography>
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

type Answer = { answer: number } | { choice: string };

function Question({ seed, trap, onMarked, onNext }: QuestionProps) {
  const { units } = useSettings().settings;
  const { write } = useStanding();
  const [marked, setMarked] = useState<{ response: Schema<'QuizResponse'>; yours: string } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const kit = useKitEntries();
  const { response: question } = useCalculation('quiz', { units, seed, trap, kit });
  if (!question) return null;

  const mark = async (given: Answer, yours: string) => {
    const outcome = await calculate('quiz', { units, seed, trap, kit, ...given });
    if (!outcome.ok) {
      setFault(outcome.problem.detail);
      return;
    }
    setFault(null);
    onMarked();
    setMarked({ response: outcome.response, yours });
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
      {marked !== null ? (
        <Marked marked={marked.response} yours={marked.yours} onNext={onNext} />
      ) : question.choices.length > 0 ? (
        <ChoiceList
          isNext
          choices={question.choices}
          onChoose={({ id, name }) => void mark({ choice: id }, name)}
        />
      ) : (
        <NumberForm
          unit={question.unit}
          onAnswer={(answer, text) => void mark({ answer }, `${text} ${question.unit}`)}
        />
      )}
      {fault !== null && <ProblemLine>{fault}</ProblemLine>}
    </Paper>
  );
}
