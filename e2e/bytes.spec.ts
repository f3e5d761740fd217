/**
 * The byte budget of budget.json, on the wire: the only measurement that the tests check, since bytes are the same on
 * every machine.
 */
import { readFileSync, readdirSync } from 'node:fs';
import { firstScreenBytes } from './bytes';
import { expect, PHONE, test } from './kit';

const budget = JSON.parse(readFileSync('budget.json', 'utf8')) as {
  firstScreenKB: number;
  workerKB: number;
  almanacKB: number;
  eachPlaceKB: number;
  chartsKB: number;
};
const SCRIPTS = 'dist/_expo/static/js/web';
const named = (name: string): string[] =>
  readdirSync(SCRIPTS).filter((f) => new RegExp(`^${name}-[0-9a-f]{32}\\.js$`).test(f));
const pressedKB = (file: string): number => readFileSync(`${SCRIPTS}/${file}.br`).length / 1024;

test.use({ viewport: PHONE });

test('the first screen keeps to its budget and fetches no chart', async ({ page }) => {
  const files = await firstScreenBytes(page);
  const totalKB = files.reduce((s, f) => s + f.bytes, 0) / 1024;
  expect(files.some((f) => f.kind === 'worker')).toBe(true);
  expect(files.filter((f) => f.kind === 'font').length).toBeGreaterThanOrEqual(2);
  expect(totalKB).toBeLessThanOrEqual(budget.firstScreenKB);
  // A measure that sees next to nothing would pass any budget.
  expect(totalKB).toBeGreaterThan(200);
  expect(files.filter((f) => /^(lessons|almanac)-/.test(f.name))).toEqual([]);
  // Every file came pressed where pressing helps.
  for (const f of files.filter((x) => x.unpacked > 5000 && x.kind !== 'font'))
    expect(f.bytes).toBeLessThan(0.5 * f.unpacked);
});

test('each script keeps to its budget, and the workers carry no document checker', () => {
  const [compute] = named('compute');
  expect(pressedKB(compute!)).toBeLessThanOrEqual(budget.workerKB);
  expect(pressedKB(named('almanac')[0]!)).toBeLessThanOrEqual(budget.almanacKB);
  const world = named('offPage');
  for (const f of [compute!, ...named('almanac'), ...world])
    expect(readFileSync(`${SCRIPTS}/${f}`, 'utf8')).not.toMatch(/ZodError|invalid_union/);
  for (const f of [
    ...named('lures'),
    ...named('retrieve'),
    ...named('strikes'),
    ...named('index'),
    ...named('today'),
    ...named('read'),
  ])
    expect(pressedKB(f)).toBeLessThanOrEqual(budget.eachPlaceKB);
  expect(pressedKB(named('lessons')[0]!)).toBeLessThanOrEqual(budget.chartsKB);
});
