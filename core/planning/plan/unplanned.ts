/**
 * How a lure is worked before any plan of it is made: by the rules alone, and by the table of holds. For the log, which
 * waits for no plan, and for the days of the sample world.
 */
import { defaultCadence } from '../cadence/library';
import { PHASES, type Phase } from '../cadence/cadence';
import { estimateZone } from '../../holdtable/zone';
import type { PlanRequest } from '../task/request';
import type { Presentation } from '../task/presentation';
import { firstSettings, presentationOf, setUpTask } from '../task/setup';

/** What the log keeps of a plan: the presentation, what it is expected to come to, and seconds by phase of a cast. */
export interface WorkedAs {
  presentation: Presentation;
  zoneShare: { mean: number };
  zoneSecondsPerCast: number;
  phaseS: Record<Phase, number>;
}

/** A splash, and a lure at the boat, s. prior: judgement. */
const SPLASH_S = 0.6;
const BOAT_S = 2;
/** Of a cast this much is neither worked nor fallen, s. prior: judgement. */
const BESIDES_S = 3;

/** As the rules alone would work it: some 0.1 of share from its settled plan (docs/PERFORMANCE.md, agreement). */
export function workedUnplanned(request: PlanRequest): WorkedAs & { castS: number } {
  const p = setUpTask(request);
  const hands = firstSettings(p);
  const cadence = defaultCadence({
    style: hands.style,
    moodMean: p.mood.mean,
    pauseS: hands.pauseS,
    turnsPerS: hands.turnsPerS,
  });
  const zone = estimateZone(p.family, p.depthM, p.speedMps, p.pitched ? 1 : 0);
  return {
    presentation: presentationOf(p, hands, cadence),
    zoneShare: { mean: Math.min(1, zone.share) },
    zoneSecondsPerCast: zone.zoneSecondsPerCast,
    castS: zone.castS,
    phaseS: phasesOf(hands.countdownS, cadence.steps, zone.castS),
  };
}

function phasesOf(countdownS: number, steps: Presentation['cadence']['steps'], castS: number): Record<Phase, number> {
  const total = steps.reduce((s, x) => s + x.durationS, 0);
  const pauseShare = steps.filter((x) => x.kind === 'pause').reduce((s, x) => s + x.durationS, 0) / total;
  const worked = Math.max(1, castS - countdownS - BESIDES_S);
  return {
    ...(Object.fromEntries(PHASES.map((x) => [x, 0])) as Record<Phase, number>),
    splash: SPLASH_S,
    fall: countdownS,
    pause: worked * pauseShare,
    move: worked * (1 - pauseShare),
    boat: BOAT_S,
  };
}
