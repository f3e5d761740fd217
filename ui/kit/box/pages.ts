/** The pages of the box, in one piece: what they share is no part of any other page. */
export { BoxScreen } from './BoxScreen';
export { BoxSheetScreen } from './BoxSheetScreen';
