import { Box, Typography, useTheme } from '@mui/material';
import { useRef, useState } from 'react';
import type { Response, Schema } from '../../core/contract';
import { shortened } from '../../shared/shortened';
import { clockTime, hourOf, localInstant, minutesText, wholeHour } from '../../shared/time';
import { useNowMinute } from '../../shared/useNow';
import { usePictureText } from '../../shared/usePictureText';
import { useWidth } from '../../shared/useWidth';

const row = 52;
const lane = 40;
const top = 26;
const snapMs = 5 * 60_000;

interface Props {
  schedule: Response<'schedule'>;
  onPut: (key: string, startAt: string) => void;
}

/** Batches on a clock line: hands-on full, waiting light; each pair of hands below, idle where empty. A batch can be dragged. */
export function ClockLine({ schedule, onPut }: Props) {
  const { palette } = useTheme();
  const ink = usePictureText();
  const [ref, width] = useWidth<HTMLDivElement>();
  const now = Date.parse(useNowMinute());
  const [from, until] = [Date.parse(schedule.from), Date.parse(schedule.until)];
  const span = Math.max(3_600_000, until - from) * 1.04;
  const x = (at: number) => ((at - from) / span) * width;
  const xOf = (instant: string) => x(Date.parse(instant));
  const hands = schedule.people;
  const height = top + schedule.batches.length * row + hands.length * lane + 8;
  if (schedule.batches.length === 0) return null;

  return (
    <Box ref={ref}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="group"
          aria-label={`${schedule.batches.length} batches from ${clockTime(schedule.from)} to ${clockTime(schedule.until)}; the list below says the same.`}
          style={{ touchAction: 'pan-y' }}
        >
          {schedule.quiet.map((q) => (
            <g key={q.from}>
              <rect
                x={Math.max(0, xOf(q.from))}
                width={Math.max(0, Math.min(width, xOf(q.until)) - Math.max(0, xOf(q.from)))}
                y={top}
                height={height - top}
                fill={palette.divider}
                opacity={0.45}
              />
              <text x={Math.max(0, xOf(q.from)) + 4} y={height - 6} {...ink} fill={palette.text.secondary}>
                rest
              </text>
            </g>
          ))}
          {hours(from, from + span, width).map((at) => (
            <g key={at}>
              <line x1={x(at)} x2={x(at)} y1={top - 4} y2={height} stroke={palette.divider} opacity={0.6} />
              <text
                x={x(at) + (x(at) + hourWidth < width ? 3 : -3)}
                y={16}
                textAnchor={x(at) + hourWidth < width ? 'start' : 'end'}
                {...ink}
              >
                {wholeHour(new Date(at))}
              </text>
            </g>
          ))}
          {schedule.batches.map((batch, i) => (
            <BatchBar
              key={batch.key}
              batch={batch}
              y={top + i * row}
              x={xOf}
              msPerPixel={span / width}
              width={width}
              onPut={onPut}
            />
          ))}
          {hands.map((person, i) => {
            const y = top + schedule.batches.length * row + i * lane;
            return (
              <g key={person.person}>
                <line x1={0} x2={width} y1={y + 4} y2={y + 4} stroke={palette.divider} />
                {schedule.batches.flatMap((batch) =>
                  batch.steps
                    .filter((step) => step.person === person.person)
                    .map((step) => (
                      <rect
                        key={`${batch.key}${step.startAt}`}
                        x={xOf(step.startAt)}
                        width={Math.max(2, xOf(step.endAt) - xOf(step.startAt))}
                        y={y + 26}
                        height={10}
                        fill={palette.primary.main}
                      />
                    )),
                )}
                <text x={4} y={y + 21} {...ink}>
                  Hands {person.person}: {minutesText(person.busyMinutes)} busy,{' '}
                  {minutesText(person.idleMinutes)} idle
                </text>
              </g>
            );
          })}
          {now > from && now < from + span && (
            <line
              x1={x(now)}
              x2={x(now)}
              y1={top - 6}
              y2={height}
              stroke={palette.error.main}
              strokeWidth={2}
            />
          )}
        </svg>
      )}
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        Full: hands at work. Light: it works by itself. ▼ wanted. Drag a batch to another time, or use “Change
        it”.
      </Typography>
    </Box>
  );
}

interface BarProps {
  batch: Schema<'ScheduledBatch'>;
  y: number;
  x: (instant: string) => number;
  msPerPixel: number;
  width: number;
  onPut: (key: string, startAt: string) => void;
}

function BatchBar({ batch, y, x, msPerPixel, width, onPut }: BarProps) {
  const { palette } = useTheme();
  const ink = usePictureText();
  const grabbed = useRef<number | null>(null);
  const [moved, setMoved] = useState(0);
  const left = x(batch.startAt);
  const drop = () => {
    if (grabbed.current === null) return;
    grabbed.current = null;
    if (Math.abs(moved) > 3) {
      const at = Math.round((Date.parse(batch.startAt) + moved * msPerPixel) / snapMs) * snapMs;
      onPut(batch.key, localInstant(new Date(at)));
    }
    setMoved(0);
  };
  const roomRight = width - left > 220;
  const room = roomRight ? width - left : Math.min(x(batch.readyAt), width);
  // What it is for stays whole; the container's name gives way.
  const forWhat = `: ${batch.wantName}`;
  const label = shortened(batch.container, Math.floor(room / letterWidth) - forWhat.length) + forWhat;
  return (
    <g
      transform={`translate(${moved} 0)`}
      style={{ cursor: batch.begun ? 'default' : 'grab' }}
      onPointerDown={(event) => {
        if (batch.begun) return;
        grabbed.current = event.clientX;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => grabbed.current !== null && setMoved(event.clientX - grabbed.current)}
      onPointerUp={drop}
      onPointerCancel={() => {
        grabbed.current = null;
        setMoved(0);
      }}
    >
      <rect
        x={left - 4}
        width={Math.max(48, x(batch.readyAt) - left + 8)}
        y={y}
        height={row - 2}
        fill="transparent"
      />
      {batch.steps.map((step) => (
        <rect
          key={step.startAt}
          x={x(step.startAt)}
          width={Math.max(2, x(step.endAt) - x(step.startAt))}
          y={y + 24}
          height={18}
          fill={palette.primary.main}
          opacity={step.person === null ? 0.3 : 1}
        />
      ))}
      <text
        x={roomRight ? left : Math.min(x(batch.readyAt), width)}
        y={y + 18}
        textAnchor={roomRight ? 'start' : 'end'}
        {...ink}
      >
        {label}
      </text>
      <text
        x={x(batch.by)}
        y={y + 40}
        textAnchor="middle"
        {...ink}
        fill={batch.lateMinutes > 0 ? palette.error.main : palette.text.secondary}
      >
        ▼
      </text>
    </g>
  );
}

/** What a letter takes at most, on average, px. */
const letterWidth = 8.5;

/** What an hour’s name takes, px. */
const hourWidth = 48;

/** Whole hours far enough apart to be read. */
function hours(from: number, until: number, width: number): number[] {
  const hour = 3_600_000;
  const most = Math.max(2, Math.floor(width / 64));
  const step = [1, 2, 3, 6, 12, 24].find((h) => (until - from) / hour / h <= most) ?? 24;
  const first = new Date(from);
  first.setMinutes(0, 0, 0);
  const list: number[] = [];
  for (let at = first.getTime() + hour; at < until; at += hour) {
    if (hourOf(new Date(at)) % step === 0) list.push(at);
  }
  return list;
}
