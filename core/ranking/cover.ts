/** What cover and bottom do: who can be shown a lure there, what it knocks against, what it hangs up on. */
import { clamp, lerp, logistic } from '../base/numbers';
import { REFERENCE_CAST_M } from '../holdtable/grid';
import type { Family } from '../lures/family';
import { overMoods } from '../mood/states';
import type { PerMood } from '../water/moods';
import type { ResolvedConditions } from '../water/resolve';
import type { ReadContext } from './context';
import { coverSnagChance } from './limits';
import type { Match } from './matches';
import type { Schools } from './schools';
import type { Contribution } from './score';

/**
 * Standing cover into which a bottom lure is dropped and lifted at the fish's own depth instead of being dragged below
 * it.
 */
const STANDING = new Set(['pads', 'matted-grass', 'reeds', 'wood', 'brush', 'dock']);

/** From this density on all of the work is done at the cover. */
const FULL_DENSITY = 0.25;

/** Share of the work done by dropping into cover, 0–1. */
export function pitchedShare(f: Family, r: ResolvedConditions): number {
  if (f.mode !== 'bottom' || !STANDING.has(r.cover.kind)) return 0;
  return Math.min(1, r.cover.density / FULL_DENSITY) * (f.coverReach[r.cover.kind] ?? 0.2);
}

/**
 * What a minute among the fish is worth by way of working: what lies on the bottom or hangs in the limbs is out of
 * sight for a part of it, and dropped into cover it is seen by those of one place. prior: judgement.
 */
const MINUTE_WORTH: Record<Family['mode'], number> = {
  swim: 1.18,
  surface: 1,
  float: 0.95,
  bottom: 0.82,
  vertical: 1,
  tow: 1,
};
const PITCHED_MINUTE_WORTH = 0.66;

/** What a minute among the fish is worth, as a ratio to the species' own strikes in one. */
export const minuteWorth = (f: Family, r: ResolvedConditions): number =>
  lerp(MINUTE_WORTH[f.mode], PITCHED_MINUTE_WORTH, pitchedShare(f, r));

/** Cover in single pieces: fish sit on it, not along the whole cast. */
const SPOTTY = new Set(['wood', 'brush', 'dock']);
/** How far the fish sit on single pieces of cover rather than everywhere, 0–1. */
export const spottiness = (r: ResolvedConditions): number =>
  SPOTTY.has(r.cover.kind) ? Math.min(1, r.cover.density / FULL_DENSITY) : 0;

/**
 * A pegged weight goes where a free one hangs behind its bait; a free one glides better where nothing is in its way.
 * prior: judgement.
 */
const FREE_IN_TANGLE = 0.85;
const THIN_BRANCH_M = 0.025;

/** Share of the fish in a kind of cover that a lure can be shown, 0–1, where its row does not say. */
const REACHES = 0.35;
const reachIn = (f: Family, kind: ResolvedConditions['cover']['kind']): number => f.coverReach[kind] ?? REACHES;

/** Share of the fish on this cover that can be shown the lure. */
function coverAccess(f: Family, c: ReadContext): number {
  const { kind, density, branchDiameterM } = c.r.cover;
  if (kind === 'none') return 1;
  const inside = Math.sqrt(density) * (0.45 + 0.55 * c.holding.tightness);
  const free = f.sliding && c.schools.peg === 'free';
  const twigs = kind === 'wood' || kind === 'brush' ? logistic(branchDiameterM, THIN_BRANCH_M, -0.002) : 0;
  const tangled = free ? (kind === 'matted-grass' ? 1 : twigs) : 0;
  return 1 - inside * (1 - reachIn(f, kind) * lerp(1, FREE_IN_TANGLE, tangled));
}

/** Share of the fish that this lure can be shown in this cover. */
export const coverOf = (f: Family, c: ReadContext): Match => ({
  factor: 'cover',
  of: () => coverAccess(f, c),
  facts: { cover: c.r.cover.kind, reach: reachIn(f, c.r.cover.kind), density: c.r.cover.density },
});

/**
 * Share of a long cast that passes the fish when they sit on single pieces of cover, by way of working. prior:
 * judgement.
 */
const PASSES_THEM: Record<Family['mode'], number> = {
  surface: 0.5,
  swim: 0.5,
  float: 0.75,
  bottom: 0.55,
  vertical: 0.6,
  tow: 0.3,
};

/** A short cast to a piece of cover, m: prior: judgement. */
export const PITCH_M = 7;
/** How far past it a lure that sinks beside it is thrown, m: about its depth. prior: judgement. */
export const PAST_M = { least: 1, most: 8 } as const;

/** The cast of a lure that is hung beside single pieces of cover, to this depth, m; null: it is not, here. */
export const besideCastM = (f: Family, r: ResolvedConditions, depthM: number): number | null =>
  f.hungBeside && spottiness(r) > 0.5 ? PITCH_M + clamp(depthM, PAST_M.least, PAST_M.most) : null;

/** The cast that zone minutes are reckoned for, m. */
export const reckonedCastM = (f: Family, r: ResolvedConditions, depthM: number): number =>
  besideCastM(f, r, depthM) ?? REFERENCE_CAST_M;

/** The same of a short cast just past the piece. prior: judgement. */
const HUNG_BESIDE_THEM = 0.75;

/** How closely fish of each mood stay on their piece: lively ones come out to what goes by. prior: judgement. */
const STAYS_ON_IT: PerMood = [1, 1, 0.95, 0.8, 0.6];

/** How much of a cast goes by water where no fish sit. */
export function passingOf(f: Family, { r, mood }: Pick<ReadContext, 'r' | 'mood'>): Match {
  const passes = f.hungBeside ? HUNG_BESIDE_THEM : PASSES_THEM[f.mode];
  const pitched = pitchedShare(f, r);
  const spotty = spottiness(r);
  const of = (m: number): number => lerp(lerp(1, passes, spotty * STAYS_ON_IT[m]!), 1, pitched);
  return { factor: 'passing', of, facts: { share: overMoods(mood, of), cover: r.cover.kind } };
}

/** Full cover in single pieces is met on every cast from this density on. */
const MET_DENSITY = 0.3;
/** How much of a knock each bottom gives. prior: judgement. */
const HARDNESS = { rock: 1, gravel: 0.9, shell: 0.9, sand: 0.4, mud: 0.15 } as const;
/** A lure knocks on the bottom when worked no more than this above it, m. */
const DIGS_M = { within: 0.35, soft: 0.1 } as const;
/**
 * What a lure that glances off at every turn gains: fish that would let it pass strike at the change of its way. prior:
 * judgement.
 */
export const DEFLECTION_GAIN = 0.45;

/** Share of the work in which it knocks against something and glances off: on cover, and on the bottom. */
export function knocks(f: Family, c: ReadContext, depthM: number): { onCover: number; onBottom: number } {
  const { cover, bottom } = c.r;
  const onCover =
    (cover.kind === 'none' ? 0 : (f.deflects[cover.kind] ?? 0)) * Math.min(1, cover.density / MET_DENSITY);
  const digs = f.deflects.bottom ?? 0;
  return {
    onCover,
    onBottom: digs === 0 ? 0 : digs * HARDNESS[bottom] * logistic(c.r.depthM - depthM, DIGS_M.within, -DIGS_M.soft),
  };
}

/** The same where the bottom was met in so much of the working, 0–1. */
export const knocksFelt = (f: Family, c: ReadContext, contactShare: number): ReturnType<typeof knocks> => ({
  onCover: knocks(f, c, 0).onCover,
  onBottom: (f.deflects.bottom ?? 0) * HARDNESS[c.r.bottom] * contactShare,
});

/** What that multiplies the strikes by. */
export const deflectionGain = ({ onCover, onBottom }: ReturnType<typeof knocks>): number =>
  1 + DEFLECTION_GAIN * Math.max(onCover, onBottom);

/** What knocking against cover or bottom is worth, with its reason. */
export function deflectionOf(f: Family, c: ReadContext, depthM: number): Match {
  const met = knocks(f, c, depthM);
  const gain = deflectionGain(met);
  const facts = {
    share: Math.max(met.onCover, met.onBottom),
    on: met.onCover >= met.onBottom ? c.r.cover.kind : c.r.bottom,
  };
  return { factor: 'deflection', of: () => gain, facts };
}

/** A swimming lure worked for fish this near the bottom touches it now and then, m. */
const NEAR_BOTTOM_M = 0.4;

/** What is heavier wedges itself sooner: with this power of its weight against the usual. prior: judgement. */
const SNAGS_BY_WEIGHT = 0.4;

/** Chance of a firm snag per cast from bottom and cover together. */
export function snagChance(f: Family, r: ResolvedConditions, schools?: Schools): number {
  const touches =
    f.mode === 'bottom' ? 1 : f.mode === 'swim' ? logistic(r.depthM - r.fishDepthM, NEAR_BOTTOM_M, -0.06) : 0;
  const floor =
    touches > 0.001
      ? touches *
        { mud: 0.003, sand: 0.003, gravel: 0.012, shell: 0.025, rock: 0.035 }[r.bottom] *
        (f.hook === 'weedless' ? 0.5 : 1)
      : 0;
  return Math.min(0.9, (coverSnagChance(f, r, schools) + floor) * f.weightShare ** SNAGS_BY_WEIGHT);
}

/** Minutes a firm snag costs: freeing, retying, the spoiled spot. prior: judgement. */
export const SNAG_COSTS_MIN = 4;
/** One in cover at hand is freed from above. prior: judgement. */
const SNAG_AT_HAND_MIN = 2;

/** Share of the hour that snags leave: less their minutes, and half of each cast that was snagged. */
export const keptShare = (perCast: number, castsPerHour: number, pitched = 0): number =>
  (1 - perCast / 2) /
  (1 + clamp((castsPerHour * perCast * lerp(SNAG_COSTS_MIN, SNAG_AT_HAND_MIN, pitched)) / 60, 0, 20));

/**
 * What line changes: with no stretch a big single hook is driven home and a treble torn out. Ratio to braid with a
 * leader. prior: judgement.
 */
const ON_FLUOROCARBON = { treble: 1.04, single: 0.98, weedless: 0.94 } as const;

/** Share of strikes on a soft body that take more than its tail, by teeth. prior: judgement. */
const SOFT_TO_TEETH = { none: 1, rasp: 1, sharp: 0.95, cutting: 0.65 } as const;

/** The last two of every branch: hooked, and what snags leave of the hour. */
export function afterStrike(f: Family, c: ReadContext, castsPerHour: number): Contribution[] {
  const onLine = c.schools.line === 'fluorocarbon' ? ON_FLUOROCARBON[f.hook] : 1;
  const bitten = f.soft ? SOFT_TO_TEETH[c.p.teeth] : 1;
  const hooked = Math.min(0.98, f.hooking * (c.p.softMouth && f.hook === 'treble' ? 0.95 : 1) * onLine * bitten);
  const perCast = snagChance(f, c.r, c.schools);
  const kept = keptShare(perCast, castsPerHour, pitchedShare(f, c.r));
  return [
    { factor: 'hooked', ln: Math.log(hooked), facts: { chance: hooked, hook: f.hook, bitten } },
    { factor: 'snags', ln: Math.log(kept), facts: { perCast, share: kept } },
  ];
}
