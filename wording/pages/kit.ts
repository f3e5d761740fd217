import type { Tells } from '../../core/exchange/privacy';
import type { Reel } from '../../core/records/reel';
import type { Rod } from '../../core/records/rod';
import type { PieceKind } from '../../core/water/pieces';
import { counted } from '../count';
import { capital } from '../names';
import { PIECE_NAME } from '../pieces';
import { type UnitPrefs, say } from '../units';

/** The Kit: what is owned, the record, the settings. */
export const KIT_PAGE = {
  onThisDeviceOnly: 'Kept on this device only; nothing is sent anywhere. No word of your record is in it.',
  moreInFile: (n: number): string => `and ${n} more in the file`,
  reportSaved: 'The report is saved as a file, with your downloads.',
  noLures: 'The box is empty: every kind of lure is ranked until you add your own.',
  noTerminal: 'None yet: a soft body without a head gets any weight and hook that is sold.',
  noRods: 'No rod yet: plans need one.',
  rodSub: (r: Pick<Rod, 'lengthM' | 'minLureKg' | 'maxLureKg'>, units: UnitPrefs): string =>
    `${say.depth(r.lengthM, units)}, lures ${say.weight(r.minLureKg, units)}–${say.weight(r.maxLureKg, units)}`,
  noReels: 'No reel yet: plans need one.',
  reelSub: (r: Pick<Reel, 'ratio' | 'spoolM'>, units: UnitPrefs): string =>
    `${r.ratio} to 1, spool ${say.size(r.spoolM, units)}`,
  noLines: 'No line yet: plans need one.',
  noSpots: 'No spot yet. Five or six good ones are plenty.',
  waterGone: 'a water that is gone',
  addPiece: 'Add a piece of cover',
  noPieces: 'No piece of cover yet: a laydown, a dock, a point that casts are planned for.',
  pieceSub: (kind: PieceKind, water: string): string => `${capital(PIECE_NAME[kind])}, ${water}`,
  whatItIs: 'What I own, where I fish, how the app behaves',
  safety:
    'Lightning: off the water at the first sign, and thirty minutes after the last thunder. Cold water: life jacket, dress for the water and not the air, tell someone. Rock and surf: slick, rogue waves, never alone. Wading: shuffle for stingrays, mind mud and tide. Hooks: glasses on.',
  law: 'Licences, seasons, sizes, bag limits and closed waters: local law decides. Nothing here replaces it, nor a guide’s or a doctor’s word.',
  open: (i: { title: string; sub: string; retired: boolean }): string =>
    `${i.title}, ${i.sub}${i.retired ? ', retired' : ''}: open`,
  theBox: 'The box: search, files, doubles, what it lacks',
  spotsFromAbove: 'Spots from above; to and from a file',
  retired: (ofLures: boolean, n: number): string => `${ofLures ? 'Retired and lost' : 'Retired'} (${n})`,
  logAsTables: 'The log as tables',
  unitsOfTables: 'Units of the tables',
  whoReadsThem: 'Who is to read them',
  saveTables: 'Save the log as tables',
  recordTells: (tells: Tells): string =>
    tells === 'all'
      ? 'To keep, or to move to another device: with all of it. To send to somebody, choose less.'
      : `To send to somebody. ${
          tells === 'nothing'
            ? 'Waters, spots and pieces have numbers for names; your notes of them, of days and of strikes stay out.'
            : 'What you wrote yourself stands as you wrote it.'
        } Read back in, it would not bring your places back: keep a whole one too.`,
  recordSaved: 'The record is saved as a file, with your downloads.',
  photosInFile: 'Photos in the file',
  withPhotos: (n: number, bytes: number): string =>
    `With ${counted(n, 'photo')}, about ${Math.max(0.1, bytes / 1e6).toFixed(1)} MB`,
  withoutPhotos: 'Without photos',
  lacking: (n: number): string =>
    n === 1
      ? 'One photo has no picture in the file. Its place in the log is read in without it.'
      : `${n} photos have no pictures in the file. Their places in the log are read in without them.`,
  notSaved: 'The file could not be made. Nothing was changed; try again, or leave the photos out.',
  allIsYours: 'Everything you entered and logged is yours, in one open file.',
  saveRecord: 'Save the record to a file',
  readRecord: 'Read a record from a file…',
  readingFile: 'Reading the file…',
  demoAfresh: 'Load the demo world afresh…',
  demoLook: 'Look around with the demo world…',
  clearAll: 'Clear the whole record on this device? It can be put back here until the next time you replace it.',
  demoTakesPlace: 'The demo world takes the place of what is here, which can be put back afterwards.',
  loadDemo: 'Load the demo world now',
  demoLoaded: 'The demo world is loaded.',
  leaveIt: 'Leave it as it is',
  canBeRead: (records: number, problems: number): string =>
    `${records} records can be read${problems > 0 ? `, ${problems} problem${problems === 1 ? '' : 's'}` : ''}.`,
  andMore: (n: number): string => `and ${n} more`,
  putInPlace: 'Put these in place of what is here',
  readIn: 'The record was read in.',
  refusedForRoom:
    'This device refused to store that; nothing was changed. It may have no room for both records. Save this one to a file, then replace it without keeping it here.',
  replaceUnkept: 'Replace it without keeping it here',
  refused: 'This device refused to store that. Nothing was changed.',
  unread: (n: number): string => `${n} stored value${n === 1 ? '' : 's'} could not be read`,
  keptAside: 'They are kept aside untouched.',
  saveAside: 'Save them to a file',
  lights: 'Noon for glare: black on white, thick lines. Shade for the day. Night to keep your eyes in the dark.',
  singleKeys: 'Single keys to log and move about, for a keyboard; ? lists them',
  disagreeNote: 'Peg the weight? Loud first or quiet? Trebles near wood? Ten questions, each way with its reason.',
  disagreeOpen: 'Choose where anglers disagree',
};
