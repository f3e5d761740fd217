/** All species by id, and which of them a water can hold. */
import { FRESH } from './fresh';
import type { SpeciesProfile } from './profile';
import { SALT } from './salt';
import { SPECIES, type Salinity, type Setting, type SpeciesId } from '../terms';

export type { SpeciesProfile } from './profile';

const BY_ID = new Map([...FRESH, ...SALT].map((p) => [p.id, p]));

/** The row of a species; every id of SPECIES has one. */
export const speciesProfile = (id: SpeciesId): SpeciesProfile => BY_ID.get(id)!;

/** The species fished for in such a water, those at home there first. */
export const speciesIn = (setting: Setting, salinity: Salinity): readonly SpeciesId[] =>
  SPECIES.filter((id) => {
    const { lives } = speciesProfile(id);
    if (!lives.includes(setting)) return false;
    // Through the ice of fresh water no fish of the sea, and the other way about.
    return setting !== 'ice' || (salinity === 'fresh') === FRESH.some((p) => p.id === id);
  });
