import { cadenceLengthS, compileCadence, STEP_KINDS, type Cadence, type Step } from './cadence';
import { countedTurns, defaultCadence } from './library';
import { CADENCE_STYLES } from '../../lures/styles';

const reel = { metresPerTurn: 0.8 };
const span = { startS: 2, endS: 12, sinks: true };

test('turns become line, hangs stop the reel', () => {
  const c: Cadence = {
    steps: [
      { kind: 'turn', durationS: 2, handleTurns: 2 },
      { kind: 'pause', durationS: 3 },
    ],
    loop: true,
  };
  const out = compileCadence(c, reel, span);
  expect(out.reelProfile.slice(0, 3).map((e) => [e.startS, e.speedMps])).toEqual([
    [2, 0.8],
    [4, 0],
    [7, 0.8],
  ]);
  expect(out.phases.slice(0, 2)).toEqual([
    { fromS: 2, toS: 4, phase: 'move' },
    { fromS: 4, toS: 7, phase: 'pause' },
  ]);
  expect(out.reelProfile[out.reelProfile.length - 1]!.speedMps).toBe(0);
});

test('without a loop the steps come once', () => {
  const out = compileCadence({ steps: [{ kind: 'turn', durationS: 1, handleTurns: 1 }], loop: false }, reel, span);
  expect(out.beats).toHaveLength(1);
});

test('a cadence without length compiles to nothing rather than for ever', () => {
  expect(compileCadence({ steps: [], loop: true }, reel, span)).toEqual({
    reelProfile: [],
    tipMoves: [],
    phases: [],
    beats: [],
  });
});

test.each(['twitch', 'pop', 'snap', 'hop'] as const)('a %s gives the tip back, so that slack follows', (kind) => {
  const { tipMoves } = compileCadence({ steps: [{ kind, durationS: 0.5 }], loop: false }, reel, span);
  const net = tipMoves.reduce((s, m) => s + m.dxM, 0);
  expect(tipMoves).toHaveLength(2);
  expect(net).toBeCloseTo(0, 10);
  expect(tipMoves[0]!.dxM).toBeLessThan(0);
});

test('lift and drop cancel over a cycle', () => {
  const { tipMoves } = compileCadence(
    {
      steps: [
        { kind: 'lift', durationS: 0.6 },
        { kind: 'drop', durationS: 1 },
      ],
      loop: false,
    },
    reel,
    span,
  );
  expect(tipMoves.map((m) => m.dzM)).toEqual([0.6, -0.6]);
  expect(tipMoves.reduce((s, m) => s + m.dxM, 0)).toBeCloseTo(0, 10);
});

test('a drop is a fall for a sinker and a hang for a floater', () => {
  const c: Cadence = { steps: [{ kind: 'drop', durationS: 1 }], loop: false };
  expect(compileCadence(c, reel, span).phases[0]!.phase).toBe('fall');
  expect(compileCadence(c, reel, { ...span, sinks: false }).phases[0]!.phase).toBe('pause');
});

test.each(STEP_KINDS)('every kind of step compiles: %s', (kind) => {
  const step: Step = { kind, durationS: 1, handleTurns: kind === 'turn' || kind === 'burn' ? 1 : undefined };
  const out = compileCadence({ steps: [step], loop: false }, reel, span);
  expect(out.beats).toEqual([{ atS: 2, durationS: 1, kind, handleTurns: step.handleTurns ?? 0 }]);
  expect(out.tipMoves.every((m) => m.durationS > 0)).toBe(true);
});

test.each(CADENCE_STYLES)('the default %s loops, has length and is livelier for livelier fish', (style) => {
  const cold = defaultCadence({ style, moodMean: 0.3, pauseS: 8, turnsPerS: 0.6 });
  const warm = defaultCadence({ style, moodMean: 3.6, pauseS: 1, turnsPerS: 1.2 });
  expect(cold.loop && warm.loop).toBe(true);
  expect(cadenceLengthS(cold)).toBeGreaterThan(0);
  const moves = (c: Cadence): number => c.steps.filter((s) => s.kind !== 'pause').length / cadenceLengthS(c);
  expect(moves(warm)).toBeGreaterThanOrEqual(moves(cold) * 0.95);
});

test('a walk takes in the slack of each snap and no more: a third of a turn, whatever the fish', () => {
  for (const moodMean of [0, 2, 4]) {
    const { steps, loop } = defaultCadence({ style: 'walk', moodMean, pauseS: 4, turnsPerS: 2 });
    expect(steps).toHaveLength(1);
    expect(steps[0]).toMatchObject({ kind: 'snap', handleTurns: 0.35 });
    expect(loop).toBe(true);
  }
  const beat = (moodMean: number) =>
    defaultCadence({ style: 'walk', moodMean, pauseS: 4, turnsPerS: 2 }).steps[0]!.durationS;
  expect([beat(0), beat(2), beat(4)]).toEqual([0.8, 0.7, 0.5]);
});

describe('turns that a hand can count', () => {
  test('quarters up to one, halves from there, never none', () => {
    expect([0.01, 0.3, 0.45, 0.7, 0.9, 1.2, 1.3, 2.6].map(countedTurns)).toEqual([
      0.25, 0.25, 0.5, 0.75, 1, 1, 1.5, 2.5,
    ]);
  });

  test.each(CADENCE_STYLES)('every turn of the default %s is counted, and goes at the speed asked', (style) => {
    for (const moodMean of [0, 1, 2, 3, 4])
      for (const turnsPerS of [0.2, 0.35, 0.55, 0.8, 1.25, 1.9, 2.5]) {
        const { steps } = defaultCadence({ style, moodMean, pauseS: 3, turnsPerS });
        for (const s of steps.filter((x) => x.kind === 'turn')) {
          expect(s.handleTurns! / s.durationS).toBeCloseTo(turnsPerS, 9);
          expect(s.handleTurns).toBe(countedTurns(s.handleTurns!));
        }
      }
  });

  test('with the handle at rest it takes its time and winds nothing', () => {
    expect(defaultCadence({ style: 'steady', moodMean: 2, pauseS: 1, turnsPerS: 0 }).steps).toEqual([
      { kind: 'turn', durationS: 4, handleTurns: 0 },
    ]);
  });
});
