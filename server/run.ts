/** Listens, bounds slow and oversized requests, and stops gently: what was asked is answered, then it ends, within two seconds. */
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Server as NetServer } from 'node:net';
import type { Logger } from 'pino';
import { createApp } from './app';
import type { ServerConfig } from './config';

/** Requests under way get this long; a kept-alive connection this long to send its last, ms. */
const LAST_ANSWERS_MS = 1800;
const LAST_QUESTIONS_MS = 300;
const MAX_HEADER_BYTES = 16_384;
const MAX_CONNECTIONS = 2000;

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
    (req, res) => void handle(req, res),
  );
  server.maxConnections = MAX_CONNECTIONS;

  let stopped: Promise<void> | null = null;
  const stop = (): Promise<void> =>
    (stopped ??= new Promise((done) => {
      stopping = true;
      // Only the listening ends at once: http's own close would also cut idle connections whose next question is on its way.
      NetServer.prototype.close.call(server, () => done());
      let idle: NodeJS.Timeout | undefined;
      const first = setTimeout(() => {
        idle = setInterval(() => server.closeIdleConnections(), 50);
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
