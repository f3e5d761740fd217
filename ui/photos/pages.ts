/** Photos, in one piece that is read in where one is shown or added, taken out or in. */
export { DayPhotos, SheetPhotos } from './DayPhotos';
export { EventPhotos } from './EventPhotos';
export { keepPictures, lackingPictures, pictureEntries } from './files';
