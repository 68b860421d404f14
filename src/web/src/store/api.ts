import createClient from 'openapi-fetch';
import type { paths } from '../core/api';
import type { Problem, Schema } from '../core/contract';

export type About = Schema<'About'>;
export type BookCard = Schema<'BookCard'>;

const tokenHeader = 'X-Form-Token';
let formToken: string | null = null;

/** The server, typed by its API document. */
export const api = createClient<paths>({ baseUrl: '/' });
api.use({
  onRequest: ({ request }) => {
    if (formToken !== null) request.headers.set(tokenHeader, formToken);
    return request;
  },
});

/** Asks the server who is signed in; what is sent after that carries the token it gives. */
export async function askAbout(): Promise<About> {
  const { data, response } = await api.GET('/api/about');
  if (!data) throw new Error(`The server answered ${response.status}.`);
  formToken = data.formToken;
  return data;
}

/** Sends JSON to an address the API document has for any book. */
export async function sendJson(method: 'PUT' | 'POST', path: string, body: string): Promise<Response> {
  return fetch(path, {
    method,
    headers: { 'content-type': 'application/json', [tokenHeader]: formToken ?? '' },
    body,
  });
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
