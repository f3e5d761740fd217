/**
 * The figures behind the mood's filter: how much a sign weighs, how soon it fades, when advice for guarding fish turns.
 */
import { resolveConditions } from '../water/resolve';
import { speciesProfile } from '../water/species';
import type { Sign, SignKind } from '../water/terms';
import { filterSigns } from './filter';
import { chanceFull } from './full';
import { chanceWhileGuarding, judgeGuarding } from './guarding';
import { expectedBits, mostTelling } from './information';
import { chanceOfSign, signLogLikelihood, STRIKES_PER_ZONE_CAST, temperedCount, temperedEmpties } from './signs';
import { spreadMood } from './states';
import { drift } from './transition';

const BITES: readonly SignKind[] = [
  'short-strike',
  'bite-on-splash',
  'bite-on-fall',
  'bite-on-pause',
  'bite-on-move',
  'bite-on-deflection',
];
const FLAT = [0.2, 0.2, 0.2, 0.2, 0.2] as const;

describe('signs', () => {
  test('a follow among neutral fish comes in 41 of a hundred tens of casts', () => {
    expect(chanceOfSign('follow')!.map((v) => Math.round(100 * v))).toEqual([16, 34, 41, 30, 16]);
    expect(chanceOfSign('flare')).toBeNull();
  });
  test('an empty cast is weighed against the strikes of its mood, twice the zone share of it', () => {
    const ln = signLogLikelihood({ kind: 'empty-cast', count: 30, zoneShare: 0.5 })!;
    ln.forEach((v, i) => expect(v).toBeCloseTo(-15 * STRIKES_PER_ZONE_CAST[i]!, 9));
    // Half a cast in the zone where nobody said.
    expect(signLogLikelihood({ kind: 'empty-cast', count: 30 })).toEqual(ln);
  });
  test('n like signs weigh n to the 0.7, empties saturate near thirty', () => {
    expect(temperedCount(10)).toBeCloseTo(5.0119, 4);
    expect(temperedCount(-2)).toBe(0);
    expect(temperedEmpties(30)).toBe(15);
    expect(temperedEmpties(90)).toBe(22.5);
  });
  test('a bite of any kind is likelier the livelier they are: no bite lowers the mood', () => {
    for (const kind of BITES) {
      const ln = signLogLikelihood({ kind, count: 1 })!;
      for (let m = 1; m < 5; m++) expect(ln[m]! - ln[m - 1]!).toBeGreaterThan(0);
      for (const mean of [0.3, 2, 3.7]) {
        const rest = spreadMood(mean, 0.8);
        expect(filterSigns(rest, [{ kind, count: 3 }]).signs[0]!.shift).toBeGreaterThan(0);
      }
    }
  });
  test('among neutral fish a bite is worth one, on the pause 1.3 and 1.6 times that among willing and aggressive', () => {
    const times = signLogLikelihood({ kind: 'bite-on-pause', count: 1 })!.map(Math.exp);
    [0.139, 0.583, 1, 1.333, 1.589].forEach((v, m) => expect(times[m]).toBeCloseTo(v, 3));
  });
  test('none of a sign says nothing', () => {
    const { distribution, signs } = filterSigns(spreadMood(2, 1), [{ kind: 'hit-at-once', count: 0 }]);
    expect(signs).toEqual([]);
    expect(distribution).toEqual(spreadMood(2, 1));
  });
  test('each sign’s own shift is the step it made in its turn', () => {
    const rest = spreadMood(2, 1);
    const seen: Sign[] = [
      { kind: 'hit-at-once', count: 1, minutesAgo: 0 },
      { kind: 'marks-ignore-lure', count: 1, minutesAgo: 30 },
    ];
    const { signs } = filterSigns(rest, seen);
    expect(signs.map((s) => [s.kind, Math.sign(s.shift)])).toEqual([
      ['marks-ignore-lure', -1],
      ['hit-at-once', 1],
    ]);
    const alone = filterSigns(rest, [seen[1]!]).signs[0]!.shift;
    expect(signs[0]!.shift).toBeCloseTo(alone, 12);
    expect(Math.abs(signs[0]!.shift)).toBeLessThan(2);
    // In whatever order they are handed over.
    expect(filterSigns(rest, [seen[1]!, seen[0]!]).signs).toEqual(signs);
  });
});

describe('how a mood is forgotten', () => {
  const told = [0, 0, 0, 0, 1];
  const left = (minutes: number) => {
    const p = drift(told, FLAT, minutes);
    const mean = (q: readonly number[]) => q.reduce((s, v, i) => s + v * i, 0);
    return (mean(p) - 2) / 2;
  };
  test('about half of what a sign said is left after an hour and a half, a quarter after three', () => {
    expect(left(90)).toBeGreaterThan(0.44);
    expect(left(90)).toBeLessThan(0.58);
    expect(left(180)).toBeGreaterThan(0.2);
    expect(left(180)).toBeLessThan(0.34);
  });
  test('it is the chain it says it is: one short step moves 0.02 a minute to the neighbour', () => {
    const p = drift(told, FLAT, 0.01);
    expect(p[3]).toBeCloseTo(0.0002, 6);
    expect(drift(told, FLAT, 0)).toEqual(told);
    expect(drift(told, FLAT, -5)).toEqual(told);
  });
  test('two steps are one step of their length, and it ends at rest', () => {
    const rest = [0.1, 0.3, 0.3, 0.2, 0.1];
    const once = drift(told, rest, 70);
    drift(drift(told, rest, 30), rest, 40).forEach((v, i) => expect(v).toBeCloseTo(once[i]!, 8));
    drift(told, rest, 5000).forEach((v, i) => expect(v).toBeCloseTo(rest[i]!, 6));
    expect(once.reduce((s, v) => s + v, 0)).toBeCloseTo(1, 12);
  });
  test('after minutes to hours it agrees with a thousand small steps of the same chain', () => {
    const rest = [0.05, 0.15, 0.4, 0.25, 0.15];
    for (const minutes of [7, 45, 200]) {
      let p = [...told];
      const n = 20_000;
      for (let k = 0; k < n; k++) {
        const flow = p.map((_, i) =>
          [i - 1, i + 1].reduce((s, j) => {
            if (j < 0 || j > 4) return s;
            const inwards = p[j]! * Math.sqrt(rest[i]! / rest[j]!);
            const outwards = p[i]! * Math.sqrt(rest[j]! / rest[i]!);
            return s + inwards - outwards;
          }, 0),
        );
        p = p.map((v, i) => v + ((0.02 * minutes) / n) * flow[i]!);
      }
      drift(told, rest, minutes).forEach((v, i) => expect(v).toBeCloseTo(p[i]!, 4));
    }
  });
});

describe('what a sign would tell', () => {
  test('a thing that splits two even halves tells a whole bit; one that is always or never seen tells none', () => {
    expect(expectedBits([0.5, 0.5], [0, 1])).toBeCloseTo(1, 12);
    expect(expectedBits([0.5, 0.5], [0, 0])).toBe(0);
    expect(expectedBits([0.5, 0.5], [1, 1])).toBe(0);
    expect(expectedBits([0.5, 0.5], [0.3, 0.3])).toBeCloseTo(0, 12);
    expect(expectedBits([1, 0], [0.2, 0.9])).toBeCloseTo(0, 12);
  });
  test('the first of equals is named, and what cannot be seen is passed over', () => {
    const chance = (kind: SignKind) => (kind === 'flare' ? null : kind === 'nudge' ? [0.5, 0.5] : [0.1, 0.9]);
    expect(mostTelling([0.5, 0.5], ['flare', 'nudge', 'follow', 'hit-at-once'], chance)!.kind).toBe('follow');
    expect(mostTelling([0.5, 0.5], ['flare'], chance)).toBeNull();
  });
});

describe('fish on their beds', () => {
  const advice = (...signs: Sign[]) => judgeGuarding(signs).advice;
  const passes = (count: number, minutesAgo = 0): Sign => ({ kind: 'empty-cast', count, minutesAgo });
  test('ten passes without an answer ask for another lure, thirty to leave them', () => {
    expect(advice(passes(9))).toBe('provoke');
    expect(advice(passes(10))).toBe('another-lure');
    expect(advice(passes(29))).toBe('another-lure');
    expect(advice(passes(30))).toBe('leave-it');
    expect(judgeGuarding([passes(4), { kind: 'nudge', count: 2 }, passes(3)]).passes).toBe(7);
  });
  test('an answer within the half hour keeps one at it, an older one does not', () => {
    const nudge = (minutesAgo: number): Sign => ({ kind: 'nudge', count: 1, minutesAgo });
    expect(advice(passes(12), nudge(29))).not.toBe('another-lure');
    expect(advice(passes(12), nudge(30))).toBe('another-lure');
    expect(advice(passes(12, 1), { kind: 'nudge', count: 0 })).toBe('another-lure');
  });
  test('anger is kept up, its peak is for the small lure', () => {
    expect(advice({ kind: 'flare', count: 2 })).toBe('keep-on');
    expect(advice({ kind: 'hit-at-once', count: 3 }, { kind: 'quick-turns', count: 3 })).toBe('small-now');
  });
  test('passes without an answer calm the judgement', () => {
    expect(judgeGuarding([passes(8)]).mean).toBeLessThan(judgeGuarding([]).mean);
    expect(judgeGuarding([passes(20)]).mean).toBeLessThan(judgeGuarding([passes(8)]).mean);
  });
  test('the chance of seeing a sign grows with its rate; what guarding fish never show has none', () => {
    expect(chanceWhileGuarding('nudge')!.map((v) => Math.round(100 * v))).toEqual([5, 30, 41, 34]);
    expect(chanceWhileGuarding('school-fires')).toBeNull();
  });
});

describe('full fish', () => {
  const p = speciesProfile('striped-bass');
  const full = (c: object = {}, water: object = {}, signs: Sign[] = []) =>
    chanceFull(
      resolveConditions({
        species: 'striped-bass',
        month: 9,
        forageAbundance: 'thick',
        ...c,
        signs,
        water: { setting: 'inlet', surfaceTempC: 19, tempChange3dC: 0, ...water },
        sky: { front: 'none', ...(c as { sky?: object }).sky },
      }),
      p,
    );
  test('three in four where all speaks for it, and nothing without thick bait or on the beds', () => {
    expect(full()).toBeGreaterThan(0.68);
    expect(full()).toBeLessThanOrEqual(0.75);
    expect(full({ forageAbundance: 'normal' })).toBe(0);
    expect(full({ behaviour: 'guarding' })).toBe(0);
  });
  test('a swing of the water, a front or the cold speak against it', () => {
    expect(full({}, { tempChange3dC: -3 })).toBeLessThan(0.1);
    expect(full({ sky: { front: 'passed' } })).toBeLessThan(0.5 * full());
    expect(full({}, { surfaceTempC: 6 })).toBeLessThan(0.1);
  });
  test('marks that ignore a lure make it likelier; that fades by half in an hour and a half', () => {
    const odds = (x: number) => x / (1 - x);
    const ignored = (minutesAgo: number) => full({}, {}, [{ kind: 'marks-ignore-lure', count: 1, minutesAgo }]);
    expect(odds(ignored(0)) / odds(full())).toBeCloseTo(2.2, 6);
    expect(odds(ignored(90)) / odds(full())).toBeCloseTo(2.2 ** 0.5, 6);
    expect(full({}, {}, [{ kind: 'school-fires', count: 1 }])).toBeLessThan(full());
  });
});
