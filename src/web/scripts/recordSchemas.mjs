// Writes the schema of each kind of record, from the API document, to where the page reads it.
import { readFile, writeFile } from 'node:fs/promises';

const document = JSON.parse(await readFile('../JollyBrook.Server/openapi/jolly-brook.json', 'utf8'));
const lines = Object.entries(document['x-record-schemas']).map(
  ([kind, schema]) => `  ${kind.includes('-') ? `'${kind}'` : kind}: ${schema},\n`,
);
await writeFile(
  'src/core/recordSchemas.ts',
  `/** The schema each kind of record is written in; made from the API document by \`npm run types\`. */\nexport const recordSchemas = {\n${lines.join('')}};\n`,
);
