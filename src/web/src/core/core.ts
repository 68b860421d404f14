import { Abandoned } from './Abandoned';
import { CoreWorker } from './CoreWorker';
import { held } from '../shared/held';
import { coreHealth } from './coreHealth';
import { askServer, firstOf, isServerTrusted, longPatienceMs, serverFirst } from './serverCore';
import type { CalculationName, Problem, Request, Response } from './contract';

/** What a calculation gave: its response, or a problem that names the fields that can't be right. */
export type Outcome<N extends CalculationName> =
  { ok: true; response: Response<N> } | { ok: false; problem: Problem };

const core = new CoreWorker();

/** Whether the core in this page has answered; until then it is on its way, or starting. */
export const coreIsHere = held(false);

/** Whether the core in this page is left alone where the server's copy can be asked. */
let isHeldBack = false;

/** What the server answered while it was, or an earlier visit: the newest of each kind. */
const answeredElsewhere = new Map<CalculationName, string>();

/** Starts the core's worker, once. */
export function startCore() {
  isHeldBack = false;
  core.start();
}

/** Leaves the core where it is until it is started, or until the server does not answer in its place. */
export function holdCoreBack() {
  isHeldBack = true;
}

/**
 * Fetches and starts the core, and settles when it has answered. What was answered in its place it works out too: the first of each
 * kind is slow, and better over before the signal is gone. Rejects where it can't be had.
 */
export async function bringCoreHere(): Promise<void> {
  if (!coreIsHere.current()) await askHere('catalogue', JSON.stringify({ units: 'metric' }));
  for (const [name, request] of answeredElsewhere) {
    if (!workedOut.has(name)) void askHere(name, request).catch(() => undefined);
  }
  answeredElsewhere.clear();
}

/** The newest calculations, so that one asked for ahead of the page is not run again by it. */
const newest = new Map<string, Asking>();

interface Asking {
  outcome: Promise<Outcome<CalculationName>>;
  /** Tells a server that nobody waits any more. */
  gone?: AbortController;
}
const newestKept = 12;

/** Runs a calculation of the core in this page. Rejects only if the core itself could not be loaded. */
export function calculate<N extends CalculationName>(name: N, request: Request<N>): Promise<Outcome<N>> {
  const json = JSON.stringify(request);
  const key = `${name} ${json}`;
  const known = newest.get(key)?.outcome;
  if (known) return known;
  const gone = new AbortController();
  const outcome = run(name, json, gone.signal);
  newest.set(key, { outcome, gone });
  // A failure is no answer: the next one to ask tries again.
  outcome.catch(() => {
    if (newest.get(key)?.outcome === outcome) newest.delete(key);
  });
  coreHealth.follow(outcome);
  if (newest.size > newestKept) newest.delete(newest.keys().next().value!);
  return outcome;
}

/**
 * Gives up a calculation that is still run by the server, which works out one of a person's after the other: what took its place need not
 * wait for it. Those who wait for it all the same get {@link Abandoned}, and may ask again.
 */
export function abandon<N extends CalculationName>(name: N, request: Request<N>) {
  const key = `${name} ${JSON.stringify(request)}`;
  newest.get(key)?.gone?.abort(new Abandoned());
}

/** Lets an answer this build's core gave on an earlier visit stand: it is a pure function, so it would give it again. */
export function recall<N extends CalculationName>(name: N, request: Request<N>, response: Response<N>) {
  const json = JSON.stringify(request);
  newest.set(`${name} ${json}`, {
    outcome: Promise.resolve({ ok: true, response } as Outcome<CalculationName>),
  });
  answeredElsewhere.set(name, json);
}

/** What the core in this page has worked out already: the first of each kind it is still starting for, and takes many times as long. */
const workedOut = new Set<CalculationName>();

/** A whole log, letters: the core in this page reads it for seconds, the server's own copy in a blink. */
const long = 300_000;

/** What treats a whole walk takes the core in this page half a second and more: too long to be followed by an eye. */
const wholeWalk: ReadonlySet<CalculationName> = new Set(['plan', 'from-here', 'kit-check', 'what-matters']);
const walkPatienceMs = 250;

async function run<N extends CalculationName>(
  name: N,
  request: string,
  gone?: AbortSignal,
): Promise<Outcome<N>> {
  const here = () => askHere(name, request);
  if (request.length > long) return outcomeOf(await serverFirst(name, request, here, longPatienceMs));
  if (isHeldBack) {
    if (!wholeWalk.has(name)) answeredElsewhere.set(name, request);
    return outcomeOf(await serverFirst(name, request, here, longPatienceMs, gone));
  }
  if (wholeWalk.has(name)) return outcomeOf(await serverFirst(name, request, here, walkPatienceMs, gone));
  // Until it is warm, the server's own copy may answer sooner; the two give the same answers.
  const isWarm = workedOut.has(name) || !isServerTrusted();
  const json = await (isWarm ? here() : firstOf(here(), askServer(name, request)));
  return outcomeOf(json);
}

/** Reads the status and body that a core gave. */
export function outcomeOf<N extends CalculationName>(json: string): Outcome<N> {
  const { status, body } = JSON.parse(json) as { status: number; body: unknown };
  return status === 200
    ? { ok: true, response: body as Response<N> }
    : { ok: false, problem: body as Problem };
}

async function askHere(name: CalculationName, request: string): Promise<string> {
  isHeldBack = false;
  const json = await core.ask(name, request);
  workedOut.add(name);
  coreIsHere.put(true);
  return json;
}
