/**
 * Conditions: what is known of the water, all SI. Everything but the species and the setting may be left out; a missing
 * reading becomes a distribution over a stated default and is marked assumed (resolve.ts). The readings themselves are
 * the rows of readings.ts.
 *
 * Axes: x runs from the angler to the target, y to the angler's left, z up. An angle of wind or current says where it
 * moves: 0° from the target towards the angler, 90° from the angler's right to the left, 180° away from the angler; a
 * speed U at angle θ is the velocity U·(−cos θ, sin θ) in x and y.
 */
import type { KeyAt, ValueOf } from './readings';
import type { Setting, SpeciesId } from './terms';

type Given<K extends KeyAt<'water' | 'sky' | 'top'>> = { [P in K]?: ValueOf<P> | null };

/** The water as it was read: every reading may be left out. */
export type Water = { setting: Setting } & Given<KeyAt<'water'>>;
/** The sky as it was read. */
export type Sky = Given<KeyAt<'sky'>>;
/** All that was read of a day, and the fish that is meant. SI; resolve.ts fills in the rest. */
export type Conditions = { species: SpeciesId; water: Water; sky?: Sky | null } & Given<KeyAt<'top'>>;
