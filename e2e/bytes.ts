/** What the network carries for the first screen, read from the browser's own record of it. */
import type { Page } from '@playwright/test';

export const KINDS = ['page', 'script', 'worker', 'font', 'picture', 'data', 'other'] as const;
export type Kind = (typeof KINDS)[number];
export interface Fetched {
  name: string;
  kind: Kind;
  /** Bytes on the wire, pressed, headers included. */
  bytes: number;
  /** Bytes once unpacked. */
  unpacked: number;
}

function kindOf({ pathname }: URL): Kind {
  if (pathname === '/') return 'page';
  if (pathname.startsWith('/api/')) return 'data';
  if (/\/(compute|almanac)-[^/]*\.js$/.test(pathname)) return 'worker';
  if (pathname.endsWith('.js')) return 'script';
  if (pathname.endsWith('.woff2')) return 'font';
  return /\.(svg|png|webmanifest)$/.test(pathname) ? 'picture' : 'other';
}

/**
 * Opens `/` on an empty device without a service worker and waits until it is usable and the worker that ranks is
 * there: all that was fetched until it was at rest.
 */
export async function firstScreenBytes(page: Page, base = ''): Promise<Fetched[]> {
  await page.goto(`${base}/`);
  await page.getByRole('button', { name: /^clarity: .*Change$/ }).waitFor({ timeout: 90_000 });
  await page.waitForFunction(
    () => performance.getEntriesByType('resource').some((e) => e.name.includes('/compute-')),
    null,
    { timeout: 30_000 },
  );
  await page.waitForLoadState('networkidle');
  const entries = await page.evaluate(() => {
    // On a slow machine the network falls silent only after a page at rest has begun to read in the others.
    const restMs = performance.getEntriesByName('at-rest')[0]?.startTime ?? Infinity;
    return [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')]
      .filter((e) => e.startTime < restMs || e.name.includes('/compute-'))
      .map((e) => {
        const { name, transferSize, decodedBodySize } = e as PerformanceResourceTiming;
        return { url: name, bytes: transferSize, unpacked: decodedBodySize };
      });
  });
  return entries.map(({ url, ...sizes }) => ({ name: url.split('/').pop()!, kind: kindOf(new URL(url)), ...sizes }));
}
