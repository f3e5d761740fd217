/**
 * The planner: what the hands should do with this lure here. Starts from closed forms, then tries neighbouring countdowns, speeds and rod tips
 * on the coarse mesh and keeps what holds the lure longest in the band without leaving the speed the fish want; the winner is solved on the
 * finer mesh. The 32 fixed draws over what nobody knows exactly give the range. `buys` says what one change alone would do. About 60 simulations.
 */
import { bell, quantile } from '../../numbers';
import { DRAW_COUNT, normalDraw } from '../../draws';
import type { Belief } from '../calibrate/belief';
import { spreadOf } from '../calibrate/known';
import type { Phase } from '../cadence/cadence';
import { BETWEEN_CASTS_S } from '../cast';
import type { Presentation } from '../presentation';
import { MESH } from '../simulate/types';
import { thinnerLine, type LineSpec } from '../tackle/line';
import { TIP_POSITIONS, tipSetting, type TipPosition } from '../tackle/rod';
import type { PlanRequest, PlanSettings } from './request';
import { firstHands, mostTurns, presentationOf, setUpProblem, type Hands, type Problem } from './setup';
import { LONGEST_CAST_S, simulateHands, type Track, type TrackOptions } from './track';

export const CHANGES = ['tip', 'line', 'cast', 'slower', 'faster', 'count-more', 'count-less', 'hang-less', 'hang-more'] as const;
export type ChangeKind = (typeof CHANGES)[number];

/** What one change alone would do to the share of time in the zone. */
export interface Change {
  kind: ChangeKind;
  gain: number;
  settings: PlanSettings;
  line?: LineSpec;
  facts: { tip?: TipPosition; castM?: number; turnsPerS?: number; countdownS?: number; pauseS?: number; strengthLb?: number; material?: string };
}

export interface Plan {
  presentation: Presentation;
  hands: Hands;
  overshootM: number;
  depthM: number;
  bandM: readonly [number, number];
  handleSpeedMps: number;
  zoneShare: { mean: number; low: number; high: number };
  zoneSecondsPerCast: number;
  castS: number;
  castsPerHour: number;
  phaseS: Record<Phase, number>;
  deepestM: number;
  asideM: number;
  /** Seconds on the bottom in a cast. */
  bottomS: number;
  cutShort: boolean;
  /** Never came within the band: the lure cannot do what is asked. */
  misses: boolean;
  track: Track;
  /** Where it may run at each moment of the track, 5–95 %, m; null while only the first guess stands. */
  range: DepthRange | null;
  /** What is known of the lure and the reel, as ratios to the model's values. */
  known: { drag: Belief; lift: Belief; reel: Belief };
  buys: Change[];
  simulations: number;
  effort: Effort;
}

export interface DepthRange {
  shallowM: number[];
  deepM: number[];
}

/** Spread of the law of cross-flow drag, as the standard deviation of its logarithm: the largest doubt of the model. */
const LINE_DRAG_SPREAD = 0.2;

type Drawn = Pick<TrackOptions, 'lureDrag' | 'lureLift' | 'lineDrag' | 'reel'>;

/** Draw n of what is not known exactly; what the angler has measured strays less. */
function drawTackle(p: Problem, n: number): Drawn {
  const ratio = (spread: number, dimension: number): number => Math.exp(spread * normalDraw(n, dimension));
  return {
    lureDrag: ratio(spreadOf(p.known.drag), 0),
    lineDrag: ratio(LINE_DRAG_SPREAD, 1),
    lureLift: ratio(spreadOf(p.known.lift), 2),
    reel: ratio(spreadOf(p.known.reel), 3),
  };
}

/** 5–95 % of the drawn depths at each moment of the track; where a draw's cast is over its last depth stands. */
function rangeOf(track: Track, drawn: readonly Track[]): DepthRange {
  const at = (i: number, q: number): number => {
    const depths = drawn.map((t) => t.depthM[Math.min(i, t.depthM.length - 1)]!);
    // What is likeliest lies inside its own range.
    const d = quantile(depths, q)!;
    return q < 0.5 ? Math.min(d, track.depthM[i]!) : Math.max(d, track.depthM[i]!);
  };
  return { shallowM: track.tS.map((_, i) => at(i, 0.05)), deepM: track.tS.map((_, i) => at(i, 0.95)) };
}

/** Worth of a track: share in the zone, less when the fish would see it too fast or slow, or hanging shorter than they want. */
function worth(p: Problem, h: Hands, t: Track): number {
  const speed = h.castM / Math.max(t.castS - h.countdownS, 1);
  const hang = p.pauseS > 0 ? Math.min(1, h.pauseS / p.pauseS) : 1;
  return t.zoneShare * (0.4 + 0.6 * bell(Math.log(speed / p.speedMps), 0, 0.8)) * (0.55 + 0.45 * hang);
}

/** Handle speeds a hand can tell apart. */
const twentieth = (turns: number): number => Math.round(turns * 20) / 20;

/** What the hands can vary, one thing at a time, in the order it is tried; speed and tip are tried again at the end. */
const TRIED = ['turns', 'countdown', 'tip', 'pause', 'turns', 'tip'] as const;

function variants(p: Problem, h: Hands, what: (typeof TRIED)[number], set: PlanSettings): Hands[] {
  const swims = p.family.mode === 'swim';
  switch (what) {
    case 'countdown':
      return set.countdownS === undefined && (swims || p.pitched) && h.countdownS > 0
        ? [0.6, 0.8, 1.25, 1.5].map((k) => ({ ...h, countdownS: Math.round(h.countdownS * k * 2) / 2 }))
        : [];
    case 'tip':
      return set.tip === undefined && p.family.mode !== 'float'
        ? TIP_POSITIONS.filter((t) => t !== h.tip.position).map((t) => ({ ...h, tip: tipSetting(t, p.request.rod, p.reading.access) }))
        : [];
    case 'pause':
      return set.pauseS === undefined && swims && h.pauseS >= 1.5
        ? [0.7, 0.45].map((k) => ({ ...h, pauseS: Math.max(1, Math.round(h.pauseS * k * 2) / 2) }))
        : [];
    case 'turns':
      return set.turnsPerS === undefined
        ? [0.7, 1.35, 1.8].map((k) => ({ ...h, turnsPerS: twentieth(Math.max(0.2, Math.min(mostTurns(p), h.turnsPerS * k))) }))
        : [];
  }
}

/** `first`: the closed-form guess, solved once, to show at once; `settled`: searched, with its range and what one change would buy. */
export type Effort = 'first' | 'settled';

/** The whole plan in one go. */
export function planRetrieve(request: PlanRequest, effort: Effort = 'settled'): Plan {
  const steps = planInSteps(request, effort);
  for (;;) {
    const s = steps.next();
    if (s.done) return s.value;
  }
}

/** The same, pausing after every simulation: whoever runs it may rest, show how far it is, or give up. */
export function* planInSteps(request: PlanRequest, effort: Effort): Generator<void, Plan> {
  const p = setUpProblem(request);
  const set = request.set ?? {};
  let simulations = 0;
  function* simulated(work: () => Track): Generator<void, Track> {
    const t = work();
    simulations++;
    yield;
    return t;
  }
  const quick = (h: Hands, line?: LineSpec, drawn?: Drawn): Generator<void, Track> =>
    simulated(() => simulateHands(p, h, { mesh: MESH.quick, longestS: LONGEST_CAST_S, line, ...drawn }));
  const solve = (h: Hands): Generator<void, Track> =>
    simulated(() => simulateHands(p, h, { mesh: effort === 'first' ? MESH.quick : MESH.plan, longestS: LONGEST_CAST_S, lineShapes: true }));

  const start = firstHands(p);
  // A lure on top is on top whatever the hands do: nothing to search.
  const search = effort === 'settled' && p.family.mode !== 'surface';
  let best = start;
  let bestTrack: Track | null = search ? yield* quick(best) : null;
  let bestWorth = bestTrack ? worth(p, best, bestTrack) : 0;
  for (const what of search ? TRIED : []) {
    for (const h of variants(p, best, what, set)) {
      const t = yield* quick(h);
      const w = worth(p, h, t);
      if (w > bestWorth * 1.02 + 1e-6) [best, bestTrack, bestWorth] = [h, t, w];
    }
  }

  let track = yield* solve(best);
  if (search && best !== start) {
    // The coarse mesh may flatter: the first guess stands unless the finer mesh agrees.
    const other = yield* solve(start);
    if (worth(p, start, other) > worth(p, best, track)) [best, track, bestTrack] = [start, other, yield* quick(start)];
  }

  const drawn: Track[] = [];
  for (let n = 0; search && n < DRAW_COUNT; n++) drawn.push(yield* quick(best, undefined, drawTackle(p, n)));
  const shares = drawn.map((t) => t.zoneShare);
  const mean = drawn.length > 0 ? shares.reduce((a, b) => a + b, 0) / shares.length : track.zoneShare;
  const buys: Change[] = [];
  for (const c of bestTrack ? changes(p, best) : []) {
    const t = yield* quick(c.hands, c.change.line);
    buys.push({ ...c.change, gain: t.zoneShare - bestTrack!.zoneShare });
  }
  buys.sort((a, b) => b.gain - a.gain);

  return {
    presentation: presentationOf(p, best, track.cadence),
    hands: best,
    overshootM: p.overshootM,
    depthM: p.depthM,
    bandM: p.bandM,
    handleSpeedMps: best.turnsPerS * p.metresPerTurn,
    zoneShare: { mean, low: Math.min(mean, quantile(shares, 0.05) ?? mean), high: Math.max(mean, quantile(shares, 0.95) ?? mean) },
    zoneSecondsPerCast: mean * track.castS,
    castS: track.castS,
    castsPerHour: 3600 / (track.castS + BETWEEN_CASTS_S),
    phaseS: track.phaseS,
    deepestM: track.deepestM,
    asideM: track.asideM,
    bottomS: track.bottomS,
    cutShort: track.cutShort,
    misses: mean < 0.02,
    track,
    range: drawn.length > 0 ? rangeOf(track, drawn) : null,
    known: p.known,
    buys,
    simulations,
    effort,
  };
}

/** Every single change worth offering, with the hands it means. */
function changes(p: Problem, h: Hands): { hands: Hands; change: Omit<Change, 'gain'> }[] {
  const out: { hands: Hands; change: Omit<Change, 'gain'> }[] = [];
  const add = (kind: ChangeKind, hands: Partial<Hands>, settings: PlanSettings, facts: Change['facts'], line?: LineSpec): void => {
    out.push({ hands: { ...h, ...hands }, change: { kind, settings, facts, line } });
  };
  if (p.family.mode !== 'float') {
    for (const position of TIP_POSITIONS)
      if (position !== h.tip.position)
        add('tip', { tip: tipSetting(position, p.request.rod, p.reading.access) }, { tip: position }, { tip: position });
  }
  const thin = thinnerLine(p.request.line);
  if (thin && p.family.mode !== 'surface' && p.family.mode !== 'float') add('line', {}, {}, { strengthLb: thin.strengthLb }, thin);
  add('cast', { castM: h.castM + 3 }, { castM: h.castM + 3 }, { castM: h.castM + 3 });
  const slower = twentieth(Math.max(0.2, h.turnsPerS * 0.75));
  const faster = twentieth(Math.min(mostTurns(p), h.turnsPerS * 1.3));
  add('slower', { turnsPerS: slower }, { turnsPerS: slower }, { turnsPerS: slower });
  add('faster', { turnsPerS: faster }, { turnsPerS: faster }, { turnsPerS: faster });
  if (p.family.mode === 'swim' && h.pauseS >= 1.5) {
    const less = Math.max(1, Math.round(h.pauseS * 1.2) / 2);
    const more = h.pauseS + 1;
    add('hang-less', { pauseS: less }, { pauseS: less }, { pauseS: less });
    add('hang-more', { pauseS: more }, { pauseS: more }, { pauseS: more });
  }
  if (h.countdownS > 0) {
    const step = Math.max(1, Math.round(h.countdownS * 0.25));
    add('count-more', { countdownS: h.countdownS + step }, { countdownS: h.countdownS + step }, { countdownS: h.countdownS + step });
    add(
      'count-less',
      { countdownS: Math.max(0, h.countdownS - step) },
      { countdownS: Math.max(0, h.countdownS - step) },
      { countdownS: Math.max(0, h.countdownS - step) },
    );
  }
  return out;
}
