import { familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import type { CadenceStyle } from '../lures/styles';
import { defaultCadence } from '../planning/cadence/library';
import type { Phase } from '../planning/cadence/cadence';
import type { Plan } from '../planning/plan/plan';
import type { EffortBlock } from '../records/block';
import type { EventKind, StrikeEvent } from '../records/event';
import { handsAsked, workedLikeThat, type HandsAsked } from './asked';

interface Worked {
  family?: FamilyId;
  style: CadenceStyle;
  pauseS: number;
  sizeM?: number;
  lureId?: string;
}
const rigOf = (w: Worked) => ({ family: w.family ?? 'paddletail', sizeM: w.sizeM ?? 0.1 });
const cadenceOf = (w: Worked) => defaultCadence({ style: w.style, moodMean: 2, pauseS: w.pauseS, turnsPerS: 1 });
const lureOf = (w: Worked) =>
  w.family === 'suspending-jerkbait' ? { massKg: 0.018, volumeM3: 18e-6 } : { massKg: 0.015, volumeM3: 8e-6 };

/** A plan as far as it is read here. */
const planOf = (w: Worked, over: { own?: boolean; hangLimitS?: number } = {}): Plan =>
  ({
    hands: { ...w, castM: 20, countdownS: 3, turnsPerS: 1, angleDeg: 0, tip: { position: 'down' } },
    depthM: 2,
    bandM: [1, 3],
    own: over.own ?? false,
    wish: { hangLimitS: over.hangLimitS ?? 6 },
    presentation: {
      lureId: w.lureId ?? 'a',
      style: w.style,
      cadence: cadenceOf(w),
      rig: rigOf(w),
      lure: lureOf(w),
    },
  }) as unknown as Plan;

const SECONDS: Record<Phase, number> = { splash: 1, fall: 4, pause: 8, move: 14, deflection: 1, boat: 2 };
const block = (id: string, w: Worked): EffortBlock =>
  ({ id, phaseS: SECONDS, presentation: planOf(w).presentation }) as unknown as EffortBlock;

type Bite = readonly [block: string, kind: EventKind, phase: Phase | null, side?: 'behind' | null];
const asked = (
  blocks: Record<string, Worked>,
  bites: readonly Bite[],
  now: Worked,
  over: Parameters<typeof planOf>[1] & { unset?: boolean } = {},
): HandsAsked | null =>
  handsAsked(
    {
      blocks: Object.entries(blocks).map(([id, w]) => block(id, w)),
      castsOf: Object.fromEntries(Object.keys(blocks).map((id) => [id, 10])),
      events: bites.map(
        ([blockId, kind, phase, side = null], seq) => ({ blockId, kind, phase, side, seq }) as StrikeEvent,
      ),
      casts: 10 * Object.keys(blocks).length,
      strikes: bites.length,
      hooked: 0,
      landed: 0,
      signs: [],
    },
    planOf(now, over),
    familyById(now.family ?? 'paddletail'),
    over.unset ? {} : { pauseS: now.pauseS },
  );

const GO: Worked = { style: 'stop-and-go', pauseS: 2 };
const landed = (b: string, ...phases: Phase[]): Bite[] => phases.map((ph) => [b, 'landed', ph]);
const missed = (b: string, n: number): Bite[] => Array.from({ length: n }, () => [b, 'missed', null]);

describe('where in the cast they take it', () => {
  test('one bite, or bites spread as the time is, ask nothing', () => {
    expect(asked({ b: GO }, landed('b', 'pause'), GO)).toBeNull();
    expect(asked({ b: GO }, landed('b', 'move', 'move', 'pause', 'fall'), GO)).toBeNull();
    // Half of the cast it moves: two of three bites on the move are what chance brings.
    expect(asked({ b: GO }, landed('b', 'move', 'move', 'pause'), GO)).toBeNull();
  });

  test('on the hang: a longer one, to what the lure can be left; then no more', () => {
    const hung = landed('b', 'pause', 'pause', 'pause', 'move');
    expect(asked({ b: GO }, hung, GO)).toMatchObject({
      by: 'pause',
      count: 3,
      of: 4,
      answer: { kind: 'set', pauseS: 3 },
    });
    expect(asked({ b: GO }, hung, GO, { hangLimitS: 2.6 })!.answer).toEqual({ kind: 'set', pauseS: 2.5 });
    expect(asked({ b: GO }, hung, GO, { hangLimitS: 2 })!.answer).toEqual({ kind: 'keep' });
  });

  test('what is turned without a stop gets one', () => {
    const steady: Worked = { style: 'steady', pauseS: 0.5 };
    expect(asked({ b: steady }, landed('b', 'pause', 'pause'), steady)!.answer).toMatchObject({
      kind: 'set',
      pauseS: 1,
    });
  });

  test('on the fall: a sinker is lifted and dropped, on the bottom hopped; what does not sink is left as it is', () => {
    const fell = landed('b', 'fall', 'fall', 'fall');
    expect(asked({ b: GO }, fell, GO)!.answer).toEqual({ kind: 'set', style: 'yo-yo' });
    const worm: Worked = { family: 'texas-rig', style: 'drag', pauseS: 2 };
    expect(asked({ b: worm }, fell, worm)!.answer).toEqual({ kind: 'set', style: 'hop' });
    const suspended: Worked = { family: 'suspending-jerkbait', style: 'twitch-pause', pauseS: 2 };
    expect(asked({ b: suspended }, fell, suspended)!.answer).toEqual({ kind: 'keep' });
  });

  test('while it moved: a shorter hang; a knock: dug without a stop where the lure is', () => {
    const moved = landed('b', 'move', 'move', 'move', 'move', 'move');
    expect(asked({ b: GO }, moved, GO)).toMatchObject({ by: 'move', answer: { kind: 'set', pauseS: 1.5 } });
    const crank: Worked = { family: 'deep-crank', style: 'stop-and-go', pauseS: 1 };
    expect(asked({ b: crank }, landed('b', 'deflection', 'deflection'), crank)!.answer).toEqual({
      kind: 'set',
      style: 'steady',
    });
  });

  test('on the splash and at the feet nothing is set: it is told', () => {
    expect(asked({ b: GO }, landed('b', 'splash', 'splash'), GO)).toMatchObject({
      by: 'splash',
      answer: { kind: 'keep' },
    });
    expect(asked({ b: GO }, landed('b', 'boat', 'boat'), GO)).toMatchObject({ by: 'boat', answer: { kind: 'keep' } });
  });

  test('once it is done the same bites do not ask for still more', () => {
    const more: Worked = { ...GO, pauseS: 3 };
    const hung = landed('b', 'pause', 'pause', 'pause');
    expect(asked({ b: GO }, hung, more)!.answer).toEqual({ kind: 'given', casts: 0 });
    expect(asked({ b: GO, c: more }, hung, more)!.answer).toEqual({ kind: 'given', casts: 10 });
    expect(asked({ b: GO, c: more }, [...hung, ...landed('c', 'pause')], more)!.answer).toEqual({
      kind: 'set',
      pauseS: 4,
    });
    expect(asked({ b: GO }, landed('b', 'fall', 'fall', 'fall'), { ...GO, style: 'yo-yo' })!.answer).toEqual({
      kind: 'given',
      casts: 0,
    });
  });

  test('a hang that the planner lengthened was not changed for the bites', () => {
    const more: Worked = { ...GO, pauseS: 3 };
    const hung = landed('b', 'pause', 'pause', 'pause');
    expect(asked({ b: GO }, hung, more, { unset: true })!.answer).toEqual({ kind: 'set', pauseS: 4 });
    expect(asked({ b: GO }, missed('b', 3), more, { unset: true })!.answer).toEqual({ kind: 'set', pauseS: 4 });
  });

  test('bites on other lures say nothing of this one', () => {
    expect(asked({ b: { ...GO, lureId: 'other' } }, landed('b', 'pause', 'pause', 'pause'), GO)).toBeNull();
  });
});

describe('short strikes', () => {
  const longer: Worked = { ...GO, pauseS: 3 };
  test('one, or more hooked than missed, are no pattern', () => {
    expect(asked({ b: GO }, missed('b', 1), GO)).toBeNull();
    expect(asked({ b: GO }, [...missed('b', 2), ...landed('b', 'move', 'fall')], GO)).toBeNull();
  });
  test('first a longer hang, never a shorter one', () => {
    const a = asked({ b: GO }, missed('b', 2), GO)!;
    expect(a).toMatchObject({ by: 'short', count: 2, of: 2, answer: { kind: 'set', pauseS: 3 } });
  });
  test('then wait and see; missed again at the longer hang: smaller; missed by the smaller too: a trailing hook', () => {
    expect(asked({ b: GO, c: longer }, missed('b', 2), longer)!.answer).toEqual({ kind: 'given', casts: 10 });
    expect(asked({ b: GO, c: longer }, [...missed('b', 2), ...missed('c', 2)], longer)!.answer).toEqual({
      kind: 'smaller',
    });
    const small: Worked = { ...longer, lureId: 's', sizeM: 0.07 };
    const smallLonger: Worked = { ...small, pauseS: 4 };
    expect(
      asked(
        { b: GO, c: longer, s: small, t: smallLonger },
        [...missed('b', 2), ...missed('c', 2), ...missed('s', 2), ...missed('t', 2)],
        smallLonger,
      )!.answer,
    ).toEqual({ kind: 'trailing-hook' });
  });
  test('most of them from behind it: said so, and the same ladder', () => {
    const from = (side: 'behind' | null, n: number): Bite[] => missed('b', n).map(([b, k, ph]) => [b, k, ph, side]);
    expect(asked({ b: GO }, [...from('behind', 2), ...from(null, 1)], GO)).toMatchObject({
      by: 'behind',
      count: 2,
      of: 3,
      answer: { kind: 'set', pauseS: 3 },
    });
    expect(asked({ b: GO }, [...from('behind', 1), ...from(null, 2)], GO)!.by).toBe('short');
  });
  test('where no longer hang is left: smaller at once', () => {
    expect(asked({ b: GO }, missed('b', 2), GO, { hangLimitS: 2 })!.answer).toEqual({ kind: 'smaller' });
  });
});

describe('doing it', () => {
  const hang = { kind: 'set', pauseS: 3 } as const;
  test('holds all else; another way of working gets its own pace of the handle', () => {
    const plan = planOf(GO);
    const set = workedLikeThat(plan, {}, hang)!;
    expect(set.pauseS).toBe(3);
    expect(set.held).toMatchObject({ castM: 20, countdownS: 3, turnsPerS: 1, style: 'stop-and-go', depthM: 2 });
    const styled = workedLikeThat(plan, { castM: 18 }, { kind: 'set', style: 'yo-yo' })!;
    expect(styled).toMatchObject({ style: 'yo-yo', castM: 18, held: { countdownS: 3 } });
    expect(styled.held).not.toHaveProperty('turnsPerS');
    expect(styled.held).not.toHaveProperty('pauseS');
  });
  test('a cadence of the angler’s own is left alone', () => {
    expect(workedLikeThat(planOf(GO, { own: true }), {}, hang)).toBeNull();
    expect(workedLikeThat(planOf(GO), {}, { kind: 'keep' })).toBeNull();
  });
});
