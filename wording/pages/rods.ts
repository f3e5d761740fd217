import type { SpeciesId } from '../../core/water/terms';
import { SPECIES_NAME, capital } from '../names';
import { say } from '../units';

/** Few rods, and what to pack. */
export const RODS_PAGE = {
  setUpsWaiting: 'The set-ups are still being worked out.',
  backToRods: 'Back to the rods',
  toPrint: 'To print, or to tick off here',
  forFish: (species: SpeciesId, rods: number): string =>
    `${capital(SPECIES_NAME[species])}; ${rods} ${rods === 1 ? 'rod' : 'rods'}`,
  onRod: (lure: string, rod: string | null, i: number): string => `${capital(lure)} on ${rod ?? `rod ${i + 1}`}`,
  forScenarios: (scenarios: string): string => `For ${scenarios}.`,
  law: 'Licence, seasons, sizes, bag limits and closed waters: local law decides. Tell someone where you go and when you are back.',
  noDayYet: 'Start a day on the Water page first: what to take depends on what it may bring.',
  takeAlong: (water: string): string => `What to take along at ${water}`,
  howMany: 'How many rods go',
  noRod: 'There is no rod in the Kit: any lure is taken to have one that casts it.',
  boxEmpty: 'The box is empty: every kind of lure is considered.',
  waiting: 'Trying the box on the hours ahead…',
  backToBest: 'Back to the best set',
  nothingOpen: 'Nothing much: everywhere these do at least half of what the box could.',
  rarer: (n: number): string => `and ${n} rarer ones.`,
  bestOfSet: (share: number): string => `Best of the set for ${say.percent(share)} of the hours`,
  notForNow: 'Not for this very moment: it is for how the hours may turn.',
};
