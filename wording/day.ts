/** The day ahead in words: best hours, tide, rounds of spots, rest, stations, cautions. */
import { directionName } from './direction';
import type { Caution, CautionCode } from '../core/cautions/cautions';
import type { BestTime, DayFactor, DayLine } from '../core/forecast/line';
import type { LeftOver, RestingSpot } from '../core/forecast/rest';
import { placeText } from './events';
import type { StationFault } from '../core/stations/answer';
import type { StationReading } from '../core/stations/reading';
import type { StationProblemCode } from './problems';
import { capital, FRONT_NAME, list } from './names';
import { thrownAtName } from './pieces';
import { clockText, dayText } from './time';
import { say, type UnitPrefs } from './units';
import { skyWord } from './water';

const FACTOR_TEXT: Record<DayFactor, string> = {
  comfort: 'the water is nearest to what they like',
  trend: 'the water changes the right way',
  front: 'of the front',
  light: 'the light at their depth suits them',
  current: 'the current runs',
  bait: 'of the bait',
  pressure: 'few others fish',
  barometer: 'of the barometer',
  season: 'of the season',
  full: 'they are hungry',
  'low-light': 'they hunt in low light',
  moon: 'a moon period falls in it',
};

/** "better by half than the rest of the day". */
function timesText(times: number): string {
  const more = times - 1;
  if (more < 0.04) return 'hardly better than the rest of the day';
  return `${say.percent(more)} better than the day as a whole`;
}

/** A day to choose: `ahead` days from today. */
export const dayTitle = (ahead: number, atMs: number, zone: string): string =>
  ahead === 0 ? 'Today' : ahead === 1 ? 'Tomorrow' : dayText(atMs, zone);

export const BEYOND_FORECAST =
  'The forecast does not reach this day: sky, wind and warmth are taken as they are now. Sun, moon and tide are worked out for the day itself.';

export function bestText(b: BestTime, zone: string, u: UnitPrefs): string {
  const why = list(b.because.slice(0, 3).map((x) => FACTOR_TEXT[x.factor]));
  return `Best two hours: ${clockText(b.fromMs, zone, u)} to ${clockText(b.toMs, zone, u)}, ${timesText(b.times)}${why ? `, because ${why}` : ''}.`;
}

const FACTOR_SHORT: Record<DayFactor, string> = {
  comfort: 'warmest water',
  trend: 'water turning',
  front: 'the front',
  light: 'the light they like at their depth',
  current: 'running water',
  bait: 'bait',
  pressure: 'quiet',
  barometer: 'the barometer',
  season: 'the season',
  full: 'hunger',
  'low-light': 'low light',
  moon: 'moon',
};
/** One line for the Water page. */
export function bestShort(b: BestTime, zone: string, u: UnitPrefs): string {
  const why = b.because.slice(0, 2).map((x) => FACTOR_SHORT[x.factor]);
  return `Best ${clockText(b.fromMs, zone, u)}–${clockText(b.toMs, zone, u)}${why.length > 0 ? `: ${list(why)}` : ''}`;
}

/** "12 min", "3 h", "2 days". */
export function ageText(ms: number): string {
  const min = Math.max(0, Math.round(ms / 60_000));
  if (min < 90) return `${min} min`;
  const h = Math.round(min / 60);
  return h < 48 ? `${h} h` : `${Math.round(h / 24)} days`;
}

const PROBLEM_TEXT: Record<StationProblemCode, string> = {
  'too-slow': 'did not answer in time',
  'out-of-order': 'is out of order',
  nonsense: 'sent something that cannot be right; none of it is used',
};

export interface StationFacts {
  name: string | null;
  ageMs: number | null;
  asking: boolean;
  slow: boolean;
  problem: StationProblemCode | null;
  via: 'server' | 'device' | null;
  /** Whether the last good report still says something of now. */
  used: boolean;
}

export function stationText(s: StationFacts): string {
  const name = s.name ?? 'The station';
  const kept =
    s.ageMs === null
      ? 'There is no earlier report: set the readings by hand.'
      : `Its last good report is ${ageText(s.ageMs)} old${s.used ? '' : ' and too old to use: set the readings by hand'}.`;
  if (s.problem) return `${name} ${PROBLEM_TEXT[s.problem]}. ${kept}`;
  if (s.slow) return `${name} is slow to answer; the day goes on without it. ${kept}`;
  if (s.ageMs === null) return s.asking ? `Asking ${name}…` : `${name} has not reported yet.`;
  if (!s.used) return `${name} sends old news. ${kept}`;
  return `${name}, a made-up station: its report is ${ageText(s.ageMs)} old${s.via === 'device' ? ', made on this device' : ''}.`;
}

const REST_WHY: Record<RestingSpot['kind'], string> = {
  missed: 'a fish was missed and not stung',
  bump: 'a fish bumped the lure',
  lost: 'a fish felt the hook',
};
/** `spot`: the name of the spot, or of the piece of cover where it is known which place of it. */
export function restText(r: RestingSpot, spot: string, zone: string, nowMs: number, u: UnitPrefs): string {
  const ready = r.readyAtMs <= nowMs;
  const name = r.at ? `${thrownAtName(r.at)} at ${spot}` : placeText(r.place, spot);
  return ready
    ? `${capital(name)} has rested: ${REST_WHY[r.kind]} at ${clockText(r.sinceMs, zone, u)}. Go back now.`
    : `Leave ${name} until ${clockText(r.readyAtMs, zone, u)}: ${REST_WHY[r.kind]} at ${clockText(r.sinceMs, zone, u)}.`;
}

/** A fish of an earlier day: "A fish was lost at the gravel sill on Tue 6 Oct: worth a try." */
export const leftOverText = (l: LeftOver, spot: string, zone: string): string =>
  `A fish was ${l.kind} at ${placeText(l.place, spot)} on ${dayText(l.atMs, zone)}, and none landed there since: worth a try.`;

/** One or two short sentences; facts as the caution carries them. */
export function cautionText(c: Caution, u: UnitPrefs, zone: string): string {
  const n = (key: string): number => Number(c.facts[key]);
  const TEXT: Record<CautionCode, () => string> = {
    lightning: () =>
      `Thunder${c.facts.distanceM === undefined ? '' : `, about ${say.far(n('distanceM'), u)} off`}: off the water and away from tall things, rod down. Wait until ${clockText(n('clearMs'), zone, u)}, ${n('leftMin')} min more; every new thunder starts the half hour again.`,
    'thunder-likely': () => 'Thunder is likely about here: stay near shelter, and leave at the first sign.',
    'ice-unknown': () => 'How thick is the ice? Drill as you go and set it below. No ice is safe.',
    'ice-thin': () =>
      `${say.size(n('thicknessM'), u)} of ice: most guidance lets nobody on less than ${say.size(n('leastM'), u)} of clear, hard ice. Stay off.`,
    ice: () =>
      `${say.size(n('thicknessM'), u)} where you drilled; it is thinner over springs, current and weed, and white ice bears half. No ice is safe: picks, rope, company, and ask locally.`,
    'cold-water': () =>
      `Water of ${say.temp(n('tempC'), u)}: life jacket on, dress for the water and not the air, and someone knows where you are.`,
    wind: () =>
      `Wind of ${say.wind(n('windMps'), u)} is ${c.weight === 3 ? 'more than' : 'near'} what people turn back at here (${say.wind(n('limitMps'), u)}).`,
    waves: () =>
      `Waves of ${say.size(n('waveM'), u)} are ${c.weight === 3 ? 'more than' : 'near'} what people turn back at here (${say.size(n('limitM'), u)}).`,
    'rising-tide': () =>
      `The tide comes up another ${say.depth(n('byM'), u)} until ${clockText(n('highAtMs'), zone, u)}: have your way back open by ${clockText(n('backMs'), zone, u)}.`,
    wading: () =>
      n('salt')
        ? 'Shuffle your feet for stingrays; mind soft mud and channels.'
        : 'Mind soft mud and drop-offs; a belt keeps water out of waders.',
    'slick-rock': () =>
      'Wet stones are slick and a wave may come over: spikes, life jacket, never alone, never with your back to the sea.',
    heat: () => `${say.temp(n('airTempC'), u)} in the air: shade, water, and no hero’s noon.`,
    current: () => `Current of ${say.speed(n('currentMps'), u)} takes your feet: stay shallower than the knee.`,
  };
  return TEXT[c.code]();
}

export const flashText = (seconds: number, distanceM: number, u: UnitPrefs): string =>
  `${seconds.toFixed(0)} s from flash to thunder: about ${say.far(distanceM, u)} away.`;

/** The day line for those who do not see it. */
export function dayLineWords(line: DayLine, zone: string, u: UnitPrefs): string {
  const at = (ms: number): string => clockText(ms, zone, u);
  const a = line.almanac;
  const sun =
    a.sunriseMs !== null && a.sunsetMs !== null
      ? `Sunrise ${at(a.sunriseMs)}, sunset ${at(a.sunsetMs)}.`
      : line.steps[0] && line.steps[0].sunDeg > 0
        ? 'The sun does not set.'
        : 'The sun does not rise.';
  const tide =
    line.turns.length > 0
      ? ` Tide: ${list(line.turns.map((t) => `${t.kind} ${say.depth(t.heightM, u)} at ${at(t.atMs)}`))}.`
      : '';
  const moon = ` Moon ${say.percent(a.moonIllumination)} lit; periods ${list(a.periods.map((m) => `${at(m.fromMs)} to ${at(m.toMs)}${m.kind === 'minor' ? ' (minor)' : ''}`))}.`;
  return `The day ahead. ${line.best ? bestText(line.best, zone, u) : 'No two hours are left today.'} ${sun}${tide}${moon}`;
}

/** How good a stay should be; 1 is the day's mean at a spot with everything. */
export const worthText = (promise: number): string =>
  promise >= 0.9 ? 'very good' : promise >= 0.6 ? 'good' : promise >= 0.3 ? 'fair' : 'poor';

const HOUR_MS = 3_600_000;
/** How good a stay should be, and that it falls into the best time where an hour of it does. */
export function stayText(
  s: { promise: number; fromMs: number; toMs: number },
  best: { fromMs: number; toMs: number } | null,
): string {
  const shared = best ? Math.min(s.toMs, best.toMs) - Math.max(s.fromMs, best.fromMs) : 0;
  const worth = capital(worthText(s.promise));
  if (shared < HOUR_MS) return `${worth}.`;
  return s.promise >= 0.6 ? `${worth}, in the best hours.` : `${worth} for its place, in the best hours.`;
}

export const STATION_FAULT_NAME: Record<StationFault, string> = {
  none: 'Works',
  slow: 'Slow',
  error: 'Out of order',
  stale: 'Old news',
  nonsense: 'Nonsense',
};

export function stationReadingText(r: StationReading, u: UnitPrefs): string {
  const glass =
    r.pressureTrendHpa3h === null
      ? ''
      : `, glass ${r.pressureTrendHpa3h > 1 ? 'rising' : r.pressureTrendHpa3h < -1 ? 'falling' : 'steady'}`;
  const water =
    r.waterTempC === null
      ? ''
      : ` Water ${say.temp(r.waterTempC, u)}${r.tempChange3dC === null ? '' : `, ${say.tempChange(r.tempChange3dC, u)} in three days`}.`;
  return `Wind ${say.wind(r.windMps, u)} from the ${directionName(r.windFromDeg)}, gusts ${say.wind(r.gustMps, u)}, ${skyWord(r.cloud)}, air ${say.temp(r.airTempC, u)}${glass}, ${FRONT_NAME[r.front]}.${water}`;
}

export const importText = (taken: number, problems: number): string =>
  taken === 0
    ? 'Nothing could be read from it.'
    : `${taken} reading${taken === 1 ? '' : 's'} taken${problems > 0 ? `, ${problems} line${problems === 1 ? '' : 's'} left out` : ''}.`;

/** A day that was ended and may be gone on with. */
export const endedText = (water: string, endedAtMs: number, zone: string, u: UnitPrefs): string =>
  `Your day at ${water} ended at ${clockText(endedAtMs, zone, u)}.`;

/** Under the name of the water. */
export const CHANGE_DAY = 'Another spot, water or fish';
