import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Schema } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { ProblemLine } from '../../../shared/ProblemLine';
import { useSettings } from '../../../store/LocalDataContext';
import { useKitEntries } from '../../../store/InHandContext';
import { useStanding } from '../ProgressContext';
import { DebriefPage } from './DebriefPage';
import { QuestionCard } from './QuestionCard';
import { SceneCard } from './SceneCard';

type Answers = Schema<'DrillAnswers'>;

/** One drill, played decision by decision; the debrief when all are taken. */
export function DrillPage() {
  const [asked] = useSearchParams();
  const key = asked.toString();
  return <Play key={key} asked={asked} />;
}

function Play({ asked }: { asked: URLSearchParams }) {
  const { units } = useSettings().settings;
  const { write } = useStanding();
  const [answers, setAnswers] = useState<Answers>({});
  const [round, setRound] = useState(0);
  const kit = useKitEntries();
  const drill = {
    seed: Number(asked.get('seed') ?? 1),
    level: Number(asked.get('level') ?? 1),
    focus: (asked.get('focus') ?? null) as Schema<'DrillResult'>['focus'],
  };
  const { response, answered, problem, failure } = useCalculation('drill', { units, ...drill, answers, kit });
  const shown = response && JSON.stringify(answered?.answers) === JSON.stringify(answers);

  const decide = (part: Partial<Answers>) => setAnswers({ ...answers, ...part });
  const look = (source: string, taken: Schema<'Look'>) =>
    decide({ looks: [...(answers.looks ?? []), { source, look: taken }] });
  const again = () => {
    setAnswers({});
    setRound(round + 1);
  };

  if (failure) return <Typography>No answer.</Typography>;
  if (!response) {
    return problem ? (
      <Stack spacing={2}>
        <Typography variant="h1">No such drill</Typography>
        <ProblemLine>{problem.detail}</ProblemLine>
        <Box>
          <Button component={Link} to="/drills" variant="contained">
            All drills
          </Button>
        </Box>
      </Stack>
    ) : null;
  }
  const { debrief } = response;
  return (
    <Stack spacing={1.5}>
      <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', flexWrap: 'wrap' }}>
        <Typography variant="h1">
          {response.title} · level {response.level}: {response.levelName.toLowerCase()}
        </Typography>
        <Button component={Link} to="/drills">
          All drills
        </Button>
      </Box>
      {debrief && shown ? (
        <DebriefPage
          key={round}
          debrief={debrief}
          onShown={() =>
            void write({
              kind: 'drill',
              ...drill,
              skills: debrief.steps.map(({ skill, passed }) => ({ skill, passed })),
            })
          }
          onAgain={again}
        />
      ) : (
        <Box
          sx={{
            display: 'grid',
            gap: 1.5,
            alignItems: 'start',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.2fr) minmax(0, 1fr)' },
          }}
        >
          <SceneCard drill={response} onLook={look} />
          <QuestionCard drill={response} onDecide={decide} onAgain={again} />
        </Box>
      )}
    </Stack>
  );
}
