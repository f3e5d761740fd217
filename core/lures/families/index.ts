/** All families by id. To change what a family is, edit its row in surface.ts, swimming.ts, bottom.ts or below.ts. */
import { FAMILIES, type Family, type FamilyId } from '../family';
import { BELOW_FAMILIES } from './below';
import { BOTTOM_FAMILIES } from './bottom';
import { SURFACE_FAMILIES } from './surface';
import { SWIMMING_FAMILIES } from './swimming';

const BY_ID = new Map<FamilyId, Family>([...SURFACE_FAMILIES, ...SWIMMING_FAMILIES, ...BOTTOM_FAMILIES, ...BELOW_FAMILIES].map((f) => [f.id, f]));

export const familyById = (id: FamilyId): Family => BY_ID.get(id)!;

export const allFamilies = (): readonly Family[] => FAMILIES.map(familyById);
