/** How long a long log takes: the model's look at it, the fit, and what the Lessons add up. */
import { untold } from '../../core/records/event';
import type { Browser } from '@playwright/test';
import { buildDemoWorld } from '../../demo/world';
import { seededRandom } from '../../core/base/random';
import { calibrationOf } from '../../core/lessons/calibration';
import { fishedIn } from '../../core/lessons/fished';
import { funnelOf } from '../../core/lessons/funnel';
import { pastBlock, teaching } from '../../core/lessons/history';
import { byTime } from '../../core/lessons/hours';
import { learnFrom } from '../../core/lessons/patterns';
import { byPhase } from '../../core/lessons/phases';
import { seasonOf } from '../../core/lessons/season';
import { byWater } from '../../core/lessons/waterMap';
import { rowsOf, type PastBlock } from '../../core/learning/history';
import { rankWithLog, type LearnedLure } from '../../core/learning/learned';
import { applyPuts, emptyBook, put, RECORDS, storageKey, type Put } from '../../core/records';
import { encodeRecord } from '../../core/records/define';
import type { EffortBlock } from '../../core/records/block';
import type { Conditions } from '../../core/water/conditions';
import { ORIGIN, phone } from './browser';
import { table } from './report';

const NOW: Conditions = {
  species: 'largemouth-bass',
  water: { setting: 'lake', surfaceTempC: 20, clarityM: 1.2, depthM: 3, fishDepthM: 2, windMps: 2 },
  sky: { cloud: 0.4, sunElevationDeg: 30 },
  month: 6,
};
const WATERS = 12;
const A_DAY = 5;

const KINDS = 25;

/** As the application logs it: with the weight and size that were tied on. */
const presented = ({ family, rig }: LearnedLure): PastBlock['presentation'] => ({
  family,
  weightKg: rig.weightKg,
  sizeM: rig.sizeM,
  colour: rig.colour,
  hook: rig.hook,
  lure: `my ${family}`,
});

/** So many blocks of all kinds on many days, each day in water of its own. */
function longLog(blocks: number): PastBlock[] {
  const random = seededRandom(blocks);
  const kinds = rankWithLog(NOW, {}, null).ranked.slice(0, KINDS);
  return Array.from({ length: blocks }, (_, i): PastBlock => {
    const day = Math.floor(i / A_DAY);
    const draw = seededRandom(day + 1);
    const water = { ...NOW.water, surfaceTempC: 6 + 20 * draw(), clarityM: 0.3 + 3 * draw() };
    return {
      conditions: { ...NOW, water, sky: { cloud: 0.4, sunElevationDeg: 60 * draw() } },
      presentation: presented(kinds[Math.floor(random() * kinds.length)]!),
      minutes: 20 + 40 * random(),
      strikes: Math.floor(random() ** 3 * 5),
      trip: `day ${day}`,
      water: `water ${day % WATERS}`,
      daysAgo: 900 - (day % 900),
    };
  });
}

async function inTurn<A, B>(all: readonly A[], work: (a: A) => Promise<B>): Promise<B[]> {
  const out: B[] = [];
  for (const x of all) out.push(await work(x));
  return out;
}

function timed(work: () => unknown): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}
const ms = (x: number): string => (x < 10 ? x.toFixed(1) : String(Math.round(x)));

function fits(blocks: number): string[] {
  const history = longLog(blocks);
  const here = { water: 'water 1', trip: 'today' };
  const ask = (h: PastBlock[]): number => timed(() => rankWithLog(NOW, {}, { history: h, here }));
  const alone = timed(() => rankWithLog(NOW, {}, null));
  const looked = timed(() => rowsOf(history, history[0]!.conditions.species));
  const cold = ask(history) - alone;
  const again = ask(history) - alone;
  const one = { ...history[0]!, trip: 'today', strikes: 1, daysAgo: 0 };
  const oneMore = ask([...history, one]) - alone;
  return [String(blocks), ms(looked), ms(cold), ms(Math.max(0, again)), ms(oneMore)];
}

/** So many casts and events on the first lures of the demo season, ten a block, each day in water of its own. */
export function longSeason(events: number): Put[] {
  const base = applyPuts(emptyBook(), buildDemoWorld(0));
  const trip = base.trip['trip-01']!;
  const some = Object.values(base.block).filter((b) => b.conditions.species === trip.species);
  const random = seededRandom(3);
  const puts: Put[] = [];
  for (let b = 0; b < events / 10; b++) {
    const day = Math.floor(b / A_DAY);
    const tripId = `long-${day}`;
    const startedAtMs = trip.startedAtMs - (day + 1) * 86_400_000 + (b % A_DAY) * 3_600_000;
    if (b % A_DAY === 0) puts.push(put('trip', { ...trip, id: tripId, startedAtMs }));
    const draw = seededRandom(day + 1);
    const like = some[Math.floor(random() * some.length)]!;
    const water = { ...like.conditions.water, surfaceTempC: 6 + 20 * draw(), clarityM: 0.3 + 3 * draw() };
    const id = `${tripId}-${b}`;
    const conditions = { ...like.conditions, water } as EffortBlock['conditions'];
    puts.push(put('block', { ...like, id, tripId, startedAtMs, conditions, endedAtMs: startedAtMs + 3_000_000 }));
    for (let n = 0; n < 9; n++)
      puts.push(put('cast', { id: `${id}-c${n}`, blockId: id, seq: n, atMs: startedAtMs + n * 60_000, count: 1 }));
    puts.push(
      put('event', {
        id: `${id}-e`,
        blockId: id,
        seq: 10,
        atMs: startedAtMs + 5 * 60_000,
        ...untold(random() < 0.2 ? 'landed' : random() < 0.5 ? 'missed' : 'follow'),
        phase: random() < 0.5 ? 'pause' : 'move',
      }),
    );
  }
  return puts;
}

function season(events: number): string[] {
  const book = applyPuts(applyPuts(emptyBook(), buildDemoWorld(0)), longSeason(events));
  let fished = fishedIn(book);
  const joined = timed(() => (fished = fishedIn({ ...book, block: { ...book.block } })));
  const added = timed(() => {
    learnFrom(fished);
    byPhase(fished);
    byWater(fished);
    funnelOf(fished);
    seasonOf(fished);
    calibrationOf(fished);
  });
  const hours = timed(() => byTime(fished, book));
  const sent = timed(() => structuredClone(teaching(fished).map((f) => pastBlock(f, 0))));
  return [String(events), String(events / 10), ms(joined), ms(added), ms(hours), ms(sent)];
}

/** On the phone of the other measurements, with a log of so many casts and events in it. */
async function opened(b: Browser, events: number): Promise<string[]> {
  const context = await phone(b);
  const page = await context.newPage();
  await page.goto(ORIGIN);
  await page.getByRole('button', { name: /^clarity: .*Change$/ }).waitFor({ timeout: 90_000 });
  await page.waitForTimeout(1500);
  await page.evaluate(
    (entries) =>
      new Promise<void>((ok, no) => {
        const r = indexedDB.open('moss-kettle');
        r.onerror = () => no(r.error as Error);
        r.onsuccess = () => {
          const tx = r.result.transaction('entries', 'readwrite');
          for (const [key, value] of entries) tx.objectStore('entries').put(value, key);
          tx.oncomplete = () => ok(r.result.close());
          tx.onerror = () => no(tx.error as Error);
        };
      }),
    longSeason(events).map((p): [string, string] => [
      storageKey(p),
      encodeRecord(RECORDS[p.kind] as never, p.data as never),
    ]),
  );
  const until = async (path: string, seen: () => Promise<void>): Promise<number> => {
    const from = performance.now();
    await page.goto(`${ORIGIN}${path}`);
    await seen();
    return performance.now() - from;
  };
  const patient = { timeout: 120_000 };
  const lures = await until('/lures', () => page.getByText('Start with', { exact: true }).waitFor(patient));
  // At rest the other places' scripts are read in; then from the tap to the frame that shows it, by the page's clock.
  await page.waitForFunction(() => performance.getEntriesByName('at-rest').length > 0, null, patient);
  await page.waitForTimeout(3000);
  const [lessons, model] = await page.evaluate(
    () =>
      new Promise<[number, number]>((ok) => {
        const fromMs = performance.now();
        let first = 0;
        const look = (): void => {
          const text = document.querySelector('[role=main]')!.textContent ?? '';
          if (first === 0 && text.includes('From cast to landed')) first = performance.now() - fromMs;
          if (/The model expected \d/.test(text)) ok([first, performance.now() - fromMs]);
          else requestAnimationFrame(look);
        };
        document.querySelector<HTMLElement>('a[href="/lessons"]')!.click();
        look();
      }),
  );
  await context.close();
  return [String(events), ms(lures), ms(lessons), ms(model)];
}

export async function learningBench(b: Browser): Promise<string> {
  fits(60);
  season(1000);
  return [
    '## A long log',
    '',
    'Milliseconds in one thread, beyond the ranking itself. Looked at: what the model expected of every block, each day in water of its own, for the first time. Fitted: the first answer with that log; asked again; and with one block more.',
    '',
    table(['blocks', 'looked at', 'fitted', 'again', 'one block more'], [60, 600, 2000, 5000].map(fits)),
    '',
    'What the Lessons add up, on the page’s own thread: blocks with their casts and events joined; the topics; the hours (sun and tide); and the blocks copied to the worker.',
    '',
    table(['casts and events', 'blocks', 'joined', 'topics', 'hours', 'copied'], [1000, 10_000, 50_000].map(season)),
    '',
    'In the browser: from the address to the first lure on Lures, all read and ranked; from there to the first picture of the Lessons, and to what the model expected.',
    '',
    table(
      ['casts and events', 'Lures', 'Lessons', 'with the model'],
      await inTurn([100, 10_000, 50_000], (n) => opened(b, n)),
    ),
  ].join('\n');
}
