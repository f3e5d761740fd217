/** All families by id. To change what a family is, edit its row in surface, lipped, flashing, soft, bottom or below. */
import { FAMILIES, type Family, type FamilyId } from '../family';
import { BELOW_FAMILIES } from './below';
import { BOTTOM_FAMILIES } from './bottom';
import { SURFACE_FAMILIES } from './surface';
import { FLASHING_FAMILIES } from './flashing';
import { LIPPED_FAMILIES } from './lipped';
import { SOFT_FAMILIES } from './soft';

const BY_ID = new Map<FamilyId, Family>(
  [
    ...SURFACE_FAMILIES,
    ...LIPPED_FAMILIES,
    ...FLASHING_FAMILIES,
    ...SOFT_FAMILIES,
    ...BOTTOM_FAMILIES,
    ...BELOW_FAMILIES,
  ].map((f) => [f.id, f]),
);

/** The row of a family; every id of FAMILIES has one. */
export const familyById = (id: FamilyId): Family => BY_ID.get(id)!;

/** All families, in the order of FAMILIES. */
export const allFamilies = (): readonly Family[] => FAMILIES.map(familyById);
