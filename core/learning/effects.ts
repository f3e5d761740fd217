/**
 * What the strikes of a block may owe to besides what the model expects: the angler, the water, the day, the kind of
 * lure, and what lures and waters have in common. Each is a deviation in ln, normal about 0 with the spread of its
 * group.
 */
import { clamp } from '../base/numbers';
import type { Colour, Family, WorkingMode } from '../lures/family';
import type { ResolvedConditions } from '../water/resolve';

/** Spreads before anything is learned, ln, and how many deviations each counts for. prior: judgement. */
export const GROUPS = {
  /** This angler against the model. */
  level: { spread: 0.5, weight: 50 },
  /** How much of the model's own differences between lures is so; 0: all of it. */
  slope: { spread: 0.3, weight: 50 },
  water: { spread: 0.4, weight: 6 },
  /** Luck of the day. */
  trip: { spread: 0.4, weight: 8 },
  family: { spread: 0.55, weight: 12 },
  familyWater: { spread: 0.3, weight: 20 },
  /** One kind on one day: strikes come in bunches. */
  familyTrip: { spread: 0.3, weight: 20 },
  /** One lure of the box against others of its kind. */
  lure: { spread: 0.2, weight: 20 },
  /** What lures have in common. */
  feature: { spread: 0.2, weight: 10 },
  /** The same by the water. */
  crossed: { spread: 0.12, weight: 30 },
} as const;
export type Group = keyof typeof GROUPS;

/** One deviation that counts in a block, and how much; `seat` tells it from all others. */
export interface Effect {
  group: Group;
  name: string;
  seat: string;
  x: number;
}
export const effect = (group: Group, name: string, x = 1): Effect => ({ group, name, seat: `${group}/${name}`, x });

/** Where and on what day: absent where it is not known. */
export interface WaterAndDay {
  water?: string | null;
  trip?: string | null;
}

const DEPTH_OF: Record<WorkingMode, number> = { surface: -1, float: -0.3, swim: 0, tow: 0, vertical: 0.7, bottom: 1 };
const DARKNESS_OF: Record<Colour, number> = { dark: 1, opaque: 0.6, craw: 0.3, natural: 0, flash: -0.5, white: -0.7 };
const LARGEST = 1.5;
const scaled = (x: number, middle: number, spread: number): number => clamp((x - middle) / spread, -LARGEST, LARGEST);

/** What a lure has in common with others, each about −1 to 1. */
function featuresOf(f: Family, colour: Colour | null | undefined): Record<string, number> {
  return {
    loud: scaled(f.action, 0.45, 0.25),
    big: scaled(Math.log(f.lengthM[1]), Math.log(0.08), 0.4),
    fast: scaled(Math.log((f.speedMps[0] + f.speedMps[1]) / 2 + 0.05), Math.log(0.5), 0.6),
    deep: DEPTH_OF[f.mode],
    felt: scaled(f.thump + f.rattle, 0.5, 0.35),
    flash: scaled(f.flash, 0.35, 0.25),
    dark: colour ? DARKNESS_OF[colour] : 0,
  };
}

/** What waters have in common, each about −1 to 1. */
function watersOf(r: ResolvedConditions): Record<string, number> {
  return {
    warm: scaled(r.surfaceTempC, 16, 8),
    murky: scaled(Math.log(1.5), Math.log(r.clarityM), 1),
    bright: scaled(r.sunElevationDeg, 12, 20),
  };
}

/** Differences between lures of the model count as far as this, ln: beyond it says nothing is gained by more. */
const MAX_LEAD = 4;

/**
 * All that may move the strikes of a lure in a water: `lead` is ln of what the model expects of it over what it expects
 * of lures in general there.
 */
export function effectsOf(
  f: Family,
  o: { lead: number; colour?: Colour | null; lure?: string | null } & WaterAndDay,
  r: ResolvedConditions,
): Effect[] {
  const effects: Effect[] = [
    effect('level', 'level'),
    effect('slope', 'slope', clamp(o.lead, -MAX_LEAD, MAX_LEAD)),
    effect('family', f.id),
  ];
  if (o.water) effects.push(effect('water', o.water));
  if (o.water) effects.push(effect('familyWater', `${f.id} ${o.water}`));
  if (o.trip) effects.push(effect('trip', o.trip));
  if (o.trip) effects.push(effect('familyTrip', `${f.id} ${o.trip}`));
  if (o.lure) effects.push(effect('lure', `${f.id} ${o.lure}`));
  const waters = Object.entries(watersOf(r));
  for (const [feature, x] of Object.entries(featuresOf(f, o.colour))) {
    if (x === 0) continue;
    effects.push(effect('feature', feature, x));
    for (const [water, z] of waters) effects.push(effect('crossed', `${feature} ${water}`, x * z));
  }
  return effects;
}
