/** The whole record in words: what was kept when it was replaced. */
import type { Before } from '../core/records/replaced';
import { clockText, dayText } from './time';
import type { UnitPrefs } from './units';

const BY: Record<Before['by'], string> = {
  import: 'you read in a file',
  clear: 'you cleared it',
  demo: 'the demo world came in its place',
  'put-back': 'you put the other one back',
};

export const beforeText = ({ atMs, by, records }: Before, zone: string, u: UnitPrefs): string =>
  `Kept from before ${BY[by]} (${dayText(atMs, zone)}, ${clockText(atMs, zone, u)}): ${records === 1 ? 'one record' : `${records} records`}.`;

/** A change that was dropped, with what is wrong with it. */
export const droppedText = (what: string): string =>
  `That was not kept: it would have made the record unreadable (${what}). All else stands as it was.`;

export const NOT_OPENED_TEXT =
  'The record on this device could not be opened. Nothing has been changed. A browser that is told to keep no data of this site, or a private window, can be the reason. You can go on all the same: what you log is then gone when this page closes, unless you save it to a file.';
export const IN_MEMORY_TEXT =
  'Nothing is stored on this device. What you log lives on this page alone and is gone when it closes: save it to a file first.';

export const NEWER_TEXT =
  'A newer version of Moss Kettle has stored something that this page cannot read. Nothing is stored from here until you load the page again.';
