/** The spots' page, and the pin that Strikes puts there, in one piece: both lay the earth flat, no first page does. */
export { pinHere } from './pinHere';
export { SpotsScreen } from './SpotsScreen';
