import Scale from '@mui/icons-material/Scale';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../core/contract';
import { useCalculation } from '../../core/useCalculation';
import { Assumptions } from '../../shared/Assumptions';
import { Cautions } from '../../shared/Cautions';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { ProblemLine } from '../../shared/ProblemLine';
import { Section } from '../../shared/Section';
import { WorkingPanel } from '../../shared/WorkingPanel';
import { useSettings } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { useEdited } from '../../store/useEdited';
import { EffortForm } from './EffortForm';
import { RulesOfThumb } from './RulesOfThumb';
import { SweatHead } from './SweatHead';
import { SweatPicture } from './SweatPicture';
import { SweatTests } from './SweatTests';
import { WalkerForm } from './WalkerForm';

interface Props {
  walker: Kept<'walker'>;
  tests: Kept<'sweat-test'>[];
}

/** One walker: what they lose at the effort asked about, what their tests say, who they are. */
export function WalkerDetail({ walker, tests }: Props) {
  const { units } = useSettings().settings;
  const [body, change] = useEdited('walker', walker);
  const [effort, setEffort] = useState<Schema<'Effort'>>({});
  const [school, setSchool] = useState<NonNullable<Schema<'SweatSchool'>>>('gonzalez2009');
  const { response, problem } = useCalculation('sweat', {
    units,
    walker: body,
    tests: tests.map(({ id, body: test }) => ({ id, test })),
    effort,
    school,
  });
  const errors = (field: string) => problem?.errors.find((e) => e.field === field)?.message;
  const other = problem?.errors.filter((e) => !/^(name|massKg|heightCm|packKg|effort\.)/.test(e.field)) ?? [];

  return (
    <Stack spacing={2}>
      <Section label="Answer">
        <Typography variant="h2" component="h1">
          {body.name}
        </Typography>
        {response ? (
          <SweatHead sweat={response} />
        ) : (
          problem && <Typography>Something can’t be right yet: see below.</Typography>
        )}
        {other.map((e) => (
          <ProblemLine key={e.field}>{e.message}</ProblemLine>
        ))}
      </Section>
      <Section title="What if">
        <EffortForm effort={effort} onChange={setEffort} errors={errors} />
        {response && <SweatPicture sweat={response} />}
        <ChoiceGroup
          label="Sweat equation"
          value={school}
          onChange={(id) => setSchool(id as typeof school)}
          choices={[
            {
              id: 'gonzalez2009',
              name: 'Gonzalez 2009',
              hint: 'Never below what keeps the body’s heat in balance.',
            },
            { id: 'shapiro1982', name: 'Shapiro 1982', hint: 'The older one, on the high side.' },
          ]}
        />
      </Section>
      <Section title="Sweat tests">
        {response && <SweatTests sweat={response} tests={tests} />}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button component={Link} to={`/body/${walker.id}/watch`} variant="outlined">
            Water through the day
          </Button>
          <Button
            component={Link}
            to={`/body/${walker.id}/test`}
            variant="contained"
            size="large"
            startIcon={<Scale />}
          >
            New sweat test
          </Button>
        </Box>
      </Section>
      {response && <RulesOfThumb rules={response.rulesOfThumb} />}
      <Section title="Who it is">
        <WalkerForm walker={body} onChange={change} errors={errors} />
      </Section>
      {response && (
        <>
          <Cautions cautions={response.cautions} />
          <Assumptions assumptions={response.assumptions} />
          <WorkingPanel steps={response.working} />
        </>
      )}
    </Stack>
  );
}
