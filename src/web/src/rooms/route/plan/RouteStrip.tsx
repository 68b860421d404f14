import { Box, Typography, useTheme } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { HowSure, Plan } from '../../../core/contract';
import { entryScale, plain, show } from '../../../shared/units';
import { usePictureText } from '../../../shared/usePictureText';
import { useWidth } from '../../../shared/useWidth';
import { StartRow } from '../desk/StartRow';
import { markHeads } from '../desk/spreadMarks';
import { StripTouch } from '../desk/StripTouch';
import { placesOnce } from '../placesOnce';
import { useTrip } from '../TripContext';
import { PlaceMark } from './PlaceMark';

const usualHeight = 330;
const edge = { left: 52, right: 74, top: 34, bottom: 34 };
const groundShare = 0.42;

interface Props {
  plan: Plan;
  /** The simulated walks, drawn as a band around the line. */
  sure?: HowSure | null;
  /** px. */
  height?: number;
  selected?: string | null;
  /** Opens a place; left out where the strip is only read. */
  onSelect?: (id: string) => void;
}

/** One strip: the ground, the places by how sure they are, and the carried water rising and falling over it. */
export function RouteStrip({ plan, sure, height = usualHeight, selected = null, onSelect }: Props) {
  const theme = useTheme();
  const { sources } = useTrip();
  const catalogue = useCatalogue();
  const [ref, width] = useWidth<HTMLDivElement>();
  const x = (km: number) => edge.left + (km / plan.lengthKm) * (width - edge.left - edge.right);
  const bottom = height - edge.bottom;
  const heights = plan.ground.map((p) => p.value);
  const [lowest, highest] = [Math.min(...heights), Math.max(...heights, Math.min(...heights) + 50)];
  const groundY = (m: number) =>
    bottom - 8 - ((m - lowest) / (highest - lowest)) * (bottom - edge.top) * groundShare;
  const band = sure?.places ?? [];
  const mostL = Math.max(1, plan.mostCarriedL, ...band.map((p) => p.leaveL.high)) * 1.08;
  const waterY = (l: number) => bottom - (l / mostL) * (bottom - edge.top);
  const ground = plan.ground.map((p) => `${x(p.km)},${groundY(p.value)}`);
  const carried = plan.carried.map((p) => `${x(p.km)},${waterY(p.value)}`);
  const upper = band.flatMap((p) => [
    `${x(p.alongKm)},${waterY(p.arriveL.high)}`,
    `${x(p.alongKm)},${waterY(p.leaveL.high)}`,
  ]);
  const lower = band.flatMap((p) => [
    `${x(p.alongKm)},${waterY(p.arriveL.low)}`,
    `${x(p.alongKm)},${waterY(p.leaveL.low)}`,
  ]);
  const ink = usePictureText();
  const litres = entryScale(catalogue, 'volume');
  const litreStep = niceStep((mostL * litres.factor) / 3) / litres.factor;
  const ticks = Array.from({ length: Math.floor(mostL / litreStep) + 1 }, (_, i) => i * litreStep);
  const kmFactor = entryScale(catalogue, 'distance').factor;
  const kmStep = niceStep((plan.lengthKm * kmFactor) / 6) / kmFactor;
  const kms = Array.from({ length: Math.floor(plan.lengthKm / kmStep) + 1 }, (_, i) => i * kmStep);
  const places = placesOnce(plan.stops, sources).filter(
    (s) => s.kind === 'source' || s.kind === 'camp' || s.kind === 'bailOut',
  );
  const marks = places.filter(({ kind }) => kind !== 'camp');
  const spread = markHeads(
    marks.map(({ alongKm }) => x(alongKm)),
    width,
  );
  const heads = new Map(marks.map(({ id }, i) => [id, spread[i]]));

  return (
    <Box ref={ref} sx={{ position: 'relative' }}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`The ground and the carried water over ${show(catalogue, 'distance', plan.lengthKm)}: at most ${show(catalogue, 'volume', plan.mostCarriedL)} carried. The table below says it place by place.`}
        >
          <polygon
            points={`${x(0)},${bottom} ${ground.join(' ')} ${x(plan.lengthKm)},${bottom}`}
            fill={theme.palette.divider}
            opacity={0.55}
          />
          <polyline
            points={ground.join(' ')}
            fill="none"
            stroke={theme.palette.text.secondary}
            strokeWidth={1.5}
          />
          {plan.impossible.map((s) => (
            <rect
              key={`${s.fromKm}`}
              x={x(s.fromKm)}
              width={Math.max(4, x(s.toKm) - x(s.fromKm))}
              y={edge.top}
              height={bottom - edge.top}
              fill={theme.palette.error.main}
              opacity={0.14}
            />
          ))}
          {ticks.map((l, i) => (
            <g key={l}>
              <line
                x1={edge.left}
                x2={width - edge.right}
                y1={waterY(l)}
                y2={waterY(l)}
                stroke={theme.palette.divider}
              />
              <text
                x={edge.left - 6}
                y={waterY(l) + 5}
                textAnchor="end"
                {...ink}
                fill={theme.palette.primary.main}
              >
                {plain(l * litres.factor, 1)}
                {i === ticks.length - 1 && ` ${litres.symbol}`}
              </text>
            </g>
          ))}
          {[lowest, highest].map((m) => (
            <text
              key={m}
              x={width - edge.right + 6}
              y={groundY(m) + 5}
              {...ink}
              fill={theme.palette.text.secondary}
            >
              {show(catalogue, 'elevation', m)}
            </text>
          ))}
          {kms.map((km) => (
            <text key={km} x={x(km)} y={height - 10} textAnchor="middle" {...ink}>
              {km === 0 ? show(catalogue, 'distance', 0) : plain(km * kmFactor, 1)}
            </text>
          ))}
          {band.length > 0 && (
            <polygon
              points={[...upper, ...lower.reverse()].join(' ')}
              fill={theme.palette.primary.main}
              opacity={0.2}
            />
          )}
          <polyline
            points={carried.join(' ')}
            fill="none"
            stroke={theme.palette.primary.main}
            strokeWidth={4}
            strokeLinejoin="round"
          />
          {places.map((stop) => (
            <PlaceMark
              key={stop.id}
              stop={stop}
              x={x(stop.alongKm)}
              foot={groundY(stop.elevationM)}
              head={heads.get(stop.id) ?? x(stop.alongKm)}
              y={18}
            />
          ))}
        </svg>
      )}
      {width > 0 && onSelect && (
        <StripTouch
          plan={plan}
          places={places}
          width={width}
          x={x}
          kmAt={(at) => ((at - edge.left) / (width - edge.left - edge.right)) * plan.lengthKm}
          foot={(stop) => groundY(stop.elevationM)}
          selected={selected}
          onSelect={onSelect}
        />
      )}
      {width > 0 && onSelect && <StartRow plan={plan} width={width} x={x} />}
      {/* Where every mark answers to a touch, nobody needs a legend. */}
      {!onSelect && (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          Thick line: water carried, {litres.symbol}, left. Grey: the ground, right. Full drop: likely runs;
          hollow drop: may be dry; cross: do not use; tent: camp.
          {band.length > 0 && ' Band: 9 walks in 10.'}
        </Typography>
      )}
    </Box>
  );
}

/** 1, 2 or 5 times a power of ten, at least as large. */
function niceStep(least: number): number {
  const power = 10 ** Math.floor(Math.log10(least));
  return ([1, 2, 5].find((n) => n * power >= least) ?? 10) * power;
}
