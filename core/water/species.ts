/**
 * What each species brings: comfort, spawning range, what it eats and how far it moves for it.
 * Temperatures: general fisheries science as tabulated in species profiles (preferred and lethal limits, rounded to 1 °C).
 * Everything about chasing and rising is `prior: judgement`, to be corrected by the angler's own log.
 */
import type { Forage, SpeciesId } from './conditions';
import type { PerMood } from '../mood/states';

export interface SpeciesProfile {
  id: SpeciesId;
  /** Temperature of best performance, °C. */
  toptC: number;
  /** Half-width of the cold side of the comfort curve, °C (Deutsch et al. 2008 form). */
  sigmaC: number;
  ctMaxC: number;
  /** Surface temperature while spawning, °C. */
  spawnC: readonly [number, number];
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
}

const m = (shut: number, reluctant: number, neutral: number, willing: number, aggressive: number): PerMood => [shut, reluctant, neutral, willing, aggressive];

const PROFILES: readonly SpeciesProfile[] = [
  {
    id: 'largemouth-bass', toptC: 27, sigmaC: 8, ctMaxC: 36, spawnC: [16, 21],
    chaseMps: m(0.2, 0.45, 0.8, 1.2, 1.7), reachM: m(0.3, 0.65, 1.1, 1.8, 2.6), wantedPauseS: m(12, 6, 3, 1.5, 0.8),
    preyLengthM: [0.04, 0.095, 0.2], lowLightGain: 0.1, strikesPerZoneMinute: 0.22,
    forage: ['shad', 'bluegill', 'crawfish', 'minnow', 'frog', 'worm', 'perch'], softMouth: false,
  },
  {
    id: 'crappie', toptC: 23, sigmaC: 8, ctMaxC: 33, spawnC: [15, 20],
    chaseMps: m(0.1, 0.2, 0.4, 0.65, 0.9), reachM: m(0.2, 0.4, 0.8, 1.3, 1.8), wantedPauseS: m(12, 7, 4, 2, 1),
    preyLengthM: [0.02, 0.04, 0.075], lowLightGain: 0.08, strikesPerZoneMinute: 0.3,
    forage: ['minnow', 'shad', 'silverside', 'insect'], softMouth: true,
  },
  {
    id: 'spotted-seatrout', toptC: 26, sigmaC: 7, ctMaxC: 36, spawnC: [21, 30],
    chaseMps: m(0.2, 0.45, 0.8, 1.25, 1.7), reachM: m(0.3, 0.6, 1.1, 1.8, 2.6), wantedPauseS: m(10, 5, 2.5, 1.3, 0.7),
    preyLengthM: [0.05, 0.09, 0.16], lowLightGain: 0.14, strikesPerZoneMinute: 0.2,
    forage: ['mullet', 'shrimp-small', 'shrimp-large', 'menhaden', 'silverside'], softMouth: true,
  },
];

/** The profile of a species, or null while it is not built. */
export const speciesProfile = (id: SpeciesId): SpeciesProfile | null => PROFILES.find((p) => p.id === id) ?? null;

export const builtSpecies = (): readonly SpeciesId[] => PROFILES.map((p) => p.id);
