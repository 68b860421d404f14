import { Box } from '@mui/material';
import { useId } from 'react';
import { waterLook } from './waterLooks';
import type { ContainerInHand } from '../../store/InHandContext';
import { useWholeKit } from '../../store/LocalDataContext';
import { vesselOutlines, vesselShape, vesselSize } from './vesselShapes';

const { width, height, top, bottom } = vesselSize;

/** A container as full as it is: solid when it may be drunk, dotted while it waits, hatched when it may not. */
export function VesselPicture({ container }: { container: ContainerInHand }) {
  const id = useId();
  const { colour, pattern } = waterLook(container);
  const share = container.capacityL > 0 ? Math.min(1, container.litres / container.capacityL) : 0;
  const level = bottom - share * (bottom - top);
  const piece = useWholeKit().find(({ id: pieceId }) => pieceId === container.id)?.body;
  const { body, beside } = vesselOutlines[vesselShape(piece)];
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden
      sx={{ width, height, flexShrink: 0, color: colour }}
    >
      <defs>
        <clipPath id={`${id}-in`}>
          <path d={body} />
        </clipPath>
        <pattern
          id={`${id}-hatched`}
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="3" height="7" fill="currentColor" />
        </pattern>
        <pattern id={`${id}-dotted`} width="7" height="7" patternUnits="userSpaceOnUse">
          <circle cx="3.5" cy="3.5" r="2" fill="currentColor" />
        </pattern>
      </defs>
      {pattern && (
        <g clipPath={`url(#${id}-in)`}>
          <rect
            x={0}
            y={level}
            width={width}
            height={height - level}
            fill={pattern === 'full' ? 'currentColor' : `url(#${id}-${pattern})`}
          />
          <line x1={0} x2={width} y1={level} y2={level} stroke="currentColor" strokeWidth={2} />
        </g>
      )}
      <Box
        component="path"
        d={beside ? `${body}${beside}` : body}
        sx={{ fill: 'none', stroke: 'currentColor', strokeWidth: 2.5, color: 'text.primary' }}
      />
    </Box>
  );
}
