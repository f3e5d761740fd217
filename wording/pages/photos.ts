import { MAX_PHOTO_PX, MAX_PHOTOS } from '../../core/records/photo';
import { counted } from '../count';

/** Photos of what happened: on the water, in the diary, in a report and in files. */
export const PHOTOS = {
  title: 'Photos',
  add: 'Add a photo',
  addAnother: 'Add another photo',
  storing: 'Storing the photo…',
  stored: 'Photo stored.',
  unreadable: 'That file is not a picture this browser can read. JPEG, PNG and WebP can be read.',
  refused: 'The device did not take the photo; it may be full. The entry itself is safe.',
  full: `One entry holds ${MAX_PHOTOS} photos.`,
  about: `Photos are stored on this device at up to ${counted(MAX_PHOTO_PX, 'pixel')}, without the place and the camera that the file may name.`,
  missing: 'This photo is not on this device.',
  missingWhy: 'This photo is not on this device. Read in a file of your record that was saved with photos.',
  oneOf: (n: number, of: number, what: string): string => `Photo ${n} of ${of}: ${what}`,
  save: 'Save it to a file',
  remove: 'Delete this photo',
  removed: 'Photo deleted.',
  bringBack: 'Bring the photo back',
  close: 'Close',
  previous: 'Previous photo',
  next: 'Next photo',
} as const;
