import { Box, Typography } from '@mui/material';
import { useEffect, useMemo, useState } from 'react';
import { countOf, framesOf } from '../../../handover/frames';
import { codeShape } from './codeShape';

/** So long each code stands, ms: what a phone's camera keeps up with. */
const eachMs = 250;

/** A bundle's codes, one after another without end; one that fits into a single code stands still. */
export function CodeShow({ bytes }: { bytes: Uint8Array }) {
  const frameAt = useMemo(() => framesOf(bytes), [bytes]);
  const [number, setNumber] = useState(0);
  const count = countOf(bytes.length);
  useEffect(() => {
    if (count === 1) return;
    const timer = setInterval(() => setNumber((before) => before + 1), eachMs);
    return () => clearInterval(timer);
  }, [count]);
  const { path, modules } = useMemo(() => codeShape(frameAt(number)), [frameAt, number]);
  return (
    // On a phone the code stands first: it is held up, not read.
    <Box sx={{ display: 'grid', gap: 1, justifyItems: 'center', order: { xs: -1, md: 0 } }}>
      <Box
        component="svg"
        viewBox={`0 0 ${modules} ${modules}`}
        shapeRendering="crispEdges"
        role="img"
        aria-label="Code to be read by the other phone"
        data-number={number}
        sx={{ width: 'min(100%, 560px, 78vh)', aspectRatio: '1', bgcolor: '#fff', forcedColorAdjust: 'none' }}
      >
        <rect width={modules} height={modules} fill="#fff" />
        <path d={path} fill="#000" />
      </Box>
      <Typography sx={{ fontWeight: 650 }}>
        {count === 1 ? 'One code' : `${count} codes, again and again`}
      </Typography>
      <Typography sx={{ color: 'text.secondary', textAlign: 'center' }}>
        On the other phone: More, Share, Take in. Hold it over this screen until it says done.
      </Typography>
    </Box>
  );
}
