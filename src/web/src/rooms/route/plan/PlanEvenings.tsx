import AlarmOutlined from '@mui/icons-material/AlarmOutlined';
import CheckCircleOutlined from '@mui/icons-material/CheckCircleOutlined';
import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { calculateLong } from '../../../core/long';
import { useCalculation } from '../../../core/useCalculation';
import { Section } from '../../../shared/Section';
import { minutesText } from '../../../shared/time';
import { useRecords } from '../../../store/useRecords';
import { useTrip } from '../TripContext';

/** Whether every camp's water can be ready when it is wanted, by its day's clock line. */
export function PlanEvenings() {
  const { record, plan, isFirst, isLooking } = useTrip();
  const days = useRecords('day');
  const books = days?.flatMap(({ body }) => (body.follows?.routeId === record.id ? [body] : []));
  const hasCamps = (plan.response?.days.length ?? 0) > 1;
  // After the plan itself, which people wait for, and of what it answers.
  const { response } = useCalculation(
    'evenings',
    books && hasCamps && !isFirst && !isLooking && plan.answered
      ? { units: plan.answered.units, plan: plan.answered, books }
      : null,
    calculateLong,
  );
  if (!hasCamps || !response) return null;
  return (
    <Section title="In camp">
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {response.evenings.map((evening) => (
          <Evening key={evening.day} evening={evening} to={`/day/plan/${record.id}/${evening.day}`} />
        ))}
      </Box>
    </Section>
  );
}

function Evening({ evening, to }: { evening: Schema<'PlanEvening'>; to: string }) {
  const { inTime, campName, waterName, headline, handsMinutes, late } = evening;
  const Icon = inTime ? CheckCircleOutlined : AlarmOutlined;
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1.5,
        alignItems: 'center',
        py: 1,
        '& + &': { borderTop: 1, borderColor: 'divider' },
      }}
    >
      <Icon aria-hidden sx={{ color: inTime ? 'success.main' : 'error.main' }} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: 700 }}>
          {campName}
          {waterName && `: water of ${waterName}`}
        </Typography>
        <Typography>
          {headline}
          {handsMinutes > 0 && ` · ${minutesText(handsMinutes)} of hands`}
        </Typography>
        {late.map((line) => (
          <Typography key={line} sx={{ fontWeight: 700, color: 'error.main' }}>
            {line}
          </Typography>
        ))}
      </Box>
      <Button component={Link} to={to} aria-label={`Clock line of ${campName}`}>
        Clock line
      </Button>
    </Box>
  );
}
