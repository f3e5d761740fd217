import { stationReport } from '../core/stations/report';
import { askStation, StationFailed } from './stationFeed';

const NOW = Date.parse('2026-10-08T10:49:00Z');
const plain = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = plain;
});
const server = (answer: () => Response | Promise<Response>): void => {
  globalThis.fetch = jest.fn(answer) as unknown as typeof fetch;
};
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
const ask = (fault: Parameters<typeof askStation>[2] = 'none', signal = new AbortController().signal) =>
  askStation('arm-light', NOW, fault, signal);
const problemOf = (p: Promise<unknown>) =>
  p.then(
    () => 'none',
    (e: unknown) => (e as StationFailed).problem,
  );

test('the server is asked as of the day’s own time, and its report taken', async () => {
  server(() => json(stationReport('arm-light', NOW)));
  expect(await ask()).toEqual({ report: stationReport('arm-light', NOW), via: 'server' });
  expect(jest.mocked(globalThis.fetch).mock.calls[0]![0]).toContain(
    `at=${encodeURIComponent('2026-10-08T10:49:00.000Z')}`,
  );
});

test.each([
  ['no network', () => Promise.reject(new TypeError('failed to fetch'))],
  [
    'a plain file host that answers with the page',
    () => new Response('<!DOCTYPE html>', { headers: { 'content-type': 'text/html' } }),
  ],
])('%s: the same stand-in on this device', async (_name, answer) => {
  server(answer);
  expect(await ask()).toEqual({ report: stationReport('arm-light', NOW), via: 'device' });
  expect(await problemOf(ask('error'))).toBe('out-of-order');
  expect(await problemOf(ask('nonsense'))).toBe('nonsense');
});

test.each([
  ['out of order', () => json({ problem: 'station-out-of-order' }, 503), 'out-of-order'],
  [
    'not JSON after all',
    () => new Response('{"half":', { headers: { 'content-type': 'application/json' } }),
    'nonsense',
  ],
  [
    'a temperature of 480',
    () => json({ ...stationReport('arm-light', NOW), waterTemps: [{ time: '2026-10-08T09:00:00Z', tempC: 480 }] }),
    'nonsense',
  ],
  ['an unknown key', () => json({ ...stationReport('arm-light', NOW), more: 1 }), 'nonsense'],
])('%s is a problem, and nothing of it is used', async (_name, answer, problem) => {
  server(answer);
  expect(await problemOf(ask())).toBe(problem);
});

test('a question no longer wanted ends', async () => {
  const c = new AbortController();
  server(() => {
    c.abort();
    return Promise.reject(new DOMException('aborted', 'AbortError'));
  });
  await expect(ask('none', c.signal)).rejects.toThrow();
});

test('one that never answers is given up', async () => {
  jest.useFakeTimers();
  globalThis.fetch = jest.fn(
    (_url: string, o: RequestInit) =>
      new Promise((_, no) => o.signal!.addEventListener('abort', () => no(new Error('ended')))),
  ) as unknown as typeof fetch;
  const asked = problemOf(ask());
  await jest.advanceTimersByTimeAsync(11_000);
  expect(await asked).toBe('too-slow');
  jest.useRealTimers();
});
