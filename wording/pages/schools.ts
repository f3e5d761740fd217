import type { SpeciesId } from '../../core/water/terms';
import { SPECIES_NAME } from '../names';

/** Where good anglers disagree. */
export const SCHOOLS_PAGE = {
  choicesFor: (species: SpeciesId): string => `Your choices for ${SPECIES_NAME[species]}`,
  choicesForAll: 'Your choices for all fish',
  whatItIs: 'Good anglers differ in these, each with reason. Choose as you believe; the choice is kept for this fish.',
  effectsFailed: 'What each would change today could not be worked out.',
  waiting: 'Trying it on today…',
};
