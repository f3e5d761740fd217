/** How the angler wants the app. One record, `mine`. */
import * as z from 'zod';
import { once } from '../base/once';
import { schoolsSchema } from '../schemas/plan';
import { withDefaults, type Schools } from '../ranking/schools';
import { STATION_FAULTS } from '../stations/answer';
import { defineRecord, onlyWidened } from './define';
import { id, ms } from './fields';
import { SPECIES, type SpeciesId } from '../water/terms';

const unitsSchema = once(() =>
  z.strictObject({
    temp: z.enum(['F', 'C']),
    depth: z.enum(['ft', 'm']),
    size: z.enum(['in', 'cm']),
    weight: z.enum(['oz', 'g']),
    line: z.enum(['lb', 'kg']),
    speed: z.enum(['mph', 'kmh']),
    money: z.enum(['$', '€', '£', 'kr']),
  }),
);

/** Noon: strongest contrast, thick strokes; Shade: the default; Night: dim and warm. */
export const LIGHTS = ['noon', 'shade', 'night'] as const;
export type Light = (typeof LIGHTS)[number];

export const HAND_SIDES = ['right', 'left'] as const;

/** How the angler wants the application; one record. */
export const preferencesRecord = defineRecord(
  'preferences',
  () =>
    z.strictObject({
      id: z.literal('mine'),
      units: unitsSchema(),
      light: z.enum(LIGHTS),
      textScale: z.number().min(1).max(2),
      /** Single letters log and lead about. */
      shortcuts: z.boolean(),
      /** Where good anglers disagree: what was chosen, for all fish and for some alone. */
      schools: z.strictObject({ all: schoolsSchema(), bySpecies: z.partialRecord(z.enum(SPECIES), schoolsSchema()) }),
      /** Every lure with its numbers, or three that are hard to fish wrong. */
      choosing: z.enum(['all', 'simple']),
      /** How the readings are laid out. */
      readingSheet: z.enum(['tiles', 'dense']),
      /** The hand that holds the phone: what it must reach stands on its side. */
      hand: z.enum(HAND_SIDES),
      /** Whether the screen stays on while one fishes. */
      staysOn: z.boolean(),
      /** What the beat does besides the picture; `counts`: played to its end it is logged as a cast. */
      beat: z.strictObject({ sound: z.boolean(), buzz: z.boolean(), counts: z.boolean() }),
      /** The fault the stand-in stations are asked to have. */
      stationFault: z.enum(STATION_FAULTS),
      /** Demo world: the moment it stands for, and when it was loaded. */
      demoClock: z.strictObject({ demoAtMs: ms, realAtMs: ms }).nullable(),
      activeTripId: id.nullable(),
      lastRodId: id.nullable(),
      lastReelId: id.nullable(),
      lastLineId: id.nullable(),
      /** The rod that a lure was last put on, by lure: it comes with its reel and line. */
      rodByLure: z.record(id, id),
    }),
  [
    { change: 'a third light, and a switch for the keys', up: (old) => ({ ...old, shortcuts: true }) },
    {
      change: 'stations, the moon, the layout of the readings, the beat',
      up: (old) => ({
        ...old,
        moon: 'shown',
        stationFault: 'none',
        readingSheet: 'tiles',
        beat: { sound: true, buzz: true },
      }),
    },
    {
      change: 'all schools, for one fish too, and three simple lures',
      up: ({ peg, moon, ...rest }) => ({ ...rest, schools: { all: { peg, moon }, bySpecies: {} }, choosing: 'all' }),
    },
    onlyWidened('one more school'),
    {
      change: 'the sign of the money',
      up: (old) => ({ ...old, units: { ...(old.units as Record<string, unknown>), money: '$' } }),
    },
    { change: 'the rod of each lure', up: (old) => ({ ...old, rodByLure: {} }) },
    {
      change: 'the hand that holds the phone, whether its screen stays on, whether a beat counts as a cast',
      up: (old) => ({ ...old, hand: 'right', staysOn: true, beat: { ...(old.beat as object), counts: false } }),
    },
  ],
);
export type Preferences = z.infer<typeof preferencesRecord.schema>;

/** What holds until the angler says otherwise. */
export const DEFAULT_PREFERENCES: Preferences = {
  id: 'mine',
  units: { temp: 'F', depth: 'ft', size: 'in', weight: 'oz', line: 'lb', speed: 'mph', money: '$' },
  light: 'shade',
  textScale: 1,
  shortcuts: true,
  schools: { all: {}, bySpecies: {} },
  choosing: 'all',
  readingSheet: 'tiles',
  hand: 'right',
  staysOn: true,
  beat: { sound: true, buzz: true, counts: false },
  stationFault: 'none',
  demoClock: null,
  activeTripId: null,
  lastRodId: null,
  lastReelId: null,
  lastLineId: null,
  rodByLure: {},
};

/** The schools that hold for a fish: its own choices, over those for all, over the defaults. */
export const schoolsOf = (prefs: Preferences, species: SpeciesId | null): Schools =>
  withDefaults({ ...prefs.schools.all, ...(species ? prefs.schools.bySpecies[species] : {}) });
