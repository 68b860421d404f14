import type { CalculationName } from './contract';

/** What the server says to a page of another build than its own. */
const otherBuild = 412;

/** Runs a calculation by the server's own copy of the core. Rejects where it can't be had. */
export async function askServer(name: CalculationName, request: string, gone?: AbortSignal): Promise<string> {
  const response = await fetch(`/api/calc/${name}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-build': __BUILD__ },
    body: request,
    signal: gone,
  });
  if (response.status === otherBuild) distrustServer();
  // Anything else is no word of the core's: signed out, say.
  if (response.status !== 200 && response.status !== 400)
    throw new Error(`The server answered ${response.status}.`);
  return `{"status":${response.status},"body":${await response.text()}}`;
}

/** The sooner answer; when neither comes, the reason that the core here gave. */
export function firstOf(here: Promise<string>, server: Promise<string>): Promise<string> {
  return Promise.any([here, server]).catch(() => here);
}

/** So long the server alone is waited for where the core here would take seconds, ms. */
export const longPatienceMs = 1_500;

/** So long the core here is asked at once after the server was the slower of both, ms: for a hiccup not long, then longer each time. */
const [hiccupMs, mostDistrustMs] = [2_000, 32_000];
let distrustMs = hiccupMs;
let askedAtOnceUntil = 0;

/** From now on the core here is asked: the server's is of another build, and one room would say other than the next. */
export function distrustServer() {
  askedAtOnceUntil = Infinity;
}

/** Whether the server's copy is asked first. */
export const isServerTrusted = () => navigator.onLine && Date.now() >= askedAtOnceUntil;

/**
 * The answer of the server's copy, which is many times as fast; where it does not come soon, the sooner of both. Where that was the core
 * here a while ago, it is asked at once.
 *
 * @param here Asks the core here.
 * @param patienceMs How long the server alone is waited for.
 * @param gone Once nobody waits any more: then the core here is not asked either.
 */
export async function serverFirst(
  name: CalculationName,
  request: string,
  here: () => Promise<string>,
  patienceMs: number,
  gone?: AbortSignal,
): Promise<string> {
  if (!isServerTrusted()) return here();
  const server = askServer(name, request, gone);
  const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), patienceMs));
  const soon = await Promise.race([server.catch(() => null), late]);
  if (soon !== null) {
    distrustMs = hiccupMs;
    return soon;
  }
  gone?.throwIfAborted();
  let isServerSooner = false;
  void server.then(
    () => (isServerSooner = true),
    () => undefined,
  );
  const json = await firstOf(here(), server);
  if (!isServerSooner) {
    askedAtOnceUntil = Math.max(askedAtOnceUntil, Date.now() + distrustMs);
    distrustMs = Math.min(2 * distrustMs, mostDistrustMs);
  }
  return json;
}
