/** Plain names back to what they stand for, for reading files. */
import { FAMILIES, type FamilyId } from '../core/lures/family';
import { SPECIES, type SpeciesId } from '../core/water/terms';
import { FAMILY_NAME, SPECIES_NAME } from './names';

/** Families by their plain names. */
export const FAMILY_OF_NAME: ReadonlyMap<string, FamilyId> = new Map(FAMILIES.map((f) => [FAMILY_NAME[f], f]));
/** Fish by theirs, in small letters. */
export const SPECIES_OF_NAME: ReadonlyMap<string, SpeciesId> = new Map(
  SPECIES.map((s) => [SPECIES_NAME[s].toLowerCase(), s]),
);
