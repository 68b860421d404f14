import { builtThings } from './builtThings';
import type { Drawing } from './LineDrawing';

/** Ways of making water, as they look at work. */
export const waysDrawn: Record<string, Drawing | undefined> = {
  rain: {
    ink: 'M8 20v46M64 14v52M8 22q28 30 56-6M30 46h14v20H30zM20 6l-2 6M34 4l-2 6M48 4l-2 6M58 2l-2 6',
    water: 'M31 54h12v11H31z',
  },
  'dew-cloth': {
    ink: 'M6 66q4-20 2-32M14 66q2-14 8-24M24 66q0-18-4-34M34 66q4-12 10-20M36 20h26l4 24H40zM40 28h24M41 36h24',
    water: 'M9 40q3 5 0 6q-3-1 0-6zM22 42q3 5 0 6q-3-1 0-6zM51 50q5 7 0 9q-5-2 0-9zM60 52q4 6 0 8q-4-2 0-8z',
  },
  'dew-pit': {
    ink: 'M2 30h14q2 30 20 30t20-30h14M22 32q2-12 12-10q4-8 12-2q8 0 6 12M24 46q-4-8 4-10q8-2 8 8q0 6-6 6q-6 0-6-4zM40 46q-2-8 6-10q8 2 4 8q-4 6-10 2z',
    water: 'M24 53q12 5 24 0l-5 7H29z',
  },
  'leaf-bag': {
    ink: 'M4 16q16-8 28 4M14 13l4-8M24 15l8-8M32 20q10-4 22 2q16 10 10 26q-6 16-20 12q-16-4-18-22q0-12 6-18zM36 28q6 4 7 14M46 28q4 6 2 14',
    water: 'M29 48q16 4 33-2q-4 15-18 15q-11-2-15-13z',
  },
  sap: {
    ink: 'M22 4v62M34 4v62M22 20h12M22 48h12M34 28l16 6l-2 6l-14-2M42 54h20v14H42z',
    water: 'M43 60h18v7H43zM50 42q4 6 0 8q-4-2 0-8z',
  },
  seep: {
    ink: 'M2 34h24l6 6h4q2 24 14 24t14-24h6M38 48q12 4 24 0M6 22q6-4 12 0',
    water: 'M2 36h23l-3 12H2zM39 50h22q-4 12-11 13q-7-1-11-13z',
  },
  'dry-bed': {
    ink: 'M2 18q26 0 32 20t36 20M2 42q12 0 18 12t16 16M46 42q8-4 14 2q2 8-6 10q-10 0-8-12zM52 8v22M46 14l6-8l6 8',
    water: 'M48 48h11q0 5-6 5q-5 0-5-5z',
  },
  beach: {
    ink: 'M2 54q6-4 12 0t12 0M24 58q14-32 24-22l8 8q2 20 6 20t6-16h2',
    water: 'M2 56h25l6-8h-8q-10 6-23 2zM57 52h11q-1 10-6 10t-5-10z',
  },
  snow: {
    ink: 'M16 30h40v22H16zM10 32h6M56 32h6M20 30q2-10 8-8q4-10 12-6q8-2 12 14M22 66l8-10h12l8 10M36 4v6M33 7h6M54 10v4M52 12h4',
    water: 'M17 42h38v9H17z',
  },
  'body-heat': {
    ink: 'M20 12q16-12 32 0l10 14v40H10V26zM36 16v12M36 64v2M28 30h16v4l3 4v24H25V38l3-4zM30 44h1m6 2h1m4-3h1',
    water: 'M26 50h20v11H26z',
  },
  'ground-still': {
    ink: 'M2 22h14l4 42h32l4-42h14M12 21q24 2 24 16q0-14 24-16M33 31h6v6h-6zM28 48h16v14H28zM5 15h8v7H5zM59 15h8v7h-8z',
    water: 'M29 54h14v7H29z',
  },
  'pot-still': {
    ink: 'M14 34h44v30H14zM14 34q22-26 44 0M21 34q2-8 5-3M31 34q0-10 5-6M43 34q0-8 5-3M30 48h12v14H30z',
    water: 'M15 57h14v6H15zM43 57h14v6H43zM31 55h10v6H31z',
  },
  'tent-still': {
    ink: 'M36 6L8 56M36 6l28 50M2 58h12v8H2zM58 58h12v8H58zM20 48h32v14H20zM28 42q-2-4 0-8M36 40q2-4 0-8M44 42q-2-4 0-8',
    water: 'M21 54h30v7H21zM3 62h10v3H3zM59 62h10v3H59z',
  },
  'steam-cloth': {
    ink: 'M12 34h38v20H12zM18 68l7-9h12l7 9M22 28q-3-4 0-8M31 28q3-4 0-8M40 28q-3-4 0-8M6 14q25-12 50 0q-3 6-7 4q-18-5-36 0q-6 0-7-4zM62 18q6 8 0 14',
    water: 'M13 44h36v9H13zM62 38q6 9 0 11q-6-2 0-11z',
  },
  'pot-tube': {
    ink: 'M6 34h26v20H6zM4 32h30M19 32V22q0-8 10-8q16 2 22 26M34 8l4 12M43 12l2 12M44 50h22v18H44zM10 68l5-9h8l5 9',
    water: 'M7 44h24v9H7zM45 59h20v8H45zM51 42q4 5 0 7q-4-2 0-7z',
  },
  wick: builtThings.wick,
};
