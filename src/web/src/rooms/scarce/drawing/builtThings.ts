import type { Drawing } from './LineDrawing';

/** What is built, as it stands when it is done. */
export const builtThings: Record<string, Drawing | undefined> = {
  'layered-filter': {
    ink: 'M18 6h36l-4 46q-1 6-8 8v6h-12v-6q-7-2-8-8zM20 24h32M21 34h30M22 44h28M27 28h1m7 1h1m7-1h1M26 39l3-2l3 2l3-2l3 2l3-2l3 2M28 49h2m4 0h2m4 0h2M36 68v2',
    water: 'M19 14h34l-1 10H20z',
  },
  wick: {
    ink: 'M6 8h24v26H6zM42 36h24v28H42zM6 34v30h24V34M24 24q2-20 16-16q10 3 12 34M52 44v3M52 50v2',
    water: 'M7 18h22v15H7zM43 56h22v7H43z',
  },
  siphon: {
    ink: 'M6 6h26v30H6zM42 38h24v28H42zM6 36v30h26V36M18 18q0-14 14-12q18 2 20 40M9 32h20',
    water: 'M7 14h24v16H7zM43 54h22v11H43z',
  },
  'squeeze-out': {
    ink: 'M20 6h32q4 18 2 28q-2 9-12 11v9H30v-9q-10-2-12-11q-2-10 2-28zM27 56h18M26 42l3 2M43 44l3-2M32 50h8M3 24h10m-4-4l4 4l-4 4M69 24H59m4-4l-4 4l4 4M34 61v3M38 64v4M33 68v2',
    water: 'M19 14h34q2 12 0 20q-2 8-11 10H30q-9-2-11-10q-2-8 0-20z',
  },
  can: {
    ink: 'M18 26h36v40H18zM18 26q18 8 36 0M18 26q18-8 36 0M20 28q-4-24 16-24t16 24M22 28h1M49 28h1',
    water: 'M19 40h34v25H19z',
  },
  'bark-vessel': {
    ink: 'M8 24l8 26h40l8-26l-10 4H18zM8 24l10 4M64 24l-10 4M24 58l-3 8M36 58v8M48 58l3 8M18 66h36M28 20q-3-5 0-9t0-8M42 20q-3-5 0-9t0-8',
    water: 'M18 32h36l-3 16H21z',
  },
  'pot-hanger': {
    ink: 'M4 60L64 12M20 66l6-24l-5-9M26 42l8-6M4 60q-2 8 8 8t8-8M54 20v10M42 34q12-8 24 0M42 34h24v18H42zM46 64l4-8l4 8l4-8l4 8',
    water: 'M43 42h22v9H43z',
  },
  'bottle-lifter': {
    ink: 'M6 14h60M36 14l-8 14M36 14l8 14M28 28h16M29 26h14v6l4 6v26q0 3-3 3H28q-3 0-3-3V38l4-6zM18 68h36',
    water: 'M26 44h20v22H26z',
  },
};
