/** What was advised, and what was done by the log. */
import { buildDemoWorld } from '../../demo/world';
import { adviceDidText } from '../../wording/adviceDid';
import { IMPERIAL } from '../../wording/units';
import { applyPuts, emptyBook, put, takeBackPuts, type Put } from '../records';
import type { AdviceGiven } from '../records/advice';
import type { EffortBlock } from '../records/block';
import type { CastTally } from '../records/cast';
import type { Advice } from './advice';
import { adviceOfDay } from './adviceDid';
import { adviceGiven } from './adviceGiven';

const world = buildDemoWorld(0);
const pattern = (world.find((p) => p.kind === 'block') as Extract<Put, { kind: 'block' }>).data;
const block = (id: string, change: Partial<EffortBlock['presentation']> = {}, spotId = 's1'): EffortBlock => ({
  ...pattern,
  id,
  tripId: 't',
  spotId,
  presentation: { ...pattern.presentation, lureName: 'Alder minnow', lureId: 'l1', ...change },
});
const cast = (blockId: string, seq: number): CastTally => ({ id: `c${seq}`, blockId, seq, atMs: seq, count: 1 });
const given = (change: Partial<AdviceGiven> = {}): AdviceGiven => ({
  id: 'after-c3',
  tripId: 't',
  blockId: 'a',
  seq: 3,
  atMs: Date.UTC(2026, 5, 1, 12, 10),
  code: 'change',
  what: 'depth',
  lure: null,
  untilMs: null,
  ...change,
});
const tellOf = (blocks: EffortBlock[], casts: CastTally[], ...advice: AdviceGiven[]): string[] =>
  adviceOfDay(
    applyPuts(
      emptyBook(),
      advice.map((a) => put('advice', a)),
    ),
    { trip: { id: 't' }, blocks, casts, events: [] },
  ).map((x) => adviceDidText(x, 'Etc/UTC', IMPERIAL));

test('only advice that asks for something is kept, with its touch: the same id wherever it is told', () => {
  const touch = { id: 'c3', blockId: 'a', seq: 3 };
  const change: Advice = { code: 'change', casts: 14, what: 'lure', lure: 'Humming skirt' };
  expect(adviceGiven(change, touch, 't', 5)).toEqual(adviceGiven(change, touch, 't', 5));
  expect(adviceGiven(change, touch, 't', 5)).toMatchObject({ id: 'after-c3', what: 'lure', lure: 'Humming skirt' });
  for (const a of [{ code: 'begin' }, { code: 'snag' }, { code: 'give', more: 3, strikes: 0 }] as Advice[])
    expect(adviceGiven(a, touch, 't', 5)).toBeNull();
});

test('what was done is read from the casts after it', () => {
  const before = [1, 2, 3].map((n) => cast('a', n));
  expect(tellOf([block('a')], before, given())).toEqual([
    '12:10 pm: change its depth, or the angle. Nothing was logged after it.',
  ]);
  expect(tellOf([block('a')], [...before, cast('a', 4), cast('a', 5)], given())).toEqual([
    '12:10 pm: change its depth, or the angle. You went on as before: 2 casts.',
  ]);
  const deeper = block('b', { countdownS: 9 });
  expect(tellOf([block('a'), deeper], [...before, cast('b', 4)], given())).toEqual([
    '12:10 pm: change its depth, or the angle. You changed its depth or the angle.',
  ]);
  const other = block('b', { lureId: 'l2', lureName: 'Humming skirt' });
  expect(
    tellOf(
      [block('a'), other],
      [...before, cast('a', 4), cast('b', 5)],
      given({ what: 'lure', lure: 'Humming skirt' }),
    ),
  ).toEqual(['12:10 pm: tie on the Humming skirt. You tied on the Humming skirt after 1 more cast.']);
  const rest = given({ code: 'rest', what: null, untilMs: Date.UTC(2026, 5, 1, 13, 30) });
  expect(tellOf([block('a')], [...before, cast('a', 4)], rest)).toEqual([
    '12:10 pm: leave that place alone until 1:30 pm. 1 cast followed.',
  ]);
  const elsewhere = block('b', {}, 's2');
  expect(tellOf([block('a'), elsewhere], [...before, cast('b', 4)], given({ code: 'asked', what: null }))).toEqual([
    '12:10 pm: work it as the bites had asked. You went to another spot.',
  ]);
});

test('said again before anything was done it is one; of a block or an advice taken back nothing is told', () => {
  const casts = [1, 2, 3, 4].map((n) => cast('a', n));
  const again = given({ id: 'after-c4', seq: 4 });
  expect(tellOf([block('a')], casts, given(), again)).toHaveLength(1);
  expect(tellOf([block('a')], casts, given(), { ...again, what: 'pace' })).toHaveLength(2);
  expect(tellOf([block('x')], casts, given())).toEqual([]);
  const book = applyPuts(emptyBook(), [put('advice', given())]);
  const day = { trip: { id: 't' }, blocks: [block('a')], casts, events: [] };
  expect(adviceOfDay(book, day)).toHaveLength(1);
  expect(adviceOfDay(applyPuts(book, takeBackPuts(book, 'after-c3', 9)), day)).toEqual([]);
});
