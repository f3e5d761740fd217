/**
 * Where a kind of lure belongs: what practised anglers throw for which fish. Anything can catch anything; but nobody
 * throws a safety-pin spinner for kings off a jetty, and whoever does fishes alone. A reason among the others, never an
 * exclusion. prior: judgement of who throws what.
 */
import { lerp } from '../base/numbers';
import type { CoverKind, SpeciesId } from '../water/terms';
import type { FamilyId } from './family';

/** Fish that are fished for with the same box. */
type Circle = 'bass' | 'panfish' | 'trout' | 'snakehead' | 'inshore' | 'surf' | 'outer';

const CIRCLE_OF: Record<SpeciesId, Circle> = {
  'largemouth-bass': 'bass',
  'smallmouth-bass': 'bass',
  'spotted-bass': 'bass',
  'white-bass': 'bass',
  walleye: 'bass',
  crappie: 'panfish',
  bluegill: 'panfish',
  'yellow-perch': 'panfish',
  snakehead: 'snakehead',
  'brown-trout': 'trout',
  'rainbow-trout': 'trout',
  'lake-trout': 'trout',
  'coho-salmon': 'trout',
  'chinook-salmon': 'trout',
  'spotted-seatrout': 'inshore',
  'red-drum': 'inshore',
  flounder: 'inshore',
  snook: 'inshore',
  'striped-bass': 'surf',
  'european-sea-bass': 'surf',
  bluefish: 'surf',
  'jack-crevalle': 'outer',
  'king-mackerel': 'outer',
  'spanish-mackerel': 'outer',
  tarpon: 'outer',
  cobia: 'outer',
};

type Row = Partial<Record<Circle, number>>;
/** Of a lure that suits by all else, what is left where it does not belong; absent: all of it. */
const SALT_STRANGER = { inshore: 0.4, surf: 0.4, outer: 0.12 } as const;
const SALT_GUEST = { inshore: 0.6, surf: 0.6, outer: 0.3 } as const;
const FRESH_STRANGER = { bass: 0.4, panfish: 0.4, trout: 0.4, snakehead: 0.4 } as const;
const BELONGS: Partial<Record<FamilyId, Row>> = {
  'football-jig': { ...SALT_STRANGER, trout: 0.3 },
  'carolina-rig': { ...SALT_STRANGER, trout: 0.3, snakehead: 0.5 },
  'flipping-jig': { ...SALT_STRANGER, trout: 0.3 },
  'finesse-jig': { ...SALT_STRANGER, trout: 0.4 },
  'shaky-head': { ...SALT_STRANGER, trout: 0.3 },
  'drop-shot': { ...SALT_STRANGER, snakehead: 0.5, trout: 0.4 },
  'texas-rig': { inshore: 0.55, surf: 0.4, outer: 0.12, trout: 0.3 },
  'square-bill': SALT_STRANGER,
  'deep-crank': SALT_STRANGER,
  spinnerbait: { inshore: 0.55, surf: 0.45, outer: 0.12, trout: 0.6 },
  'bladed-jig': { ...SALT_GUEST, trout: 0.6 },
  'swim-jig': SALT_GUEST,
  'inline-spinner': { inshore: 0.6, surf: 0.6, outer: 0.4 },
  'blade-bait': SALT_STRANGER,
  buzzbait: { inshore: 0.5, surf: 0.3, outer: 0.12, trout: 0.4 },
  'hollow-frog': { inshore: 0.3, surf: 0.12, outer: 0.05, trout: 0.3 },
  'prop-bait': SALT_GUEST,
  popper: { inshore: 0.7, trout: 0.5 },
  'floating-minnow': { inshore: 0.8 },
  'lipless-vibrating': { inshore: 0.75, surf: 0.75, outer: 0.5 },
  'suspending-jerkbait': { inshore: 0.75, outer: 0.6 },
  'sinking-twitchbait': { ...FRESH_STRANGER, bass: 0.55, surf: 0.75, outer: 0.6 },
  'shrimp-imitation': { ...FRESH_STRANGER, inshore: 1.2, surf: 0.6, outer: 0.3 },
  'popping-cork-shrimp': { ...FRESH_STRANGER, surf: 0.4, outer: 0.12 },
  'bucktail-jig': { bass: 0.6, panfish: 0.6, snakehead: 0.5, inshore: 1.15 },
  paddletail: { inshore: 1.25 },
  'slender-metal': { bass: 0.6, snakehead: 0.3, inshore: 0.6 },
  'panfish-jig-straight': { bass: 0.6, trout: 0.5, inshore: 0.3, surf: 0.1, outer: 0.05, snakehead: 0.2 },
  'panfish-jig-action': { bass: 0.6, trout: 0.6, inshore: 0.3, surf: 0.1, outer: 0.05, snakehead: 0.2 },
  'small-swimbait': { outer: 0.4, surf: 0.6 },
  'soft-jerk-weightless': { outer: 0.5 },
  'big-swimbait': { panfish: 0.2, inshore: 0.6 },
};

/** What one fish is known for beyond its circle. */
const KNOWN_FOR: Partial<Record<SpeciesId, Partial<Record<FamilyId, number>>>> = {
  'king-mackerel': { 'floating-minnow': 1.3, 'sinking-twitchbait': 0.5 },
  'spanish-mackerel': { 'casting-spoon': 1.3, 'slender-metal': 1.3, 'sinking-twitchbait': 0.4 },
  tarpon: { paddletail: 1.2, 'big-swimbait': 1.2, 'casting-spoon': 0.5, 'slender-metal': 0.5, popper: 0.15 },
  cobia: { 'bucktail-jig': 1.3, 'big-swimbait': 1.2, 'sinking-twitchbait': 0.4 },
  'jack-crevalle': { popper: 1.3, 'sinking-twitchbait': 0.4 },
  'red-drum': { spinnerbait: 0.75, 'casting-spoon': 1.3 },
  'european-sea-bass': {
    'soft-jerk-weightless': 1.3,
    'walking-bait': 1.2,
    popper: 1.1,
    'big-swimbait': 0.5,
    'lipless-vibrating': 0.5,
  },
  'striped-bass': { 'bucktail-jig': 1.2, 'floating-minnow': 1.1 },
  flounder: {
    paddletail: 1.3,
    'bucktail-jig': 1.2,
    'shrimp-imitation': 1.3,
    'lipless-vibrating': 0.4,
    'sinking-twitchbait': 0.5,
    spinnerbait: 0.4,
  },
  snakehead: {
    'bladed-jig': 1.3,
    'inline-spinner': 1.2,
    'hollow-frog': 1.2,
    paddletail: 1.1,
    'suspending-jerkbait': 0.5,
    'floating-minnow': 0.6,
    'soft-jerk-weightless': 0.7,
  },
};

/** Made for plants: what is left of it where there are none. */
const FOR_PLANTS: Partial<Record<FamilyId, number>> = { 'swim-jig': 0.85 };
const PLANTS: readonly CoverKind[] = ['pads', 'matted-grass', 'submerged-grass', 'reeds'];
/** From this thick on plants count as such. */
const GROWN = 0.2;

function amongPlants(family: FamilyId, { kind, density }: { kind: CoverKind; density: number }): number {
  const away = FOR_PLANTS[family] ?? 1;
  return PLANTS.includes(kind) ? lerp(away, 1, Math.min(1, density / GROWN)) : away;
}

/**
 * How far a kind of lure is at home with a fish in this cover: 1 as any, above 1 what is thrown first, down to 0.05
 * hardly ever.
 */
export const belonging = (family: FamilyId, species: SpeciesId, cover: { kind: CoverKind; density: number }): number =>
  (KNOWN_FOR[species]?.[family] ?? BELONGS[family]?.[CIRCLE_OF[species]] ?? 1) * amongPlants(family, cover);
