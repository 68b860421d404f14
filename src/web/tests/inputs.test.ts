import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';

interface Shape {
  properties?: Record<string, object>;
}
interface Api {
  paths: Record<
    string,
    Record<string, { requestBody?: { content: Record<string, { schema: { $ref?: string } }> } }>
  >;
  components: { schemas: Record<string, Shape> };
}

const api = JSON.parse(
  readFileSync(join(import.meta.dirname, '../../JollyBrook.Server/openapi/jolly-brook.json'), 'utf8'),
) as Api;
const made = ['api.d.ts', 'recordSchemas.ts'];
const code = readdirSync(join(import.meta.dirname, '../src'), { recursive: true, withFileTypes: true })
  .filter((file) => file.isFile() && /\.tsx?$/.test(file.name) && !made.includes(file.name))
  .map((file) => readFileSync(join(file.parentPath, file.name), 'utf8'))
  .join('\n');

/** What is told of no field, and why. */
const notTyped: Record<string, string[]> = {
  // Reckoned by what asks the plan on the way, from where one is and from what is in hand there.
  PlanRequest: ['startL', 'neighbours'],
};

/** Whether anything is put into it: named with a value, passed on by its own name, or as the key of a field. Reading it is not enough. */
const isWritten = (input: string) =>
  new RegExp(
    String.raw`(?<![.\w'])${input}\s*(:(?!\s*(number|string|boolean)\b)|[,}](?!\s*=))|['"]${input}['"]|\.${input}\s*=(?!=)`,
  ).test(code);

test('every input of every calculation is told by the page somewhere', () => {
  const requests = Object.entries(api.paths)
    .filter(([path]) => path.startsWith('/api/calc/'))
    .flatMap(([, methods]) => Object.values(methods))
    .flatMap(({ requestBody }) => Object.values(requestBody?.content ?? {}))
    .flatMap(({ schema }) => schema.$ref?.split('/').at(-1) ?? []);
  expect(requests.length).toBeGreaterThan(40);
  const lost = [
    ...requests,
    'TripRoute',
    'RouteDay',
    'DayWeather',
    'TripSource',
    'Walker',
    'KitTrip',
    'Effort',
  ].flatMap((name) =>
    Object.keys(api.components.schemas[name].properties ?? {})
      .filter((input) => !(notTyped[name] ?? []).includes(input))
      // What the core reckons from the others goes out with a record and comes in with none.
      .filter((input) => !['isAcclimatised', 'loadKg', 'surfaceM2', 'isRunning'].includes(input))
      .filter((input) => !isWritten(input))
      .map((input) => `${name}.${input}`),
  );
  expect(lost).toEqual([]);
});
