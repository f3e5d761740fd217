/** Another hour in words: what the water is like then, what to start with, and what is otherwise than now. */
import { DAY_MIN } from '../core/base/zone';
import type { Ranking } from '../core/ranking/rank';
import type { ResolvedConditions } from '../core/water/resolve';
import { likeliestMood } from '../core/mood/states';
import { capital, list, MOOD_NAME } from './names';
import { clockText } from './time';
import type { Typed } from './typed';
import { say, type UnitPrefs } from './units';
import { skyWord } from './water';

/** A time of the clock, minutes after midnight: “9:30 am”. */
export const clockOfMinutes = (minutes: number, u: UnitPrefs): string => clockText(minutes * 60_000, 'UTC', u);

/** A time of the clock to be typed. */
export const typedHour = (u: UnitPrefs): Typed => ({
  dimension: 'clock',
  fromPlain: (n) => n * 60,
  range: [0, DAY_MIN - 1],
  text: (v) => clockOfMinutes(v, u),
});

/** Below this it is dark, °; below the second the sun is down but it is light. */
const DARK_DEG = -6;

function sunText(deg: number): string {
  if (deg < DARK_DEG) return 'dark';
  return deg < 0 ? 'twilight' : `sun ${Math.round(deg)}° up`;
}

/** What the water is like at an hour, in one line. */
export function hourLine(r: ResolvedConditions, tideMps: number | null, u: UnitPrefs): string {
  const tide =
    tideMps === null
      ? []
      : Math.abs(tideMps) < 0.05
        ? ['slack tide']
        : [`tide ${tideMps > 0 ? 'flooding' : 'ebbing'} at ${say.speed(Math.abs(tideMps), u)}`];
  return `${capital(
    list([
      sunText(r.sunElevationDeg),
      skyWord(r.cloud),
      `wind ${say.wind(r.windMps, u)}`,
      `water ${say.temp(r.surfaceTempC, u)}`,
      ...tide,
    ]),
  )}.`;
}

/** How the fish should be then, beside now. */
export function hourMood(then: Ranking['mood'], now: Ranking['mood'] | null): string {
  const name = MOOD_NAME[likeliestMood(then.distribution)];
  const before = now ? MOOD_NAME[likeliestMood(now.distribution)] : name;
  return name === before ? `The fish should be ${name}.` : `The fish should be ${name}; now they are ${before}.`;
}

/** What to start with, and whether that is what one would start with now. */
export function hourStart(then: string, now: string | null): string {
  if (now === null) return `Start with the ${then}.`;
  return then === now ? `Start with the ${then}, as now.` : `Start with the ${then}; now it is the ${now}.`;
}

/** Where it is known from. */
export const hourFrom = (forecast: boolean, isTide: boolean): string =>
  `${forecast ? 'Wind and sky as the station forecasts them' : 'Wind and sky as you read them'}, sun${isTide ? ' and tide' : ''} of that hour, all else as it is now. What the fish do until then will say more.`;
