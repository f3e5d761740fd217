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

export const NEWER_TEXT =
  'A newer version of Moss Kettle has stored something that this page cannot read. Nothing is stored from here until you load the page again.';
