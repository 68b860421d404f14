import { Box, Button, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import { ProblemLine } from '../../shared/ProblemLine';
import { Reading } from '../../shared/Reading';
import { Section } from '../../shared/Section';
import { dayName } from '../../shared/time';
import type { Kept } from '../../store/records';
import { DayPage, type Choice } from './DayPage';
import { useCampDay } from './useCampDay';

interface Props {
  route: Kept<'route'>;
  evening: number;
  kept: Kept<'day'> | undefined;
  choice: Choice;
}

/** An evening of a trip, as its plan has it and as hands changed it. */
export function CampDayPage({ route, evening, kept, choice }: Props) {
  const { day, change, wantsByHand, asPlanned, camp, problem } = useCampDay(route, evening, kept);
  if (problem !== null)
    return (
      <Section title="Day">
        <ProblemLine>{problem}</ProblemLine>
      </Section>
    );
  if (day === null || camp === null) return <Reading what="Day" />;
  return (
    <DayPage
      day={day}
      change={change}
      book={route.book}
      kit={camp.kit}
      sourceId={camp.waterId}
      choice={choice}
      origin={
        <Box>
          <Typography>
            {day.from && `${dayName(day.from)}. `}
            {wantsByHand ? 'What is wanted was changed by hand; the rest follows ' : 'Follows '}
            <MuiLink component={Link} to={`/route/${route.id}/plan`}>
              the plan of {route.body.name}
            </MuiLink>
            {camp.waterName && `. Water: ${camp.waterName}`}
            {camp.note && `. ${camp.note}`}
          </Typography>
          {wantsByHand && <Button onClick={asPlanned}>Want what the plan wants</Button>}
        </Box>
      }
    />
  );
}
