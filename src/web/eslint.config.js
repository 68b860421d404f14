import js from '@eslint/js';
import { createNodeResolver, importX } from 'eslint-plugin-import-x';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['src/core/api.d.ts'] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  hooks.configs.flat.recommended,
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
