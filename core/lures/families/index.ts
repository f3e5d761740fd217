/** All built families by id. To change what a family is, edit its row in surface.ts, swimming.ts or bottom.ts. */
import { BUILT_FAMILIES, type Family, type FamilyId } from '../family';
import { BOTTOM_FAMILIES } from './bottom';
import { SURFACE_FAMILIES } from './surface';
import { SWIMMING_FAMILIES } from './swimming';

const BY_ID = new Map<FamilyId, Family>([...SURFACE_FAMILIES, ...SWIMMING_FAMILIES, ...BOTTOM_FAMILIES].map((f) => [f.id, f]));

export const familyById = (id: FamilyId): Family => BY_ID.get(id)!;

export const isBuiltFamily = (id: string): id is FamilyId => BY_ID.has(id as FamilyId);

export const allFamilies = (): readonly Family[] => BUILT_FAMILIES.map(familyById);
