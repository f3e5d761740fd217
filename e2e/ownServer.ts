/** Servers of a test's own, which it can kill. */
import { spawn, type ChildProcess } from 'node:child_process';
import path from 'node:path';
import type { Page } from '@playwright/test';

export const ROOT = path.resolve(__dirname, '..');
const FIRST_PORT = Number(process.env.E2E_PORT ?? 4391) + 10;
let nextPort = FIRST_PORT + 20 * Number(process.env.TEST_PARALLEL_INDEX ?? 0);

export interface OwnServer {
  address: string;
  kill: () => Promise<void>;
}

/** A server of this test's own, over a folder of its own, killed without a goodbye. */
export async function serve(root: string, port = nextPort++): Promise<OwnServer> {
  const child: ChildProcess = spawn(
    process.execPath,
    ['--import', 'tsx', 'server/main.ts', '--port', String(port), '--demo'],
    {
      cwd: ROOT,
      env: { ...process.env, WEB_ROOT: root, LOG_LEVEL: 'error' },
      stdio: 'inherit',
    },
  );
  const address = `http://127.0.0.1:${port}`;
  for (let i = 0; i < 100; i++) {
    const up = await fetch(`${address}/health`).then(
      (r) => r.ok,
      () => false,
    );
    if (up) break;
    await new Promise((r) => setTimeout(r, 100));
  }
  return {
    address,
    kill: () =>
      new Promise((done) => {
        child.once('exit', () => done());
        child.kill('SIGKILL');
      }),
  };
}

/** Waits until the service worker holds the page and every file. */
export const held = (page: Page): Promise<void> =>
  page.waitForFunction(
    () =>
      navigator.serviceWorker.controller !== null &&
      navigator.serviceWorker.ready.then((r) => r.active?.state === 'activated'),
    null,
    {
      timeout: 60_000,
    },
  ) as unknown as Promise<void>;
