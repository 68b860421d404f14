import { CoreWorker } from './CoreWorker';
import { coreHealth } from './coreHealth';
import type { CalculationName, Problem, Request, Response } from './contract';

/** What a calculation gave: its response, or a problem that names the fields that can't be right. */
export type Outcome<N extends CalculationName> =
  { ok: true; response: Response<N> } | { ok: false; problem: Problem };

const core = new CoreWorker();

/** Starts the core's worker, once. */
export function startCore() {
  core.start();
}

/** The newest calculations, so that one asked for ahead of the page is not run again by it. */
const newest = new Map<string, Promise<Outcome<CalculationName>>>();
const newestKept = 12;

/** Runs a calculation of the core in this page. Rejects only if the core itself could not be loaded. */
export function calculate<N extends CalculationName>(name: N, request: Request<N>): Promise<Outcome<N>> {
  const json = JSON.stringify(request);
  const key = `${name} ${json}`;
  const known = newest.get(key);
  if (known) return known;
  const asked = run(name, json);
  newest.set(key, asked);
  // A failure is no answer: the next one to ask tries again.
  asked.catch(() => newest.delete(key));
  coreHealth.follow(asked);
  if (newest.size > newestKept) newest.delete(newest.keys().next().value!);
  return asked;
}

/** Lets an answer this build's core gave on an earlier visit stand: it is a pure function, so it would give it again. */
export function recall<N extends CalculationName>(name: N, request: Request<N>, response: Response<N>) {
  const json = JSON.stringify(request);
  newest.set(`${name} ${json}`, Promise.resolve({ ok: true, response } as Outcome<CalculationName>));
  // Asked all the same once the page is drawn: the first calculation is the slow one, better made before it is waited for.
  requestIdleCallback(() => void run(name, json).catch(() => undefined), { timeout: 2_000 });
}

/** Whether the core in this page has answered yet; until then it is still starting. */
let answering = false;
let tellAnswering: () => void = () => undefined;
/** Settles with the first answer of the core in this page. */
export const coreAnswering = new Promise<void>((resolve) => {
  tellAnswering = resolve;
});

async function run<N extends CalculationName>(name: N, request: string): Promise<Outcome<N>> {
  if (request.length > long && navigator.onLine) return outcomeOf(await serverFirst(name, request));
  const here = askHere(name, request);
  // While the core starts, the server's own copy of it may answer sooner; the two give the same answers.
  const json = await (answering ? here : firstOf(here, askServer(name, request)));
  return outcomeOf(json);
}

/** Reads the status and body that a core gave. */
export function outcomeOf<N extends CalculationName>(json: string): Outcome<N> {
  const { status, body } = JSON.parse(json) as { status: number; body: unknown };
  return status === 200
    ? { ok: true, response: body as Response<N> }
    : { ok: false, problem: body as Problem };
}

/** A whole log, letters: the core in this page reads it for seconds, the server's own copy in a blink. */
const long = 300_000;
const patienceMs = 1_500;

/** The server's answer; where it does not come soon, the sooner of both. */
async function serverFirst(name: CalculationName, request: string): Promise<string> {
  const server = askServer(name, request);
  const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), patienceMs));
  const soon = await Promise.race([server.catch(() => null), late]);
  return soon ?? firstOf(askHere(name, request), server);
}

async function askHere(name: CalculationName, request: string): Promise<string> {
  const json = await core.ask(name, request);
  answering = true;
  tellAnswering();
  return json;
}

async function askServer(name: CalculationName, request: string): Promise<string> {
  const response = await fetch(`/api/calc/${name}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: request,
  });
  // Anything else is no word of the core's: signed out, say.
  if (response.status !== 200 && response.status !== 400)
    throw new Error(`The server answered ${response.status}.`);
  return `{"status":${response.status},"body":${await response.text()}}`;
}

/** The sooner answer; when neither comes, the reason that the core here gave. */
function firstOf(here: Promise<string>, server: Promise<string>): Promise<string> {
  return Promise.any([here, server]).catch(() => here);
}
