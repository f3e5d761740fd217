/** A piece of cover sketched by its corners. */
import { counted } from '../count';
import { say, type UnitPrefs } from '../units';

export const SKETCH = {
  title: 'Sketch it, if you like',
  paper: 'How much the paper shows',
  takeLast: 'Take the last corner back',
  wipe: 'Wipe it off',
  bringBack: 'Bring it back',
  water: 'open water',
  how: 'Touch its corners one after another, all the way round. Length and width follow from them. By keys: the arrows move the cross, Enter puts a corner there, Backspace takes the last one back.',
  square: (side: string): string => `A square is ${side}.`,
  none: 'Not sketched: it is drawn by its length and width.',
  few: (n: number): string => `${counted(n, 'corner')}: three make a shape.`,
  full: 'No more corners fit.',
} as const;

/** "5 corners: 30 ft long, 14 ft wide." */
export const sketchedText = (corners: number, lengthM: number, widthM: number, u: UnitPrefs): string =>
  `${counted(corners, 'corner')}: ${say.distance(lengthM, u)} long, ${say.distance(widthM, u)} wide.`;

/** Where the cross stands, for the ear: "Cross 12 ft in, 6 ft from the left; 3 corners." */
export const crossText = (upM: number, acrossM: number, corners: number, u: UnitPrefs): string =>
  `Sketch pad. Cross ${say.distance(upM, u)} in from the lower edge, ${say.distance(acrossM, u)} from the left; ${counted(corners, 'corner')}.`;
