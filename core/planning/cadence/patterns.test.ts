/**
 * Every way of working that anglers name, in the notation: it compiles, it is simulated, and each of its phases does
 * what it should.
 */
import type { FamilyId } from '../../lures/family';
import { firstSettings, setUpTask } from '../task/setup';
import { simulateSettings, type Track } from '../plan/track';
import { MESH } from '../../simulation/types';
import { cadenceFaults } from './check';
import type { Cadence, Phase, Step } from './cadence';
import { snapJig } from './library';

const loop = (...steps: Step[]): Cadence => ({ steps, loop: true });
const turn = (durationS: number, turnsPerS = 1): Step => ({
  kind: 'turn',
  durationS,
  handleTurns: turnsPerS * durationS,
});
const hang = (durationS: number): Step => ({ kind: 'pause', durationS });

interface Pattern {
  name: string;
  cadence: Cadence;
  family: FamilyId;
  /** What its hang, or its fall, does with this lure: metres down (+) or up (−) in each, within these. */
  phase: Phase;
  dropsM: readonly [number, number];
  vertical?: boolean;
}

const PATTERNS: Pattern[] = [
  { name: 'steady', cadence: loop(turn(4)), family: 'paddletail', phase: 'move', dropsM: [-4, 4] },
  {
    name: 'steady with a bump every two to three turns',
    cadence: loop(turn(2.5), { kind: 'twitch', durationS: 0.5 }),
    family: 'swim-jig',
    phase: 'move',
    dropsM: [-4, 4],
  },
  {
    name: 'stop and go, a sinker',
    cadence: loop(turn(2), hang(2)),
    family: 'sinking-twitchbait',
    phase: 'pause',
    dropsM: [0.1, 1.5],
  },
  {
    name: 'stop and go, a floater',
    cadence: loop(turn(2), hang(2)),
    family: 'square-bill',
    phase: 'pause',
    dropsM: [-1.5, -0.05],
  },
  {
    name: 'twitch, twitch, pause',
    cadence: loop(turn(1), { kind: 'twitch', durationS: 0.5 }, { kind: 'twitch', durationS: 0.5 }, hang(4)),
    family: 'suspending-jerkbait',
    phase: 'pause',
    dropsM: [-0.35, 0.35],
  },
  {
    name: 'pop, pop, rest',
    cadence: loop({ kind: 'pop', durationS: 0.5 }, { kind: 'pop', durationS: 0.5 }, turn(0.6), hang(3)),
    family: 'popper',
    phase: 'pause',
    dropsM: [-0.1, 0.1],
  },
  {
    name: 'walk',
    cadence: loop({ kind: 'snap', durationS: 0.6, handleTurns: 0.35 }),
    family: 'walking-bait',
    phase: 'move',
    dropsM: [-0.2, 0.2],
  },
  {
    name: 'yo-yo',
    cadence: loop({ kind: 'lift', durationS: 0.6 }, { kind: 'drop', durationS: 1.5 }, turn(0.8)),
    family: 'lipless-vibrating',
    phase: 'fall',
    dropsM: [0.1, 2.5],
  },
  {
    name: 'hop',
    cadence: loop({ kind: 'hop', durationS: 0.5 }, hang(3), turn(1.2, 0.5)),
    family: 'texas-rig',
    phase: 'pause',
    dropsM: [-0.1, 0.8],
  },
  {
    name: 'drag',
    cadence: loop({ kind: 'drag', durationS: 1.5 }, turn(1.2, 0.5), hang(3)),
    family: 'football-jig',
    phase: 'pause',
    dropsM: [-0.05, 0.05],
  },
  {
    name: 'shake in place',
    cadence: loop({ kind: 'shake', durationS: 2 }, hang(3), turn(1, 0.4)),
    family: 'shaky-head',
    phase: 'pause',
    dropsM: [-0.05, 0.1],
  },
  {
    name: 'dead-stick',
    cadence: loop(hang(12), turn(0.4, 0.5)),
    family: 'finesse-jig',
    phase: 'pause',
    dropsM: [-0.05, 0.1],
  },
  {
    name: 'burn and kill',
    cadence: loop({ kind: 'burn', durationS: 1.5, handleTurns: 3.5 }, hang(1)),
    family: 'lipless-vibrating',
    phase: 'pause',
    dropsM: [0.05, 1.5],
  },
];

const ROD = { lengthM: 2.13, minLureKg: 0.003, maxLureKg: 0.03, action: 'fast' as const };

function worked({ family, cadence }: Pattern): Track {
  const bottom = ['texas-rig', 'football-jig', 'shaky-head', 'finesse-jig'].includes(family);
  const p = setUpTask({
    conditions: {
      species: 'largemouth-bass',
      month: 6,
      water: {
        setting: 'lake',
        surfaceTempC: 18,
        clarityM: 1.2,
        depthM: 3,
        fishDepthM: bottom ? 2.8 : 1.4,
        cover: { kind: 'none', density: 0 },
      },
    },
    lure: { family },
    rod: ROD,
    reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
    line: { material: 'nylon', strengthLb: 10 },
    set: { cadence, castM: 18 },
  });
  return simulateSettings(p, firstSettings(p), { mesh: MESH.plan, longestS: 50, workedToM: null });
}

/**
 * Depth gained in each whole stretch of one phase, m; those of the first and the last round, and near the angler, left
 * out.
 */
function drops(t: Track, phase: Phase): number[] {
  const out: number[] = [];
  let from = -1;
  t.phase.forEach((p, i) => {
    if (p === phase && from < 0) from = i;
    if (p !== phase && from >= 0) {
      if (t.xM[i]! > 4 && t.tS[from]! > 8) out.push(t.depthM[i - 1]! - t.depthM[from]!);
      from = -1;
    }
  });
  return out;
}

describe.each(PATTERNS)('$name', (pattern) => {
  test('a wrist and a reel can do it', () => {
    expect(cadenceFaults(pattern.cadence, ROD, pattern.vertical).filter((f) => f.cannot)).toEqual([]);
  });
  test('it is worked in, and its phases do what they should', () => {
    const t = worked(pattern);
    expect(t.beats.length).toBeGreaterThan(3);
    expect(t.xM[t.xM.length - 1]!).toBeLessThan(t.xM[0]! - 0.5);
    const each = drops(t, pattern.phase);
    const [low, high] = pattern.dropsM;
    if (pattern.phase !== 'move') expect(each.length).toBeGreaterThan(1);
    const mean = each.reduce((s, v) => s + v, 0) / Math.max(1, each.length);
    expect(mean).toBeGreaterThanOrEqual(low);
    expect(mean).toBeLessThanOrEqual(high);
  });
});

test('the snap below the rod can be done, and leaves the tip where it began', () => {
  expect(cadenceFaults(snapJig(3), ROD, true)).toEqual([]);
  // Cast and worked like that it would never come home.
  expect(cadenceFaults(snapJig(3), ROD).map((f) => f.code)).toEqual(['stays-put']);
});
