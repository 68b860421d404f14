import { Box, useTheme } from '@mui/material';
import { scaleLinear } from 'd3-scale';
import type { Response } from '../../../core/contract';
import { clockHours, dateOf } from '../../../shared/time';
import { show } from '../../../shared/units';
import { useCatalogue } from '../../../store/CatalogueContext';
import { usePictureText } from '../../../shared/usePictureText';
import { useWidth } from '../../../shared/useWidth';
import type { Line } from '../../../store/bookLines';

const height = 132;
const edge = { left: 8, right: 8, top: 20, bottom: 24 };

interface Props {
  day: string;
  answer: Response<'book-day'>;
  plannedL: number | null;
  lines: Line[];
  batches: { id: string; at: number }[];
}

/**
 * A day from midnight to midnight: what had been drunk by each hour against what was planned, when water was
 * treated, and where water was met.
 */
export function DayPicture({ day, answer, plannedL, lines, batches }: Props) {
  const { palette } = useTheme();
  const catalogue = useCatalogue();
  const ink = usePictureText();
  const [ref, width] = useWidth<HTMLDivElement>();
  const x = scaleLinear([0, 24], [edge.left, Math.max(edge.left + 1, width - edge.right)]);
  const y = scaleLinear([0, answer.mostL], [height - edge.bottom, edge.top]);
  const bottom = y(0);
  const isToday = day === dateOf(new Date());
  const until = isToday ? clockHours(new Date()) : 24;
  let level = 0;
  const steps = answer.drunk.flatMap(({ at, litres }) => {
    const points = [
      `${x(clockHours(new Date(at)))},${y(level)}`,
      `${x(clockHours(new Date(at)))},${y(litres)}`,
    ];
    level = litres;
    return points;
  });
  const line = [`${x(0)},${bottom}`, ...steps, `${x(until)},${y(level)}`].join(' ');
  const places = lines.filter(({ body }) => body.kind === 'sourceSeen' || body.kind === 'filled');
  const say = (litres: number) => show(catalogue, 'volume', litres);
  return (
    <Box
      ref={ref}
      sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', borderRadius: 1, mt: 0.5 }}
    >
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${say(answer.drunkL)} drunk${plannedL === null ? '' : ` of ${say(plannedL)} planned`}, ${batches.length} times treated. The lines below say it one by one.`}
        >
          {[0, 6, 12, 18, 24].map((hour) => (
            <g key={hour}>
              <line x1={x(hour)} x2={x(hour)} y1={edge.top} y2={bottom} stroke={palette.divider} />
              <text
                x={x(hour)}
                y={height - 5}
                textAnchor={hour === 0 ? 'start' : hour === 24 ? 'end' : 'middle'}
                {...ink}
                fill={palette.text.secondary}
              >
                {String(hour).padStart(2, '0')}
              </text>
            </g>
          ))}
          <polygon points={`${line} ${x(until)},${bottom}`} fill={palette.primary.main} opacity={0.18} />
          <polyline points={line} fill="none" stroke={palette.primary.main} strokeWidth={3.5} />
          {plannedL !== null && plannedL > 0 && (
            <g>
              <line
                x1={x(0)}
                x2={x(24)}
                y1={y(plannedL)}
                y2={y(plannedL)}
                stroke={palette.text.primary}
                strokeWidth={2}
                strokeDasharray="7 5"
              />
              <text x={x(24)} y={y(plannedL) - 5} textAnchor="end" {...ink}>
                planned {say(plannedL)}
              </text>
            </g>
          )}
          {batches.map(({ id, at }) => (
            <path
              key={id}
              d={`M${x(clockHours(new Date(at))) - 7},${bottom - 15}h14l-3,15h-8z`}
              fill={palette.background.paper}
              stroke={palette.text.primary}
              strokeWidth={2}
            />
          ))}
          {places.map(({ id, body }) => (
            <path
              key={id}
              d="M0,-12C5,-4 7,-1 7,3A7,7 0 0 1 -7,3C-7,-1 -5,-4 0,-12Z"
              transform={`translate(${x(clockHours(new Date(body.at ?? '')))} ${bottom - 9})`}
              fill={palette.primary.main}
              stroke={palette.background.paper}
            />
          ))}
        </svg>
      )}
    </Box>
  );
}
