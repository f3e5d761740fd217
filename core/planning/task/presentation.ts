/** A presentation: everything that decides how the lure moved, frozen and identified by the hash of its content. */
import { contentHash } from '../../base/hash';
import { roundTo } from '../../base/numbers';
import type { Rig } from '../../ranking/rig';
import type { Cadence } from '../cadence/cadence';
import type { LurePhysics } from '../../simulation/types';
import type { LineSpec } from '../../tackle/line';
import type { ReelSpec } from '../../tackle/reel';
import type { RodSpec } from '../../tackle/rod';
import type { CadenceStyle } from '../../lures/styles';
import type { TipSetting } from '../../tackle/stand';

/** All that is thrown and how it is worked. SI; with it the cast can be done again. */
export interface Presentation {
  rig: Rig;
  lureId: string | null;
  lureName: string;
  lure: LurePhysics;
  line: LineSpec;
  reel: ReelSpec;
  rod: RodSpec;
  tip: TipSetting;
  castM: number;
  countdownS: number;
  turnsPerS: number;
  style: CadenceStyle;
  cadence: Cadence;
  bandM: readonly [number, number];
}

/** A presentation is frozen: its name is made once. */
const named = new WeakMap<Presentation, string>();
/** What the hands do is identity; what the model reckons (lure drag and so on) is not. */
export function presentationId(p: Presentation): string {
  let id = named.get(p);
  if (id === undefined) named.set(p, (id = nameOf(p)));
  return id;
}

const nameOf = (p: Presentation): string =>
  contentHash({
    rig: { ...p.rig, weightKg: roundTo(p.rig.weightKg, 5), sizeM: roundTo(p.rig.sizeM, 3) },
    lureId: p.lureId,
    line: p.line,
    reel: p.reel,
    rod: p.rod,
    tip: p.tip.position,
    castM: Math.round(p.castM),
    countdownS: roundTo(p.countdownS, 1),
    turnsPerS: roundTo(p.turnsPerS, 2),
    style: p.style,
    cadence: p.cadence,
    bandM: p.bandM.map((d) => roundTo(d, 1)),
  });
