/** What each species brings: comfort, spawning range, where it lives, what it eats and how far it moves for it. */
import type { PerMood } from '../moods';
import type { Forage, Setting, SpeciesId } from '../terms';

/** Sharp ones hold; cutting ones part any line but wire. */
export const TEETH = ['none', 'rasp', 'sharp', 'cutting'] as const;
export type Teeth = (typeof TEETH)[number];

/** What the hands must know when one is landed. */
export const HANDLING = [
  'spines',
  'gill-plates',
  'teeth',
  'soft-mouth',
  'slime',
  'warm-water',
  'from-depth',
  'heavy',
  'rolls',
] as const;
export type Handling = (typeof HANDLING)[number];

/** What local law often regulates for this fish; never more than a reminder to ask. */
export const LEGAL_REMINDERS = ['spawn-closure', 'slot', 'invasive', 'tag', 'bag', 'stocked-permit'] as const;
export type LegalReminder = (typeof LEGAL_REMINDERS)[number];

/** Where the figures of a row come from; docs/SPECIES.md writes them out. */
export const FIGURE_SOURCES = [
  'preference',
  'tolerance',
  'lakes',
  'profiles',
  'bass-europe',
  'invader',
  'judgement',
] as const;
export type FigureSource = (typeof FIGURE_SOURCES)[number];

/** A kind of fish: what it likes, where it lives, how far and fast it comes. SI; docs/SPECIES.md has the sources. */
export interface SpeciesProfile {
  id: SpeciesId;
  /** Temperature of best performance, °C. */
  toptC: number;
  /** Half-width of the cold side of the comfort curve, °C (Deutsch et al. 2008 form). */
  sigmaC: number;
  ctMaxC: number;
  /** Surface temperature while spawning, °C. */
  spawnC: readonly [number, number];
  /** Spawns as the water cools, in the second half of the year. */
  spawnsInAutumn: boolean;
  /** Where it is fished for. */
  lives: readonly Setting[];
  /** Usual depth of the fish as a share of the water's depth: in the cold, in between, in the heat. */
  depthShare: readonly [cold: number, mild: number, hot: number];
  /** Fastest lure the fish will run down, m/s, by mood at best temperature. */
  chaseMps: PerMood;
  /** How far a fish leaves its depth to take a lure, m, by mood. */
  reachM: PerMood;
  /** Longest pause that still looks alive / shortest it needs, s, by mood: the wanted hang. */
  wantedPauseS: PerMood;
  /** Preferred lure length, m: smallest, best, largest that still fits the mouth. */
  preyLengthM: readonly [number, number, number];
  /** ln-gain of a strike per tenfold loss of light below bright day: low-light feeders above 0. */
  lowLightGain: number;
  /** Strikes per minute of a lure that is surely noticed and wanted, in its band: λ0. */
  strikesPerZoneMinute: number;
  /** Forage it takes by choice. */
  forage: readonly Forage[];
  /** Paper-thin mouths lose more fish. */
  softMouth: boolean;
  teeth: Teeth;
  handling: readonly Handling[];
  legal: readonly LegalReminder[];
  sources: readonly FigureSource[];
}
