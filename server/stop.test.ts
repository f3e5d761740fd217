import { Agent, get } from 'node:http';
import { performance } from 'node:perf_hooks';
import pino from 'pino';
import { SCRIPT, started } from './kit';

type Fate =
  | 'whole'
  /** Began and did not end. */
  | 'torn'
  /** No connection, or one that the server never took up. */
  | 'unheard';

const ask = (url: string, agent: Agent): Promise<Fate> =>
  new Promise((resolve) => {
    const r = get(url, { agent, headers: { 'accept-encoding': 'identity' } }, (res) => {
      let body = '';
      res.on('data', (d) => (body += d));
      res.on('end', () => resolve(res.complete && body === SCRIPT ? 'whole' : 'torn'));
      res.on('error', () => resolve('torn'));
    });
    r.on('error', () => resolve('unheard'));
  });

/** Waits until it holds, at most ten seconds. */
async function until(holds: () => boolean): Promise<void> {
  for (let n = 0; n < 1000 && !holds(); n++) await new Promise((r) => setTimeout(r, 10));
}

/** A server that counts what it heard. */
async function counted() {
  const heard = { count: 0 };
  const log = pino(
    { level: 'info' },
    { write: (line: string) => void (line.includes('"msg":"request"') && heard.count++) },
  );
  return { server: await started({}, log), heard };
}

test.each([
  ['each on its own connection', false],
  ['on connections kept alive', true],
])('it stops within two seconds under load and tears no answer: %s', async (_name, keepAlive) => {
  const { server, heard } = await counted();
  const agent = new Agent({ keepAlive, maxSockets: 40 });
  const fates: Record<Fate, number> = { whole: 0, torn: 0, unheard: 0 };
  const client = async (): Promise<void> => {
    for (;;) {
      const fate = await ask(`${server.address}/_expo/a-123.js`, agent);
      fates[fate]++;
      if (fate === 'unheard') return;
    }
  };
  const clients = Array.from({ length: 20 }, client);
  await until(() => fates.whole > 100);
  const from = performance.now();
  await server.stop();
  const tookMs = performance.now() - from;
  await Promise.all(clients);
  agent.destroy();
  expect(fates.torn).toBe(0);
  // Whatever the server heard arrived answered, whole; its last line may be written a moment after the answer has
  // arrived.
  await until(() => heard.count === fates.whole);
  expect(heard.count).toBe(fates.whole);
  expect(tookMs).toBeLessThan(2000);
});

test('a question under way when it stops is answered in full', async () => {
  const { server } = await counted();
  const agent = new Agent({ keepAlive: true });
  const answers = Array.from({ length: 30 }, () => ask(`${server.address}/_expo/a-123.js`, agent));
  await new Promise((r) => setTimeout(r, 5));
  const stopped = server.stop();
  expect(await Promise.all(answers)).toEqual(Array.from({ length: 30 }, () => 'whole'));
  await stopped;
  agent.destroy();
});

test('while it stops, health says so', async () => {
  const { server } = await counted();
  const stopped = server.stop();
  const r = await fetch(`${server.address}/health`);
  expect([r.status, await r.json(), r.headers.get('connection')]).toEqual([503, { status: 'stopping' }, 'close']);
  await stopped;
});
