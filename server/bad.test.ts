import { connect } from 'node:net';
import { started } from './kit';
import type { Running } from './run';

let server: Running;
beforeAll(async () => {
  server = await started({ REQUEST_TIMEOUT_MS: '400', API_PER_MINUTE: '100000' });
});
afterAll(() => server.stop());

/** Writes bytes to a new connection, piece by piece, and gives back everything that came until it was closed. */
function raw(pieces: readonly string[], everyMs = 0): Promise<string> {
  const port = Number(new URL(server.address).port);
  return new Promise((resolve) => {
    let got = '';
    const socket = connect(port, '127.0.0.1');
    const done = (): void => resolve(got);
    socket.setTimeout(4000, () => socket.destroy());
    socket.on('data', (d) => (got += d.toString('latin1')));
    socket.on('error', done);
    socket.on('close', done);
    const send = (i: number): void => {
      if (i >= pieces.length || socket.destroyed) return;
      socket.write(pieces[i]!);
      setTimeout(() => send(i + 1), everyMs);
    };
    send(0);
  });
}
const request = (line: string, headers: readonly string[] = ['Host: x'], body = ''): string =>
  `${line}\r\n${[...headers, 'Connection: close'].join('\r\n')}\r\n\r\n${body}`;
const get = (path: string): string => request(`GET ${path} HTTP/1.1`);
const status = (answer: string): number => Number(/^HTTP\/1\.1 (\d{3})/.exec(answer)?.[1] ?? 0);

/** Each with the only answers that are right; 0 means that the connection is closed without one. */
const TABLE: readonly [name: string, bytes: string, right: readonly number[]][] = [
  ['a way up, plain', get('/../../etc/passwd.txt'), [403, 404]],
  ['a way up, escaped', get('/..%2f..%2fetc/passwd.txt'), [403, 404]],
  ['a way up, escaped twice', get('/..%252f..%252fetc/passwd.txt'), [403, 404]],
  ['a way up with backslashes', get('/..%5c..%5cetc%5cpasswd.txt'), [403, 404]],
  ['a way up inside the assets', get('/_expo/../../package.json'), [403, 404]],
  ['a way up inside the assets, escaped', get('/_expo/%2e%2e/%2e%2e/package.json'), [403, 404]],
  ['a way up behind four dots', get('/....//....//etc/passwd.txt'), [403, 404]],
  ['an absolute path', get('//etc/passwd.txt'), [400, 403, 404]],
  ['a drive letter', get('/C:/windows/win.ini'), [400, 403, 404]],
  ['a hidden file', get('/.secret'), [404]],
  ['a hidden file among the assets', get('/_expo/.env'), [404]],
  ['a zero byte', get('/a%00.js'), [400, 404]],
  ['a broken escape', get('/%E0%A4%A.js'), [400]],
  ['a lone percent', get('/%.js'), [400]],
  ['a missing script', get('/_expo/gone-1.js'), [404]],
  ['a missing asset without an ending', get('/assets/gone'), [404]],
  ['a folder of the assets', get('/_expo/'), [404]],
  ['an unknown question', get('/api/nothing'), [404]],
  ['the API without a question', get('/api'), [404]],
  ['writing to a page', request('POST / HTTP/1.1', ['Host: x', 'Content-Length: 0']), [405]],
  ['deleting a page', request('DELETE /lures HTTP/1.1'), [405]],
  ['writing to a question', request('POST /api/start HTTP/1.1', ['Host: x', 'Content-Length: 2'], '{}'), [405]],
  ['TRACE', request('TRACE / HTTP/1.1'), [405]],
  ['a method of their own', request('BREW /pot HTTP/1.1'), [400]],
  ['CONNECT', request('CONNECT other:443 HTTP/1.1', ['Host: other:443']), [0, 400, 405]],
  ['another protocol', request('GET / HTTP/9.9'), [400, 505]],
  ['no host', request('GET / HTTP/1.1', []), [400]],
  ['a header without a colon', request('GET / HTTP/1.1', ['Host: x', 'nonsense']), [400]],
  ['a control character in a header', request('GET / HTTP/1.1', ['Host: x', 'X-A: a\x01b']), [400]],
  [
    'two lengths that differ',
    request('POST /api/start HTTP/1.1', ['Host: x', 'Content-Length: 1', 'Content-Length: 2'], 'ab'),
    [400],
  ],
  [
    'a length and chunks at once',
    request('POST /api/start HTTP/1.1', ['Host: x', 'Content-Length: 4', 'Transfer-Encoding: chunked'], '0\r\n\r\n'),
    [400],
  ],
  ['a negative length', request('POST /api/start HTTP/1.1', ['Host: x', 'Content-Length: -1'], ''), [400]],
  [
    'a broken chunk',
    request('POST /api/start HTTP/1.1', ['Host: x', 'Transfer-Encoding: chunked'], 'zz\r\nx'),
    [0, 400],
  ],
  [
    'a body announced too large',
    request('POST /api/start HTTP/1.1', ['Host: x', 'Content-Length: 99999999'], 'x'),
    [413],
  ],
  [
    'a body found too large',
    request(
      'POST /api/start HTTP/1.1',
      ['Host: x', 'Transfer-Encoding: chunked'],
      `8000\r\n${'x'.repeat(0x8000)}\r\n0\r\n\r\n`,
    ),
    [413],
  ],
  ['headers too large', request('GET / HTTP/1.1', ['Host: x', `X-A: ${'a'.repeat(40_000)}`]), [431]],
  ['an address too long', get(`/${'a'.repeat(40_000)}`), [414, 431]],
  ['a deep address', get(`/${'a/'.repeat(4000)}b.js`), [404]],
  ['an absolute address that is none', get('http://[::1?token=secret'), [400]],
  ['an absolute address without a host', get('http://'), [400]],
  ['an address without a way', get('nowhere'), [400]],
  ['an absolute address', get('http://other/api/nothing'), [404]],
  ['writing to the health', request('POST /health HTTP/1.1', ['Host: x', 'Content-Length: 0']), [405]],
  ['no HTTP at all', '\x16\x03\x01\x02\x00\x01\x00\x01\xfc\x03\x03', [400]],
  ['an empty line and nothing', '\r\n\r\n', [0, 400, 408]],
];

test('every refusal is asked for, each case by its own name', () => {
  const asked = new Set(TABLE.flatMap(([, , right]) => right));
  for (const status of [400, 404, 405, 413, 431]) expect([status, asked.has(status)]).toEqual([status, true]);
  expect(new Set(TABLE.map(([name]) => name)).size).toBe(TABLE.length);
});

test.each(TABLE)('%s', async (_name, bytes, right) => {
  const answer = await raw([bytes]);
  expect(right).toContain(status(answer));
  // Never a file of ours, never a trace of the inside.
  expect(answer).not.toMatch(/root:|not for you|"dependencies"|at .*\.(ts|js):\d+|node_modules/);
});

test('a body that comes too slowly is given up', async () => {
  const slow = [
    request('POST /api/start HTTP/1.1', ['Host: x', 'Content-Length: 1000']),
    ...Array.from({ length: 30 }, () => 'x'),
  ];
  expect(status(await raw(slow, 100))).toBe(408);
});

test('headers that come too slowly are given up', async () => {
  const slow = ['GET / HTTP/1.1\r\n', ...Array.from({ length: 30 }, (_, i) => `X-${i}: a\r\n`)];
  expect([0, 408]).toContain(status(await raw(slow, 100)));
});

test('after all of it the server still answers', async () => {
  expect((await fetch(server.address)).status).toBe(200);
});

describe('a flood', () => {
  test('is answered with 429 and when to come back, and others are still served', async () => {
    const limited = await started({ API_PER_MINUTE: '20', BEHIND_PROXY: '1' });
    const ask = (from: string) => fetch(`${limited.address}/api/start`, { headers: { 'x-forwarded-for': from } });
    const answers = await Promise.all(Array.from({ length: 200 }, () => ask('203.0.113.7')));
    const count = (s: number): number => answers.filter((a) => a.status === s).length;
    expect([count(200), count(429)]).toEqual([20, 180]);
    expect(Number(answers.find((a) => a.status === 429)!.headers.get('retry-after'))).toBeGreaterThan(0);
    expect((await ask('203.0.113.8')).status).toBe(200);
    expect((await fetch(limited.address)).status).toBe(200);
    await limited.stop();
  });

  test('without a trusted proxy the forwarded address is not believed', async () => {
    const limited = await started({ API_PER_MINUTE: '5' });
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        fetch(`${limited.address}/api/start`, { headers: { 'x-forwarded-for': `203.0.113.${i}` } }),
      ),
    );
    expect(answers.filter((a) => a.status === 429)).toHaveLength(15);
    await limited.stop();
  });
});
