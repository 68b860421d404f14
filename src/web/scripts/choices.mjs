// Writes what each closed choice of the contract allows, from the API document, to where the page checks what it kept.
import { readFile, writeFile } from 'node:fs/promises';

const document = JSON.parse(await readFile('../JollyBrook.Server/openapi/jolly-brook.json', 'utf8'));
const choices = Object.entries(document.components.schemas).filter(([, schema]) => schema.enum);
const lines = choices.map(
  ([name, schema]) => `export const ${name} = ${JSON.stringify(schema.enum)} as const;\n`,
);
await writeFile(
  'src/core/choices.ts',
  `/* What each closed choice allows; made from the API document by \`npm run types\`. */\n\n${lines.join('')}`,
);
