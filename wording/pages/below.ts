import { type UnitPrefs, say } from '../units';

/** Below the boat, or towed behind it. */
export const BELOW_PAGE = {
  workingDepthNote: 'How deep it should work: the marks, or any depth',
  workingDepth: 'How deep it should work',
  boatSpeed: 'How fast the boat moves over the water',
  lineMarks: 'Marks on the line',
  lineMarksNote: 'Length between two marks or colours on your line',
  fishAt: (depthM: number, units: UnitPrefs): string => `Fish it at ${say.depth(depthM, units)}`,
  throughWater: 'Speed through the water',
  letLureDecide: 'Let the lure decide',
  lineWeight: 'Weight on the line',
  weightNote: (aheadM: number, units: UnitPrefs): string =>
    `A weight tied in ${say.depth(aheadM, units)} ahead of the lure takes it down on less line`,
  towAt: (mps: number, units: UnitPrefs): string => `Tow it at ${say.speed(mps, units)}`,
  depthsAre:
    'The depths of the fish are the marks you tapped on the Water page, or else the band they should hold in. Keep a lookout ahead while you watch the line.',
  waiting: 'Letting it down on the model…',
  noDay: 'Start a day and choose a lure first.',
  title: (lure: string): string => `${lure}, when nothing is cast`,
  otherLure: 'Choose another lure',
  howFished: 'How it is fished',
};
