import type { FamilyId } from '../../core/lures/family';
import type { Plan } from '../../core/planning/plan/answer';
import type { SpeciesId } from '../../core/water/terms';
import { FAMILY_NAME, SPECIES_NAME, capital } from '../names';
import { type UnitPrefs, say } from '../units';

/** The plan card for the pocket. */
export const CARD_PAGE = {
  noPlan: 'There is no plan to put on a card yet.',
  stillWorking: 'Still being worked out: these figures may change a little in a moment.',
  lure: (family: FamilyId, weightKg: number, line: string, units: UnitPrefs): string =>
    `${capital(FAMILY_NAME[family])}, ${say.weight(weightKg, units)}, on ${line}`,
  where: (water: string, day: string, species: SpeciesId, band: string): string =>
    `${water}, ${day}, ${SPECIES_NAME[species]} at ${band}`,
  share: (p: Pick<Plan, 'zoneShare' | 'range' | 'beside'>): string =>
    `${p.beside ? `At its depth, ${p.beside} the fish,` : 'Among the fish'} ${say.percent(p.zoneShare.mean)} of the cast${p.range ? ` (${Math.round(100 * p.zoneShare.low)}–${say.percent(p.zoneShare.high)})` : ''}.`,
};
