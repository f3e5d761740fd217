/** How the record is kept on the device, and what went wrong, in words. */
import { dayText } from './time';

export interface KeepingFacts {
  /** The browser has promised not to clear the record by itself; null when it does not say. */
  persistent: boolean | null;
  usedBytes: number | null;
  roomBytes: number | null;
}

const bytesText = (b: number): string =>
  b < 1e6 ? `${Math.max(1, Math.round(b / 1e3))} KB` : `${(b / 1e6).toFixed(b < 1e7 ? 1 : 0)} MB`;

/** Less room than this is worth a word. */
const LOW_BYTES = 20e6;

export function keepingText(k: KeepingFacts): string {
  const promise =
    k.persistent === true
      ? 'The browser has promised to keep your record.'
      : k.persistent === false
        ? 'The browser may clear your record when the device runs short of room: save it to a file now and then.'
        : 'The browser does not say whether it keeps your record: save it to a file now and then.';
  if (k.usedBytes === null || k.roomBytes === null) return promise;
  const left = k.roomBytes - k.usedBytes;
  return `${promise} ${bytesText(k.usedBytes)} in use${left < LOW_BYTES ? `, only ${bytesText(Math.max(0, left))} left` : ''}.`;
}

/** "the page /lessons, 3 times, last Tue, 24 Nov". */
export const troubleText = (t: { where: string; times: number; lastAtMs: number }, zone: string): string =>
  `${t.where[0]!.toUpperCase()}${t.where.slice(1)}${t.times > 1 ? `, ${t.times} times` : ''}, ${t.times > 1 ? 'last ' : ''}${dayText(t.lastAtMs, zone)}`;

/** Whether the application opens without a network; `refused`: the browser keeps nothing of it. */
export const offlineText = (use: 'asking' | 'kept' | 'refused'): string =>
  use === 'refused'
    ? 'This browser does not keep applications for use without a network (a private window, or a setting): open it where there is one.'
    : 'After the first visit every page works without a network.';

/** How the phone is held, and whether its screen stays on. */
export const ON_THE_WATER = {
  hand: 'The hand that holds the phone: keys of the log stand on its side',
  right: 'Right hand',
  left: 'Left hand',
  felt: 'With Buzz on (Retrieve, The beat) the phone tells the hand what is stored: one short buzz a cast, two for what happened, two long ones when it was refused.',
  screen: 'The screen while Strikes is open',
  staysOn: 'Stays on',
  goesDark: 'Goes dark as always',
} as const;
