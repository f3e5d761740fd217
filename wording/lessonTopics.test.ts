import { buildDemoWorld } from '../demo/world';
import { calibrationOf } from '../core/lessons/calibration';
import { fishedIn, total } from '../core/lessons/fished';
import { funnelOf } from '../core/lessons/funnel';
import { byTime } from '../core/lessons/hours';
import { byDepth } from '../core/lessons/layers';
import { accountsOf } from '../core/lessons/ledger';
import { likeNow } from '../core/lessons/like';
import { learnFrom } from '../core/lessons/patterns';
import { byPhase } from '../core/lessons/phases';
import { seasonOf } from '../core/lessons/season';
import type { TrialReport } from '../core/lessons/trials';
import { byWater } from '../core/lessons/waterMap';
import { applyPuts, emptyBook } from '../core/records';
import {
  clearText,
  clockHour,
  compareTold,
  depthsTold,
  funnelTold,
  hoursTold,
  ledgerTold,
  likeTold,
  modelTold,
  patternsTold,
  phasesTold,
  seasonTold,
  trialsTold,
  warmText,
  watersTold,
  type Told,
} from './lessonTopics';
import { trialTold } from './trials';
import { IMPERIAL, METRIC } from './units';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const name = () => ({ day: '4 Jul', water: 'Lantern Kettle' });
const lureName = (id: string) => `lure ${id}`;

const report = (change: Partial<TrialReport>): TrialReport => ({
  trial: {
    id: 't',
    tripId: 'd',
    lureId: 'a',
    againstId: 'b',
    startedAtMs: 0,
    casts: 20,
    strikesPerHour: 1,
    againstPerHour: 2,
    pBest: 0.2,
  },
  casts: 20,
  hours: 0.5,
  strikes: 0,
  landed: 0,
  expected: 0.5,
  against: 1,
  outcome: 'open',
  ...change,
});

/** Every topic over the blocks of one fish; over none where there is none. */
function topicsOf(species: string): Told[] {
  const fished = fishedIn(world, { species });
  const { patterns } = learnFrom(fished);
  const like = Object.fromEntries(fished.map((f) => [f.block.id, 0.5]));
  return [IMPERIAL, METRIC].flatMap((u) => [
    likeTold(
      likeNow(fished, like),
      total(fished, (f) => f.minutes),
      name,
    ),
    patternsTold(patterns),
    compareTold(patterns),
    modelTold(calibrationOf(fished)),
    phasesTold(byPhase(fished)),
    depthsTold(byDepth(fished), u),
    hoursTold(byTime(fished, world), u),
    watersTold(byWater(fished), { tempC: 12, clarityM: 1.4 }, u),
    funnelTold(funnelOf(fished)),
    ledgerTold(accountsOf(fished, world.lure), u),
    seasonTold(seasonOf(fished), name),
    trialsTold(fished.length > 0 ? [report({})] : [], lureName, () => '4 Jul'),
  ]);
}

test.each(['largemouth-bass', 'crappie', 'spotted-seatrout', 'tarpon'])('every topic reads well for %s', (species) => {
  for (const { answer, tables, note } of topicsOf(species)) {
    for (const text of [answer, note ?? '', ...tables.flatMap((t) => [t.label, ...t.head, ...t.rows.flat()])])
      expect(text).not.toMatch(/undefined|NaN|null|Infinity| {2}|\.\.|0\.00\b|\b1 (strikes|days|lures|casts|blanks)\b/);
    expect(answer).toMatch(/^[A-Z0-9].*[.:]$/);
    for (const t of tables) for (const row of t.rows) expect(row).toHaveLength(t.head.length);
  }
});

test('the numbers of a table are those of the answer', () => {
  const fished = fishedIn(world, { species: 'largemouth-bass' });
  const strikes = String(total(fished, (f) => f.tally.strikes));
  const model = modelTold(calibrationOf(fished));
  expect(model.answer).toContain(`you drew ${strikes}.`);
  expect(String(model.tables[0]!.rows.reduce((sum, r) => sum + Number(r[3]), 0))).toBe(strikes);
  const funnel = funnelTold(funnelOf(fished));
  expect(funnel.answer).toContain(`Of ${strikes} strikes`);
  expect(funnel.tables[0]!.rows.find((r) => r[0] === 'Struck')![1]).toBe(strikes);
});

test('bands of warmth and clarity are open at their ends, in the angler’s units', () => {
  expect([warmText([-2, 8], IMPERIAL), warmText([8, 13], IMPERIAL), warmText([23, 45], METRIC)]).toEqual([
    'under 46 °F',
    '46–55 °F',
    'over 23.0 °C',
  ]);
  expect([clearText([0, 0.5], METRIC), clearText([0.5, 1], METRIC), clearText([2, 60], IMPERIAL)]).toEqual([
    'under 0.5 m',
    '0.5–1.0 m',
    'over 6½ ft',
  ]);
  expect([0, 6, 12, 18].map((h) => clockHour(h, IMPERIAL))).toEqual(['midnight', '6 am', 'noon', '6 pm']);
});

test('what the log does not know is said', () => {
  const fished = fishedIn(world, { species: 'largemouth-bass' });
  const told = watersTold(byWater(fished), { tempC: 12, clarityM: 1.4 }, IMPERIAL);
  expect(told.answer).toMatch(
    /^Water like today’s is new to your log\. The nearest, 46–55 °F, clarity 1½–3½ ft: 2 strikes/,
  );
  expect(told.answer).toContain('Not known: water under 46 °F');
  expect(watersTold(byWater(fished), { tempC: 11, clarityM: 0.9 }, IMPERIAL).answer).toMatch(
    /^Water like today’s \(46–55/,
  );
});

test('a trial is told by what it is to the lure it stood for', () => {
  expect(trialTold(report({ casts: 0, outcome: 'running' }), lureName)).toBe('Give it 20 casts, and count them.');
  expect(trialTold(report({ casts: 8, outcome: 'running' }), lureName)).toBe(
    'No strike in 8 casts; give it 12 casts more.',
  );
  expect(trialTold(report({ strikes: 5, outcome: 'better' }), lureName)).toMatch(/stay with it\.$/);
  expect(trialTold(report({ outcome: 'worse' }), lureName)).toMatch(/Go back to the lure b\.$/);
  expect(trialTold(report({}), lureName)).toMatch(/go back to the lure b\. Your log counts it\.$/);
  expect(trialTold(report({ strikes: 1 }), lureName)).toMatch(/though it may be luck\.$/);
  expect(trialTold(report({ casts: 3, outcome: 'cut-short' }), lureName)).toMatch(/ended too soon to tell/);
});
