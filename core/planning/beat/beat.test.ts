import { seededRandom } from '../../base/random';
import { compileCadence, type Cadence } from '../cadence/cadence';
import { cuesOf } from './cues';
import { LOOK_AHEAD_S, playBeat } from './player';
import { scorePractice } from './practice';

const CADENCE: Cadence = {
  loop: true,
  steps: [
    { kind: 'turn', durationS: 1, handleTurns: 2 },
    { kind: 'twitch', durationS: 0.5 },
    { kind: 'pause', durationS: 2.5 },
  ],
};
const beats = (endS: number) =>
  compileCadence(CADENCE, { metresPerTurn: 0.7 }, { startS: 3, endS, sinks: false }).beats;

test('each second of the countdown, each turn, each flick, each hang', () => {
  expect(cuesOf(beats(7), 3).map((c) => [c.atS, c.kind])).toEqual([
    [1, 'count'],
    [2, 'count'],
    [3, 'count'],
    [3, 'turn'],
    [3.5, 'turn'],
    [4, 'flick'],
    [4.5, 'hang'],
  ]);
});

test('a tick as each turn begins: a part of a turn is not hurried into a whole one', () => {
  const ticks = (handleTurns: number): number[] =>
    cuesOf([{ atS: 2, durationS: 3, kind: 'turn', handleTurns }], 0).map((c) => c.atS);
  expect(ticks(0.25)).toEqual([2]);
  expect(ticks(1)).toEqual([2]);
  expect(ticks(1.5)).toEqual([2, 4]);
  expect(ticks(2.5)).toEqual([2, 3.2, 4.4]);
});

/** A clock moved by hand and timers that come when they like. */
function fakeWorld() {
  let now = 100;
  let run: (() => void) | null = null;
  const played: [kind: string, dueAt: number, handedAt: number][] = [];
  return {
    ports: {
      nowS: () => now,
      sound: (c: { kind: string }, at: number) => void played.push([c.kind, at, now]),
      every: (_ms: number, f: () => void) => {
        run = f;
        return () => (run = null);
      },
    },
    pass: (s: number) => {
      now += s;
      run?.();
    },
    played,
  };
}

test('ten minutes with a timer that comes late by up to 170 ms: every cue is handed over in time, at its exact moment, once', () => {
  const cues = cuesOf(beats(600), 3);
  const w = fakeWorld();
  const random = seededRandom(3);
  const player = playBeat(cues, w.ports);
  const origin = 100 + 0.08;
  while (player.positionS() < 601) w.pass(0.06 + 0.17 * random());
  expect(w.played).toHaveLength(cues.length);
  w.played.forEach(([kind, due, handed], i) => {
    expect(kind).toBe(cues[i]!.kind);
    // No drift: the moment is the cue's own, to a millionth of a second, after ten minutes as at the first.
    expect(Math.abs(due - (origin + cues[i]!.atS))).toBeLessThan(1e-6);
    expect(handed).toBeLessThanOrEqual(due + 0.03);
    expect(due - handed).toBeLessThanOrEqual(LOOK_AHEAD_S + 1e-9);
  });
});

test('what was slept through is left out, and the beat goes on where it is', () => {
  const cues = cuesOf(beats(60), 3);
  const w = fakeWorld();
  playBeat(cues, w.ports);
  w.pass(30);
  const after = w.played.filter(([, due]) => due > 100.3);
  for (const [, due] of after) expect(due).toBeGreaterThan(129.9);
});

test('from the middle, and stopped', () => {
  const cues = cuesOf(beats(60), 3);
  const w = fakeWorld();
  const player = playBeat(cues, w.ports, 20);
  w.pass(5);
  expect(player.positionS()).toBeCloseTo(24.92, 6);
  const n = w.played.length;
  player.stop();
  w.pass(5);
  expect(w.played).toHaveLength(n);
});

describe('practice', () => {
  const b = beats(40);
  const moves = b.filter((x) => x.kind !== 'pause').map((x) => x.atS);
  test('on the beat is a hundred', () => {
    expect(scorePractice(b, moves, 40)).toMatchObject({ hit: moves.length, due: moves.length, offS: 0, score: 100 });
    expect(scorePractice(b, moves, 40).heldShare).toBeCloseTo(1, 6);
  });
  test('a known lateness is found', () => {
    const late = scorePractice(
      b,
      moves.map((t) => t + 0.12),
      40,
    );
    expect(late.biasS).toBeCloseTo(0.12, 9);
    expect(late.offS).toBeCloseTo(0.12, 9);
    expect(late.score).toBeLessThan(100);
    expect(
      scorePractice(
        b,
        moves.map((t) => t - 0.2),
        40,
      ).biasS,
    ).toBeCloseTo(-0.2, 9);
  });
  test('every hang cut by half a second shows as rushed', () => {
    // The turn after each hang comes half a second early, the twitch on time.
    const rushed = scorePractice(
      b,
      b.filter((x) => x.kind !== 'pause').map((x) => (x.kind === 'turn' ? x.atS - 0.5 : x.atS)),
      40,
    );
    expect(rushed.heldShare!).toBeCloseTo(0.8, 6);
    expect(rushed.score).toBeLessThan(75);
  });
  test('nothing tapped is nothing, a tap between two moves belongs to one of them only', () => {
    expect(scorePractice(b, [], 40)).toMatchObject({ hit: 0, score: 0 });
    expect(scorePractice(b, [moves[0]! + 0.01, moves[0]! + 0.02], 40).hit).toBeLessThanOrEqual(2);
    expect(scorePractice([], [1, 2], 40)).toMatchObject({ due: 0, score: 0 });
  });
});
