import type { Measurement } from '../../core/records/measurement';
import type { LineSpec } from '../../core/tackle/line';
import { measurementText } from '../measure';
import { type UnitPrefs, say } from '../units';

/** One thing of the Kit: its form and what was measured of it. */
export const EDIT_PAGE = {
  noSuchPage: 'There is no such page in the Kit.',
  gone: (kind: string): string => `This ${kind} is not in the Kit any more.`,
  goesOn: 'This goes on where you left it.',
  bringBack: (kind: string): string => `Bring this ${kind} back`,
  retiredLures: 'Retired lures keep their place in your record.',
  retiredThings: 'Retired things are kept, out of the way.',
  takenBack: (c: Measurement, units: UnitPrefs): string => `Taken back: ${measurementText(c, units)}.`,
  howWellKnown: 'How well it is known',
  handleTurnsASecond: 'Turns of the handle a second',
  onTheLine: (line: Pick<LineSpec, 'strengthLb' | 'material'>, units: UnitPrefs): string =>
    `On the line in use: ${say.line(line.strengthLb, units)} ${line.material}. Another line: change it on Retrieve first.`,
  takeBack: (c: Measurement, units: UnitPrefs): string => `Take back: ${measurementText(c, units)}`,
};
