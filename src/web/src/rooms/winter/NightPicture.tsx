import { Box, Typography, useTheme } from '@mui/material';
import type { Response, Schema } from '../../core/contract';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { clockTime, hourOf, minutesText, wholeHour } from '../../shared/time';

type Answer = Response<'winter-night'>;

const places = [
  { id: 'bare', name: 'Left out' },
  { id: 'inPack', name: 'In the pack, in clothing' },
  { id: 'inSleepingBag', name: 'In the sleeping bag' },
];

interface Props {
  answer: Answer;
  onBottles: (bottles: Schema<'NightBottle'>[]) => void;
}

/** The stove's work, then each bottle from evening to leaving: water full, ice hatched. */
export function NightPicture({ answer, onBottles }: Props) {
  const { night, bottles, ways, flask } = answer;
  const [from, bed, leave] = [night.from, night.bedAt, night.leaveAt].map((at) => Date.parse(at ?? ''));
  const x = (at: number) => (100 * (at - from)) / (leave - from);
  const taken = ways.find((way) => way.isTaken);
  const hold = (id: string, where: Schema<'SleepsWhere'>) =>
    onBottles([...(night.bottles ?? []).filter((b) => b.id !== id), { id, where }]);
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <HourLine from={from} leave={leave} x={x} />
      {taken && taken.minutes > 0 && (
        <Row
          name="At the stove"
          words={`${minutesText(taken.minutes)}, until ${clockTime(taken.doneAt)}${taken.inTime ? '' : ': after bedtime'}`}
        >
          <Bar from={0} to={Math.min(100, x(Date.parse(taken.doneAt)))} colour="warning.main" />
          <Bar from={x(bed)} to={100} colour="divider" />
        </Row>
      )}
      <Box
        component="ul"
        aria-label="Bottles through the night"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.25 }}
      >
        {bottles.map((bottle) => (
          <li key={bottle.id}>
            <Row name={bottle.name} words={bottle.words} isBad={bottle.freezesAt !== null}>
              <Bar
                from={x(bed)}
                to={bottle.freezesAt ? x(Date.parse(bottle.freezesAt)) : 100}
                colour="primary.main"
              />
              {bottle.freezesAt && <Ice from={x(Date.parse(bottle.freezesAt))} />}
            </Row>
            <ChoiceGroup
              label={`${bottle.name} is`}
              choices={places}
              value={bottle.where}
              onChange={(where) => hold(bottle.id, where as Schema<'SleepsWhere'>)}
            />
          </li>
        ))}
      </Box>
      {flask && <Row name="Flasks" words={flask.words} />}
    </Box>
  );
}

interface RowProps {
  name: string;
  words: string;
  isBad?: boolean;
  children?: React.ReactNode;
}

function Row({ name, words, isBad = false, children }: RowProps) {
  return (
    <Box>
      <Typography sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <strong>{name}</strong>
        <Box
          component="span"
          sx={{ color: isBad ? 'error.main' : 'text.secondary', fontWeight: isBad ? 650 : 400 }}
        >
          {words}
        </Box>
      </Typography>
      {children && (
        <Box
          aria-hidden
          sx={{
            position: 'relative',
            height: 16,
            bgcolor: 'action.hover',
            borderRadius: 1,
            overflow: 'hidden',
          }}
        >
          {children}
        </Box>
      )}
    </Box>
  );
}

function Bar({ from, to, colour }: { from: number; to: number; colour: string }) {
  return (
    <Box
      sx={{
        position: 'absolute',
        top: 0,
        bottom: 0,
        left: `${from}%`,
        width: `${to - from}%`,
        bgcolor: colour,
      }}
    />
  );
}

function Ice({ from }: { from: number }) {
  const { palette } = useTheme();
  return (
    <Box
      sx={{
        position: 'absolute',
        top: 0,
        bottom: 0,
        left: `${from}%`,
        right: 0,
        border: 2,
        borderColor: 'error.main',
        backgroundImage: `repeating-linear-gradient(45deg, ${palette.primary.light} 0 4px, ${palette.background.paper} 4px 8px)`,
      }}
    />
  );
}

/** Whole hours, every third named. */
function HourLine({ from, leave, x }: { from: number; leave: number; x: (at: number) => number }) {
  const hour = 3_600_000;
  const step = leave - from > 20 * hour ? 6 : 3;
  const marks = [];
  for (let at = Math.ceil(from / hour) * hour; at <= leave; at += hour)
    if (hourOf(new Date(at)) % step === 0) marks.push(at);
  return (
    <Box aria-hidden sx={{ position: 'relative', height: 20 }}>
      {marks.map((at) => (
        <Typography
          key={at}
          variant="body2"
          sx={{
            position: 'absolute',
            left: `${x(at)}%`,
            transform: x(at) < 5 ? 'none' : x(at) > 95 ? 'translateX(-100%)' : 'translateX(-50%)',
            color: 'text.secondary',
          }}
        >
          {wholeHour(new Date(at))}
        </Typography>
      ))}
    </Box>
  );
}
