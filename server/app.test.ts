import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pino from 'pino';
import { stationReport } from '../core/stations/report';
import { started, SCRIPT } from './kit';
import { placesIn } from './places';
import type { Running } from './run';

let server: Running;
beforeAll(async () => {
  server = await started();
});
afterAll(() => server.stop());
const get = (path: string, headers: Record<string, string> = {}, method = 'GET') =>
  fetch(server.address + path, { headers, method });

test.each(['/', '/lures', '/kit/lure/new', '/lures?from=water'])('the application answers at %s', async (p) => {
  const r = await get(p);
  expect(r.status).toBe(200);
  expect(r.headers.get('content-type')).toContain('text/html');
  expect(await r.text()).toContain('Moss Kettle');
});

test('an address that leads nowhere is a real 404, with the application’s own page for it', async () => {
  for (const p of ['/no-such', '/lures/none', '/kit', '/kit/lure/new/more', '/__proto__']) {
    const r = await get(p);
    expect([p, r.status]).toEqual([p, 404]);
    expect(r.headers.get('content-type')).toContain('text/html');
    expect(await r.text()).toContain('Moss Kettle');
  }
});

test('without a list of places any address is one', () => {
  expect(placesIn(mkdtempSync(path.join(tmpdir(), 'kettle-')))('/anything')).toBe(true);
});

describe('headers', () => {
  test('scripts come from here alone, none inline, none evaluated', async () => {
    const policy = (await get('/')).headers.get('content-security-policy')!;
    expect(policy).toContain("default-src 'self'");
    for (const kind of ['script-src', 'worker-src', 'connect-src', 'font-src', 'manifest-src'])
      expect(policy).toMatch(new RegExp(`${kind} 'self'(;|$)`));
    for (const kind of ['object-src', 'frame-ancestors', 'base-uri', 'form-action'])
      expect(policy).toContain(`${kind} 'none'`);
    expect(policy).not.toContain('unsafe-eval');
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  });

  test.each([
    ['x-content-type-options', 'nosniff'],
    ['x-frame-options', 'DENY'],
    ['referrer-policy', 'no-referrer'],
    ['cross-origin-opener-policy', 'same-origin'],
    ['cross-origin-resource-policy', 'same-origin'],
  ])('%s is %s on a page, on the API and on a refusal', async (name, value) => {
    for (const p of ['/', '/api/start', '/nothing.js', '/health']) expect((await get(p)).headers.get(name)).toBe(value);
  });

  test('what the application does not use is closed to it, and nobody is told what runs here', async () => {
    const { headers } = await get('/');
    expect(headers.get('permissions-policy')).toContain('camera=()');
    expect(headers.get('x-powered-by')).toBeNull();
    expect(headers.get('strict-transport-security')).toBeNull();
  });

  test('strict transport is asked for where HTTPS alone leads here', async () => {
    const https = await started({ HTTPS_ONLY: '1' });
    expect((await fetch(https.address)).headers.get('strict-transport-security')).toMatch(/max-age=\d{7,}/);
    await https.stop();
  });
});

describe('files', () => {
  test('hashed ones are kept for long, pages and the service worker are asked for again', async () => {
    expect((await get('/_expo/a-123.js')).headers.get('cache-control')).toBe('max-age=31536000,immutable');
    for (const p of ['/', '/lures', '/sw.js']) expect((await get(p)).headers.get('cache-control')).toBe('max-age=0');
  });

  test.each(['br', 'gzip', 'identity'])('sent ready pressed as %s', async (how) => {
    const r = await get('/_expo/a-123.js', { 'accept-encoding': how });
    expect(r.headers.get('content-encoding')).toBe(how === 'identity' ? null : how);
    expect(r.headers.get('content-type')).toContain('javascript');
    expect(r.headers.get('vary')).toContain('Accept-Encoding');
    expect(await r.text()).toBe(SCRIPT);
  });

  test('an unchanged page is not sent twice, and every copy of the server tags it alike', async () => {
    const etag = (await get('/')).headers.get('etag')!;
    expect((await get('/', { 'if-none-match': etag, 'cache-control': 'max-age=0' })).status).toBe(304);
    const copy = await started();
    expect((await fetch(copy.address)).headers.get('etag')).toBe(etag);
    await copy.stop();
  });

  test('a part of a file is not given, and that is said: it comes whole', async () => {
    const r = await get('/_expo/a-123.js', { range: 'bytes=0-9' });
    expect([r.status, r.headers.get('accept-ranges')]).toEqual([200, 'none']);
    expect(await r.text()).toBe(SCRIPT);
  });

  test('HEAD answers without a body', async () => {
    const r = await get('/', {}, 'HEAD');
    expect([r.status, await r.text()]).toEqual([200, '']);
  });
});

describe('the API', () => {
  test('the first start is told whether to offer the demo', async () => {
    const r = await get('/api/start');
    expect(await r.json()).toEqual({ demo: true });
    expect(r.headers.get('cache-control')).toBe('no-store');
  });

  const station = (id: string, q: Record<string, string>) =>
    get(`/api/stations/${id}?${new URLSearchParams(q).toString()}`);
  test('a station reports as of the moment asked for, the same to everyone', async () => {
    const at = '2026-10-08T10:49:00Z';
    const r = await station('arm-light', { at });
    expect(r.status).toBe(200);
    expect(await r.json()).toEqual(stationReport('arm-light', Date.parse(at)));
  });
  test.each([
    ['out of order', 'arm-light', { at: '2026-10-08T10:49:00Z', fault: 'error' }, 503],
    ['nowhere', 'elsewhere', { at: '2026-10-08T10:49:00Z' }, 404],
    ['no moment', 'arm-light', {}, 400],
    ['no such fault', 'arm-light', { at: '2026-10-08T10:49:00Z', fault: 'rain' }, 400],
  ])('a station %s', async (_name, id, q, status) => {
    const r = await station(id, q as Record<string, string>);
    expect(r.status).toBe(status);
    expect(((await r.json()) as { problem: string }).problem).toBeTruthy();
  });
  test('the server can be told to fail at all of them', async () => {
    const failing = await started({ STATION_FAULT: 'error' });
    expect((await fetch(`${failing.address}/api/stations/arm-light?at=2026-10-08T10:49:00Z`)).status).toBe(503);
    await failing.stop();
  });

  test('health says ok', async () => {
    const r = await get('/health');
    expect([r.status, await r.json()]).toEqual([200, { status: 'ok' }]);
  });
});

test('each request is one line of the log, as data', async () => {
  const lines: Record<string, unknown>[] = [];
  const log = pino(
    { level: 'info', base: null },
    { write: (line: string) => lines.push(JSON.parse(line) as Record<string, unknown>) },
  );
  const logged = await started({}, log);
  await (await fetch(`${logged.address}/lures`)).text();
  await (await fetch(`${logged.address}/nothing.js`)).text();
  await logged.stop();
  const told = lines.filter((l) => l.msg === 'request').map(({ method, path, status }) => ({ method, path, status }));
  expect(told).toEqual([
    { method: 'GET', path: '/lures', status: 200 },
    { method: 'GET', path: '/nothing.js', status: 404 },
  ]);
});
