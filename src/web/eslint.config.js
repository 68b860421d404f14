import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import { createNodeResolver, importX } from 'eslint-plugin-import-x';
import a11y from 'eslint-plugin-jsx-a11y-x';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/** Which parts of the page a part may know of; what is left out it may not. A room may know of another one's pieces as listed. */
const arrows = {
  shared: ['core', 'store'],
  core: ['shared'],
  store: ['core', 'shared'],
  handover: ['core', 'shared', 'store'],
  program: ['core', 'shared'],
  rooms: ['core', 'shared', 'store', 'handover', 'program'],
};
const betweenRooms = {
  body: ['book/write'],
  book: ['body/EffortForm.tsx', 'body/signs', 'route/sources', 'treat/source'],
  day: ['book/write'],
  join: ['door'],
  now: ['body/signs', 'book/lines', 'book/write'],
  route: ['treat/source'],
  scarce: ['body/EffortForm.tsx', 'body/signs', 'book/write', 'treat/draft.ts', 'treat/source'],
  settings: ['door'],
  start: ['kit'],
  winter: ['day/dayChoices.ts'],
};
const parts = [...Object.keys(arrows), 'app'];
const rooms = readdirSync(new URL('src/rooms', import.meta.url));
const zones = [
  ...Object.entries(arrows).map(([part, known]) => ({
    target: `./src/${part}`,
    from: parts.filter((other) => other !== part && !known.includes(other)).map((other) => `./src/${other}`),
    message: `What ${part} may know of is listed in eslint.config.js.`,
  })),
  ...rooms.map((room) => ({
    target: `./src/rooms/${room}`,
    from: './src/rooms',
    except: [room, ...(betweenRooms[room] ?? [])].map((known) => `./${known}`),
    message: `What the room ${room} may know of other rooms is listed in eslint.config.js.`,
  })),
];

export default ts.config(
  { ignores: ['src/core/api.d.ts', 'src/core/choices.ts'] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  hooks.configs.flat.recommended,
  a11y.configs.recommended,
  {
    plugins: { 'import-x': importX },
    settings: {
      'import-x/extensions': ['.ts', '.tsx'],
      'import-x/parsers': { '@typescript-eslint/parser': ['.ts', '.tsx'] },
      'import-x/resolver-next': [createNodeResolver({ extensions: ['.ts', '.tsx'] })],
    },
    languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
    rules: {
      'import-x/no-cycle': 'error',
      'import-x/no-restricted-paths': ['error', { zones }],
      // `onClick={() => go()}` gives nothing back on purpose, and numbers in a sentence are what they look like.
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // A list's entry and a map's value are typed as if they were always there, so what guards against their absence would be "unnecessary".
      '@typescript-eslint/no-unnecessary-condition': 'off',
      // The contract says "or null" of every field that may be left out of a request, those a screen has filled in itself included.
      '@typescript-eslint/no-non-null-assertion': 'off',
    },
  },
);
