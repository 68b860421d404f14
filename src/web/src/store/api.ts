import createClient from 'openapi-fetch';
import type { paths } from '../core/api';
import type { Problem, Schema } from '../core/contract';

export type About = Schema<'About'>;
export type BookCard = Schema<'BookCard'>;

/** What the server said of itself and of who is signed in, and between which instants of the device's clock, ms. */
export interface Heard {
  about: About;
  askedMs: number;
  answeredMs: number;
}

const tokenHeader = 'X-Form-Token';
const problemTypes = '/problems/';

/** What never answers is as good as out of reach, ms. */
const longestWaitMs = 60_000;
const longestAboutMs = 20_000;

/** Whoever answered was not our server: a hotel's sign-in page, a proxy, a line that broke off. Nothing is settled by it. */
export class NotOurServer extends Error {}

/** Our server answers, and has no room left to write. */
export class ServerFull extends Error {}

/** The server, typed by its API document, with the form token it gives. */
export class ServerLink {
  private formToken: string | null = null;
  readonly api;

  /**
   * @param send How a request is sent; the page's own fetch when left out.
   * @param base Where addresses begin.
   */
  constructor(
    private readonly send: typeof fetch = (input, init) => globalThis.fetch(input, init),
    base = '/',
  ) {
    this.api = createClient<paths>({
      baseUrl: base,
      fetch: (request: Request) => this.send(request, { signal: within(request.signal, longestWaitMs) }),
    });
    this.api.use({
      onRequest: ({ request }) => {
        if (this.formToken !== null) request.headers.set(tokenHeader, this.formToken);
        return request;
      },
    });
  }

  /** Asks the server who is signed in; what is sent after that carries the token it gives. */
  askAbout = async (): Promise<About> => {
    const { data, response } = await this.api.GET('/api/about', {
      signal: AbortSignal.timeout(longestAboutMs),
    });
    if (!isAbout(data)) throw new NotOurServer(`The server answered ${response.status}.`);
    this.formToken = data.formToken;
    return data;
  };

  /** The same, with the device's time around it: by that the two clocks are compared. */
  hear = async (): Promise<Heard> => {
    const askedMs = Date.now();
    const about = await this.askAbout();
    return { about, askedMs, answeredMs: Date.now() };
  };

  /** Sends JSON to an address the API document has for any book. */
  sendJson = async (method: 'PUT' | 'POST', path: string, body: string): Promise<Response> =>
    this.send(path, {
      method,
      headers: { 'content-type': 'application/json', [tokenHeader]: this.formToken ?? '' },
      body,
      signal: AbortSignal.timeout(longestWaitMs),
    });
}

function within(signal: AbortSignal, ms: number): AbortSignal {
  return AbortSignal.any([signal, AbortSignal.timeout(ms)]);
}

function isAbout(data: unknown): data is About {
  const about = data as Partial<About> | undefined;
  return (
    typeof about === 'object' &&
    typeof about.storeId === 'string' &&
    typeof about.epoch === 'string' &&
    Array.isArray(about.books)
  );
}

/** The problem our own server answers with; null for anyone else's answer, which settles nothing. */
export function ownProblem(answer: unknown): Problem | null {
  const problem = answer as Partial<Problem> | null | undefined;
  return typeof problem === 'object' &&
    typeof problem?.type === 'string' &&
    problem.type.startsWith(problemTypes)
    ? (problem as Problem)
    : null;
}

/** The page's own link. */
export const server = new ServerLink();
export const { api, askAbout } = server;

let ahead: Promise<Heard> | null = null;

/** Asks who is signed in before the page is here to wait for it. */
export function askAhead(): Promise<Heard> {
  ahead = server.hear();
  ahead.catch(() => undefined);
  return ahead;
}

/** What was asked ahead, once; asked now where nothing was. */
export function hearFirst(): Promise<Heard> {
  const asked = ahead;
  ahead = null;
  return asked ?? server.hear();
}

const notReached: Problem = {
  type: '/problems/not-reached',
  title: 'The server does not answer.',
  status: 0,
  detail: 'The server does not answer. This needs it; try again when it is in reach.',
  errors: [],
};

export type Answer<T> = { ok: true; data: T } | { ok: false; problem: Problem };

/** Makes a call with a fresh token, and answers what goes wrong, the line included, as a problem. */
export async function call<T>(
  run: () => Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Answer<T>> {
  try {
    await askAbout();
    const { data, error, response } = await run();
    if (response.ok) return { ok: true, data: data as T };
    const problem = (typeof error === 'object' && error !== null ? error : {}) as Partial<Problem>;
    return {
      ok: false,
      problem: {
        type: problem.type ?? '/problems/unknown',
        title: problem.title ?? 'That did not work.',
        status: response.status,
        detail: problem.detail ?? `The server answered ${response.status}. Try again.`,
        errors: problem.errors ?? [],
      },
    };
  } catch {
    return { ok: false, problem: notReached };
  }
}
