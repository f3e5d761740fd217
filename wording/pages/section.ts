import { type UnitPrefs, say } from '../units';

/** The section through the water, and its key. */
export const SECTION_PART = {
  inPicture: 'What is in the picture',
  all: 'All that is in it',
  tipUp: (tipM: number, units: UnitPrefs): string => `tip ${say.depth(tipM, units)} up`,
  keyTitle: 'Key: what is in the picture',
  noWater: 'No water yet: start a day on a water and the section through it appears here.',
  outOfSight: 'lure out of sight',
};
