/** The fault study of the record at full length: the page, and the whole browser, killed while someone logs. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type Browser, type BrowserContext } from '@playwright/test';
import { crashWhileLogging, openStrikes, pageOf, type CrashReport } from '../../e2e/faults';
import { ensureChromium } from '../lib.mjs';
import { letNamesStand, ORIGIN, PHONE, phone } from './browser';
import { table } from './report';

/** Of the page and of the browser; a day of fishing each time. */
const PAGES = Number(process.env.CRASHES ?? 800);
const BROWSERS = Number(process.env.BROWSER_CRASHES ?? 200);
const A_DAY = 50;
const SEED = 20261126;

type Study = (times: number, seed: number) => Promise<CrashReport>;

const killingPages =
  (browser: Browser): Study =>
  async (times, seed) => {
    const context = await phone(browser);
    const page = await context.newPage();
    await openStrikes(page, ORIGIN);
    const report = await crashWhileLogging(pageOf(context), page, times, seed, ORIGIN);
    await context.close();
    return report;
  };

/** Every process of a browser with a profile of its own, at once, as by a battery that dies. */
const killingBrowsers: Study = async (times, seed) => {
  const profile = mkdtempSync(path.join(tmpdir(), 'kettle-profile-'));
  const open = async (): Promise<BrowserContext> => {
    const opened = await chromium.launchPersistentContext(profile, {
      executablePath: ensureChromium(),
      args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run'],
      viewport: PHONE,
      hasTouch: true,
    });
    await letNamesStand(opened);
    return opened;
  };
  let context = await open();
  const page = await context.newPage();
  await openStrikes(page, ORIGIN);
  const report = await crashWhileLogging(
    {
      kill: async () => {
        const dead = new Promise((r) => context.once('close', r));
        execFileSync('pkill', ['-KILL', '-f', profile]);
        await dead;
      },
      revive: async () => {
        context = await open();
        return context.newPage();
      },
    },
    page,
    times,
    seed,
    ORIGIN,
  );
  await context.close();
  rmSync(profile, { recursive: true, force: true });
  return report;
};

async function inDays(study: Study, times: number): Promise<CrashReport> {
  const sum: CrashReport = { crashes: 0, tapped: 0, lostAcknowledged: 0, lostUnacknowledged: 0, stored: 0 };
  for (let day = 0; sum.crashes < times; day++) {
    const r = await study(Math.min(A_DAY, times - sum.crashes), SEED + day);
    for (const key of Object.keys(sum) as (keyof CrashReport)[]) sum[key] += r[key];
    console.error(`${sum.crashes} of ${times}: ${JSON.stringify(sum)}`);
  }
  return sum;
}

export async function crashBench(browser: Browser): Promise<string> {
  const pages = await inDays(killingPages(browser), PAGES);
  const browsers = await inDays(killingBrowsers, BROWSERS);
  const row = (what: string, r: CrashReport): (string | number)[] => [
    what,
    r.crashes,
    r.tapped,
    r.stored,
    r.lostAcknowledged,
    r.lostUnacknowledged,
  ];
  return `## Crashes

Killed in the middle of a burst of touches (seeds from ${SEED}, ${A_DAY} a day of fishing): the page's process through the debugging protocol; every process of the browser
at once. The store read after each.

${table(
  [
    'what was killed',
    'times',
    'touched',
    'in the store, each once',
    'shown as logged and lost',
    'touched in the moment of a crash, never shown, lost',
  ],
  [row('the page', pages), row('the browser', browsers)],
)}`;
}
