import { beforeEach, expect, test, vi } from 'vitest';
import { coreHealth } from '../../src/core/coreHealth';
import type { Request } from '../../src/core/contract';

const asked = vi.fn<(name: string, json: string) => Promise<string>>();
const ended = vi.fn();
const server = vi.fn<() => Promise<string | null>>();

vi.mock('../../src/core/CoreWorker', () => ({
  CoreWorker: class {
    ask = asked;
    end = ended;
    start = () => undefined;
  },
}));
vi.mock('../../src/core/serverCore', () => ({
  longPatienceMs: 1,
  serverFirst: async (_: string, __: string, here: () => Promise<string>) => (await server()) ?? here(),
}));

const { calculateLong, calculateLongHere, cancelLong } = await import('../../src/core/long');
const request = { text: 'a' } as unknown as Request<'read-route'>;
const answer = (body: object, status = 200) => JSON.stringify({ status, body });

beforeEach(() => {
  vi.clearAllMocks();
  server.mockResolvedValue(null);
});

test('the server’s copy answers where it can be had, and this page’s is left alone', async () => {
  server.mockResolvedValue(answer({ by: 'server' }));
  expect(await calculateLong('read-route', request)).toEqual({ ok: true, response: { by: 'server' } });
  expect(asked).not.toHaveBeenCalled();
});

test('without it the page’s own answers, with what was asked', async () => {
  asked.mockResolvedValue(answer({ by: 'page' }));
  expect(await calculateLong('read-route', request)).toEqual({ ok: true, response: { by: 'page' } });
  expect(asked).toHaveBeenCalledWith('read-route', JSON.stringify(request));
});

test('a file is read where it lies, whatever the signal', async () => {
  server.mockResolvedValue(answer({ by: 'server' }));
  asked.mockResolvedValue(answer({ by: 'page' }));
  expect(await calculateLongHere('read-route', request)).toEqual({ ok: true, response: { by: 'page' } });
  expect(server).not.toHaveBeenCalled();
});

test('what can’t be right comes back as a problem, and the core is no less well for it', async () => {
  asked.mockResolvedValue(answer({ title: 'Not a route' }, 400));
  expect(await calculateLong('read-route', request)).toEqual({
    ok: false,
    problem: { title: 'Not a route' },
  });
  expect(coreHealth.current()).toBeNull();
});

test('a core that can’t run is told to every place, until one answers again', async () => {
  asked.mockRejectedValue(new Error('file not found'));
  await expect(calculateLong('read-route', request)).rejects.toThrow('file not found');
  expect(coreHealth.current()).toBe('file not found');
  asked.mockResolvedValue(answer({}));
  await calculateLong('read-route', request);
  expect(coreHealth.current()).toBeNull();
});

test('cancelled, the core that worked on it is ended', () => {
  cancelLong();
  expect(ended).toHaveBeenCalledTimes(1);
});
