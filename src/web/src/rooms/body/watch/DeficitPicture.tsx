import { Box, useTheme } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { clockTime } from '../../../shared/time';
import { plain } from '../../../shared/units';
import { usePictureText } from '../../../shared/usePictureText';
import { useWidth } from '../../../shared/useWidth';

const height = 200;
const edge = { left: 48, right: 12, top: 12, bottom: 28 };

/** What is missing through the day, in % of body mass; lower is drier. */
export function DeficitPicture({ points }: { points: Schema<'WatchPoint'>[] }) {
  const { palette } = useTheme();
  const ink = usePictureText();
  const [ref, width] = useWidth<HTMLDivElement>();
  const values = points.map((p) => p.deficitPercent);
  const [least, most] = [Math.min(-1, ...values), Math.max(3, ...values)];
  const [from, until] = [Date.parse(points[0].at), Date.parse(points.at(-1)!.at)];
  const x = (at: string) =>
    edge.left + ((Date.parse(at) - from) / Math.max(1, until - from)) * (width - edge.left - edge.right);
  const y = (percent: number) =>
    edge.top + ((percent - least) / (most - least)) * (height - edge.top - edge.bottom);
  const last = points.at(-1)!;
  return (
    <Box ref={ref}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`From ${clockTime(points[0].at)} to ${clockTime(last.at)}: now ${plain(last.deficitPercent, 1)} % missing`}
        >
          <rect
            x={edge.left}
            width={Math.max(0, width - edge.left - edge.right)}
            y={y(2)}
            height={Math.max(0, y(most) - y(2))}
            fill={palette.error.main}
            opacity={0.12}
          />
          {[0, 1, 2, 3].map((percent) => (
            <g key={percent}>
              <line
                x1={edge.left}
                x2={width - edge.right}
                y1={y(percent)}
                y2={y(percent)}
                stroke={palette.divider}
              />
              <text x={edge.left - 6} y={y(percent) + 5} textAnchor="end" {...ink}>
                {percent === 0 ? '0' : `−${percent} %`}
              </text>
            </g>
          ))}
          <polyline
            points={points.map((p) => `${x(p.at)},${y(p.deficitPercent)}`).join(' ')}
            fill="none"
            stroke={palette.primary.main}
            strokeWidth={3}
          />
          <circle cx={x(last.at)} cy={y(last.deficitPercent)} r={5} fill={palette.primary.main} />
          <text x={edge.left} y={height - 8} {...ink}>
            {clockTime(points[0].at)}
          </text>
          <text x={width - edge.right} y={height - 8} textAnchor="end" {...ink}>
            {clockTime(last.at)}
          </text>
        </svg>
      )}
    </Box>
  );
}
