/**
 * Listens, bounds slow and oversized requests, and stops gently: what was asked is answered, then it ends, within two
 * seconds.
 */
import { createServer } from 'node:http';
import { Server as NetServer, type AddressInfo, type Socket } from 'node:net';
import { performance } from 'node:perf_hooks';
import type { Logger } from 'pino';
import { createApp } from './app';
import type { ServerConfig } from './config';

/** Requests under way get this long; new ones are still taken this long, ms. */
const LAST_ANSWERS_MS = 1800;
const LAST_QUESTIONS_MS = 300;
const QUIET_MS = 250;
const MAX_HEADER_BYTES = 16_384;
const MAX_CONNECTIONS = 2000;

/**
 * Path and question of what a request asks for; of an absolute address (RFC 9112, 3.2.2) what follows its host. Null
 * for an address that is none: asking it for its path would throw wherever that is done.
 */
function askedOf(url: string | undefined): string | null {
  if (url?.startsWith('/') || url === '*') return url;
  try {
    const { pathname, search } = new URL(url ?? '');
    return pathname + search;
  } catch {
    return null;
  }
}

export interface Running {
  address: string;
  stop: () => Promise<void>;
}

export function runServer(config: ServerConfig, log: Logger): Promise<Running> {
  let stopping = false;
  const handle = createApp({ config, log, stopping: () => stopping }).callback();
  const server = createServer(
    {
      maxHeaderSize: MAX_HEADER_BYTES,
      headersTimeout: config.REQUEST_TIMEOUT_MS,
      requestTimeout: config.REQUEST_TIMEOUT_MS,
      keepAliveTimeout: 5000,
      connectionsCheckingInterval: Math.min(1000, config.REQUEST_TIMEOUT_MS / 2),
    },
    (req, res) => {
      const url = askedOf(req.url);
      if (url === null) {
        res.writeHead(400, { 'Content-Type': 'text/plain', Connection: 'close' });
        res.end('bad request');
        return;
      }
      req.url = url;
      void handle(req, res);
    },
  );
  server.maxConnections = MAX_CONNECTIONS;

  const open = new Map<Socket, { busy: number; quietSinceMs: number }>();
  server.on('connection', (s: Socket) => {
    open.set(s, { busy: 0, quietSinceMs: performance.now() });
    s.once('close', () => open.delete(s));
  });
  server.on('request', ({ socket }, res) => {
    const c = open.get(socket);
    if (!c) return;
    c.busy++;
    res.once('close', () => {
      c.busy--;
      c.quietSinceMs = performance.now();
    });
  });
  /**
   * Ends, after what is still to be written, each connection that has been quiet for so long that no question can be on
   * its way.
   */
  const endIdle = (): void => {
    for (const [s, c] of open) if (c.busy === 0 && performance.now() - c.quietSinceMs > QUIET_MS) s.end();
  };

  let stopped: Promise<void> | null = null;
  const stop = (): Promise<void> =>
    (stopped ??= new Promise((done) => {
      stopping = true;
      let idle: NodeJS.Timeout | undefined;
      // For a moment it goes on listening: /health says that it stops, so that a proxy turns elsewhere, and what is on
      // its way still arrives.
      const first = setTimeout(() => {
        // Only the listening ends: http's own close also destroys connections whose last answer is not yet written out.
        NetServer.prototype.close.call(server, () => done());
        idle = setInterval(endIdle, 50);
      }, LAST_QUESTIONS_MS);
      const last = setTimeout(() => server.closeAllConnections(), LAST_ANSWERS_MS);
      server.once('close', () => {
        clearInterval(idle);
        clearTimeout(first);
        clearTimeout(last);
      });
    }));
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(config.PORT, config.HOST, () => {
      const { address, port, family } = server.address() as AddressInfo;
      const host = family === 'IPv6' ? `[${address}]` : address;
      resolve({ address: `http://${host}:${port}`, stop });
    });
  });
}
