import { Box, useTheme } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Sweat } from '../../core/contract';
import { show } from '../../shared/units';
import { usePictureText } from '../../shared/usePictureText';
import { useWidth } from '../../shared/useWidth';

const height = 220;
const edge = { left: 74, right: 12, top: 12, bottom: 34 };

/** Sweat against air temperature, with the band that most walkers like this one fall into. */
export function SweatPicture({ sweat }: { sweat: Sweat }) {
  const theme = useTheme();
  const catalogue = useCatalogue();
  const [ref, width] = useWidth<HTMLDivElement>();
  const points = sweat.byTemperature;
  const most = Math.max(0.5, Math.ceil(Math.max(...points.map((p) => p.sweatLPerH.high)) * 2) / 2);
  const [coldest, hottest] = [points[0].temperatureC, points[points.length - 1].temperatureC];
  const x = (t: number) =>
    edge.left + ((t - coldest) / (hottest - coldest)) * (width - edge.left - edge.right);
  const y = (litres: number) => height - edge.bottom - (litres / most) * (height - edge.top - edge.bottom);
  const line = (pick: (p: (typeof points)[number]) => number) =>
    points.map((p) => `${x(p.temperatureC)},${y(pick(p))}`);
  const at = sweat.airC;
  const ink = usePictureText();
  return (
    <Box ref={ref}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`Sweat against air temperature: ${show(catalogue, 'volume', sweat.sweatLPerH.middle)} an hour at ${show(catalogue, 'temperature', at)}, ${show(catalogue, 'volume', sweat.sweatLPerH.low)} to ${show(catalogue, 'volume', sweat.sweatLPerH.high)} in 8 of 10 cases.`}
        >
          {[0, most / 2, most].map((litres) => (
            <g key={litres}>
              <line
                x1={edge.left}
                x2={width - edge.right}
                y1={y(litres)}
                y2={y(litres)}
                stroke={theme.palette.divider}
              />
              <text x={edge.left - 6} y={y(litres) + 5} textAnchor="end" {...ink}>
                {show(catalogue, 'volume', litres)}
              </text>
            </g>
          ))}
          {[-10, 0, 10, 20, 30, 40].map((t) => (
            <text key={t} x={x(t)} y={height - 10} textAnchor="middle" {...ink}>
              {show(catalogue, 'temperature', t)}
            </text>
          ))}
          <polygon
            points={[...line((p) => p.sweatLPerH.high), ...line((p) => p.sweatLPerH.low).reverse()].join(' ')}
            fill={theme.palette.primary.main}
            opacity={0.22}
          />
          <polyline
            points={line((p) => p.sweatLPerH.middle).join(' ')}
            fill="none"
            stroke={theme.palette.primary.main}
            strokeWidth={4}
          />
          <line
            x1={x(at)}
            x2={x(at)}
            y1={edge.top}
            y2={height - edge.bottom}
            stroke={theme.palette.text.primary}
            strokeDasharray="4 4"
          />
          <circle
            cx={x(at)}
            cy={y(sweat.sweatLPerH.middle)}
            r={7}
            fill={theme.palette.background.paper}
            stroke={theme.palette.text.primary}
            strokeWidth={3}
          />
        </svg>
      )}
    </Box>
  );
}
