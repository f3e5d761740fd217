/** What was advised along a day, and what was done then: sentences of its page. */
import type { AdviceAndDid, Did } from '../core/log/adviceDid';
import type { AdviceGiven, Change } from '../core/records/advice';
import { counted } from './count';
import { clockText } from './time';
import type { UnitPrefs } from './units';

const GIVEN_CHANGE: Record<Change, (lure: string | null) => string> = {
  depth: () => 'change its depth, or the angle',
  pace: () => 'change the pace, or the hang',
  lure: (lure) => `tie on ${lure ? `the ${lure}` : 'another lure'}`,
  spot: () => 'try another spot',
};

function givenText({ code, what, lure, untilMs }: AdviceGiven, zone: string, u: UnitPrefs): string {
  switch (code) {
    case 'change':
      return what ? GIVEN_CHANGE[what](lure) : 'change one thing';
    case 'asked':
      return 'work it as the bites had asked';
    case 'school':
      return `back through the school${lure ? ` with the ${lure}` : ''}`;
    case 'again':
      return 'the same cast again, slower';
    case 'rest':
      return `leave that place alone${untilMs === null ? '' : ` until ${clockText(untilMs, zone, u)}`}`;
  }
}

const DID_CHANGE: Record<Change, (lure: string) => string> = {
  depth: () => 'You changed its depth or the angle',
  pace: () => 'You changed how it was worked',
  lure: (lure) => `You tied on the ${lure}`,
  spot: () => 'You went to another spot',
};

function didText(code: AdviceGiven['code'], did: Did): string {
  switch (did.code) {
    case 'changed':
      return `${DID_CHANGE[did.what](did.lure)}${did.casts > 0 ? ` after ${counted(did.casts, 'more cast')}` : ''}.`;
    case 'went-on':
      // Whether they went to the place that was to rest nobody knows.
      return code === 'change' || code === 'asked'
        ? `You went on as before: ${counted(did.casts, 'cast')}.`
        : `${counted(did.casts, 'cast')} followed.`;
    case 'ended':
      return 'Nothing was logged after it.';
  }
}

/** What was advised and what was done: "7:12 am: change its depth, or the angle. You tied on the Humming skirt." */
export const adviceDidText = ({ given, did }: AdviceAndDid, zone: string, u: UnitPrefs): string =>
  `${clockText(given.atMs, zone, u)}: ${givenText(given, zone, u)}. ${didText(given.code, did)}`;
