import Block from '@mui/icons-material/Block';
import CheckCircle from '@mui/icons-material/CheckCircle';
import { Box, Typography, useTheme } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import { dayName } from '../../shared/time';
import type { Sweat } from '../../core/contract';
import { plain, show } from '../../shared/units';
import { usePictureText } from '../../shared/usePictureText';
import { useWidth } from '../../shared/useWidth';
import type { Kept } from '../../store/records';

interface Props {
  sweat: Sweat;
  tests: Kept<'sweat-test'>[];
}

/** Each test with what it says; the personal factor and its band as they came in. */
export function SweatTests({ sweat, tests }: Props) {
  const catalogue = useCatalogue();
  const { low, middle, high } = sweat.factor;
  return (
    <>
      <Typography>
        Sweats <strong>{plain(middle, 2)} times</strong> what the equation says, {plain(low, 2)} to{' '}
        {plain(high, 2)} in 8 of 10 cases.
        {sweat.tests.length === 0 && ' One test already halves that width.'}
      </Typography>
      <FactorPicture sweat={sweat} />
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.5 }}>
        {sweat.tests.map(({ id, result }) => {
          const at = tests.find((test) => test.id === id)?.body.at;
          const Icon = result.accepted ? CheckCircle : Block;
          return (
            <Box component="li" key={id} sx={{ display: 'flex', gap: 1 }}>
              <Icon aria-hidden sx={{ color: result.accepted ? 'success.main' : 'error.main', mt: 0.25 }} />
              <Box>
                <Typography sx={{ fontWeight: 650 }}>
                  {at && dayName(at)}
                  {': '}
                  {result.accepted
                    ? `${show(catalogue, 'volume', result.sweatLPerH)} of sweat an hour, ${plain(result.ratio ?? 0, 2)} times the prediction`
                    : 'Not counted'}
                </Typography>
                {[...result.refusals, ...result.warnings].map((words) => (
                  <Typography key={words}>{words}</Typography>
                ))}
              </Box>
            </Box>
          );
        })}
      </Box>
    </>
  );
}

const rowHeight = 34;
const left = 112;

/** The band of the personal factor before any test and after each one. */
function FactorPicture({ sweat }: { sweat: Sweat }) {
  const theme = useTheme();
  const [ref, width] = useWidth<HTMLDivElement>();
  const rows = [
    { name: 'Before', band: sweat.priorFactor, ratio: null as number | null },
    ...sweat.tests.map((test, i) => ({
      name: `Test ${i + 1}`,
      band: test.factor,
      ratio: test.result.ratio ?? null,
    })),
  ];
  const most = Math.max(2, ...rows.map((row) => Math.max(row.band.high, row.ratio ?? 0))) * 1.05;
  const x = (k: number) => left + (k / most) * (width - left - 12);
  const height = rows.length * rowHeight + 28;
  const ink = usePictureText();
  return (
    <Box ref={ref}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label="The personal factor before any test and after each one: the band grows narrower."
        >
          <line
            x1={x(1)}
            x2={x(1)}
            y1={0}
            y2={height - 24}
            stroke={theme.palette.text.secondary}
            strokeDasharray="4 4"
          />
          <text x={x(1)} y={height - 6} textAnchor="middle" {...ink}>
            as predicted
          </text>
          {rows.map((row, i) => {
            const y = i * rowHeight + rowHeight / 2;
            return (
              <g key={row.name}>
                <text x={0} y={y + 5} {...ink}>
                  {row.name}
                </text>
                <rect
                  x={x(row.band.low)}
                  width={x(row.band.high) - x(row.band.low)}
                  y={y - 8}
                  height={16}
                  rx={8}
                  fill={theme.palette.primary.main}
                  opacity={0.28}
                />
                <circle cx={x(row.band.middle)} cy={y} r={6} fill={theme.palette.primary.main} />
                {row.ratio !== null && (
                  <path
                    d={`M${x(row.ratio) - 6},${y - 6}l12,12m0,-12l-12,12`}
                    stroke={theme.palette.text.primary}
                    strokeWidth={3}
                  />
                )}
              </g>
            );
          })}
        </svg>
      )}
    </Box>
  );
}
