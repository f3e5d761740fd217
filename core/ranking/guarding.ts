/**
 * Ranking for fish on their beds: they do not feed and are not searched for, so neither time at depth nor being noticed
 * counts.
 *   strikesPerHour = passes an hour · P(answer a pass)
 *   P(answer)      = Σ over agitation p(a) · rate(a) · [(1 − w(a)) · provokes + w(a) · fits the mouth]
 *                    · stays on the bed · cover
 * Calm fish are moved by an intruder, most by the one that they have answered (`raisedBy`); at the peak of their anger
 * they take what they can carry off. prior: judgement throughout.
 */
import { bell } from '../base/numbers';
import { ANSWERS_PER_PASS, raisedBy } from '../mood/guarding';
import type { ReadContext } from './context';
import { afterStrike, coverOf } from './cover';
import type { Family } from '../lures/family';
import { chooseSizeM } from './rig';
import { summed, type Score } from './score';

/** Factors of the score for fish on their beds, in order. */
export const GUARDING_FACTORS = ['passes', 'anger', 'stays', 'cover', 'hooked', 'snags'] as const;

/** Share of the answer that goes to what fits the mouth, by agitation. */
const WANTS_SMALL = [0, 0.05, 0.4, 1] as const;
/** Sizes as shares of a favourite mouthful: an intruder, and something to carry off. */
const INTRUDER = { size: 1.7, width: 0.4 } as const;
const MOUTHFUL = { size: 0.65, width: 0.35 } as const;
/** A lure is let onto the bed, left there, moved once and taken back, s. */
export const PASS_S = 30;
const BETWEEN_PASSES_S = 9;
const STAY_SHARE = 0.8;
/** A lure that must move this fast to work has left the bed at once, m/s. */
const LEAVES_MPS = 0.2;

/** Metal and hard sinkers are dead while they lie: this much of them provokes. */
const LIES_DEAD = 0.35;
const liesDead = (f: Family): boolean => f.build.kind === 'piece' && f.build.gravity > 1.3 && !f.soft;

/** How much it looks like something that eats eggs. */
function provokes(f: Family, sizeM: number, favouriteM: number): number {
  const shape = Math.max(f.shapes['deep-fish'] ?? 0, 0.8 * (f.shapes.craw ?? 0), 0.5 * (f.shapes['slender-fish'] ?? 0));
  return (
    bell(Math.log(sizeM / favouriteM / INTRUDER.size), 0, INTRUDER.width) *
    (0.25 + 0.75 * shape) *
    (liesDead(f) ? LIES_DEAD : 1) *
    (0.6 + 0.4 * Math.max(f.thump, f.flash))
  );
}

/** What is carried off is felt first: little is left to a mouthful of trebles. */
const TREBLE = 0.4;

function fits(f: Family, sizeM: number, favouriteM: number): number {
  return (
    bell(Math.log(sizeM / favouriteM / MOUTHFUL.size), 0, MOUTHFUL.width) *
    (1 - 0.6 * f.action) *
    (f.hook === 'treble' ? TREBLE : 1)
  );
}

/** Share of a pass that it can be kept on the bed. */
function stays(f: Family): number {
  if (f.mode === 'surface') return 0.1;
  if (f.mode === 'float') return 0.4;
  if (f.mode === 'tow') return 0.02;
  return f.mode === 'bottom' ? 1 : Math.exp(-f.speedMps[0] / LEAVES_MPS);
}

/** `agitation`: the distribution over AGITATIONS. */
export function scoreGuarding(f: Family, c: ReadContext, agitation: readonly number[]): Score {
  const sizeM = chooseSizeM(f, c.r, c.p, c.schools);
  const favouriteM = c.p.preyLengthM[1];
  const raised = raisedBy(f.id, c.r.signs);
  const big = raised * provokes(f, sizeM, favouriteM);
  const small = fits(f, sizeM, favouriteM);
  const answer = agitation.reduce(
    (s, p, a) => s + p * ANSWERS_PER_PASS[a]! * ((1 - WANTS_SMALL[a]!) * big + WANTS_SMALL[a]! * small),
    0,
  );
  const passesPerHour = 3600 / (PASS_S + BETWEEN_PASSES_S);
  const stay = stays(f);
  const cover = coverOf(f, c);
  const why: Score['why'] = [
    { factor: 'passes', ln: Math.log(passesPerHour), facts: { perHour: passesPerHour } },
    {
      factor: 'anger',
      ln: Math.log(Math.max(answer, 1e-6)),
      facts: { sizeM, favouriteM, provokes: big, fits: small, raised },
    },
    { factor: 'stays', ln: Math.log(stay), facts: { share: stay } },
    { factor: cover.factor, ln: Math.log(cover.of(0)), facts: cover.facts },
    ...afterStrike(f, c, passesPerHour),
  ];
  const zoneSecondsPerCast = STAY_SHARE * stay * PASS_S;
  return summed(why, {
    zone: {
      share: STAY_SHARE * stay,
      castS: PASS_S,
      zoneSecondsPerCast,
      castsPerHour: passesPerHour,
      zoneMinutesPerHour: (passesPerHour * zoneSecondsPerCast) / 60,
    },
    workingDepthM: Math.min(c.r.fishDepthM, c.r.depthM),
    speedMps: f.speedMps[0],
    noticed: 1,
    weightKg: f.weightKg[1],
  });
}
