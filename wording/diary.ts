/** The diary: days as they were, in sentences. */
import type { DayAgainstModel, DayQuestion, LureOfDay } from '../core/diary/ended';
import type { Tally } from '../core/log/tally';
import type { Best, DiaryDay, Outing } from '../core/diary/days';
import type { EffortBlock } from '../core/records/block';
import type { Conditions } from '../core/water/conditions';
import { resolveConditions, type ResolvedConditions } from '../core/water/resolve';
import { counted, few } from './count';
import { capital, COVER_NAME, list, SPECIES_NAME, STYLE_NAME, TIDE_NAME } from './names';
import { readingsMoved } from './moved';
import { castsText } from './strikes';
import { clockText, pastDayText } from './time';
import { say, type UnitPrefs } from './units';
import { skyWord } from './water';

export const DIARY = {
  title: 'Diary',
  none: 'No day yet. What you log on Strikes stands here as a page a day; a day that was not logged can be written in.',
  gathering: 'Adding up the days…',
  nothingFound: 'No day holds that.',
  find: 'Find a lure, a spot, a word of a note',
  fish: 'Fish',
  all: 'All',
  withFish: 'Days with',
  anyDay: 'Every day',
  landedDay: 'A fish in the hand',
  asList: 'List',
  asCalendar: 'Calendar',
  view: 'How the days are shown',
  earlier: 'Month before',
  later: 'Month after',
  bests: 'Longest of each fish',
  advised: 'What was advised, and what you did',
  noSuchDay: 'There is no such day in the record.',
  back: 'Back to the diary',
  happened: 'What happened',
  waterThen: 'The water',
  lures: 'What was thrown',
  ask: 'Still to be told',
  note: 'Note of the day',
  where: 'Where these casts were made',
  whichDay: 'On which day these casts were made',
  moveDay: 'Made on another day…',
  otherWater: 'another water',
  sameDay: (water: string, came: string): string => `The same day on ${water}: ${came}`,
  strike: 'Strike out the whole day',
  struck: 'This day is struck out: it counts nowhere, and can be brought back.',
  bring: 'Bring the day back',
  goOn: 'Go on with this day',
  toStrikes: 'To the log of today',
  catchUp: 'Write in a day that was not logged',
  more: 'Show more days',
  chosen: 'The day chosen',
  timeLineKey: 'On top how bright it was; below it a bar for each lure; then what happened.',
  noteAsk: 'What would you tell yourself before the next such day?',
  ofBlock: 'The water and the spot at',
  whenInCast: 'When in the cast',
  calendarKey: 'Copper: fish in the hand, and how many. Green: fished, and none landed.',
  nowhere: 'Nowhere in particular',
} as const;

/** "Thu 8 Oct": the day's name in its water's zone. */
export const dayTitleOf = (d: Pick<DiaryDay, 'trip'>, zone: string): string => pastDayText(d.trip.startedAtMs, zone);

/** "Lantern Kettle · largemouth bass". */
export const dayWhere = (d: Pick<DiaryDay, 'trip'>, water: string): string =>
  `${water} · ${SPECIES_NAME[d.trip.species]}`;

/** "Lantern Kettle, then Alder Pond · largemouth bass and bluegill". */
export const outingWhere = ({ parts }: Outing, waterOf: (d: DiaryDay) => string): string =>
  `${parts.map(waterOf).join(', then ')} · ${list([...new Set(parts.map((d) => SPECIES_NAME[d.trip.species]))])}`;

/** The whole of an outing on its page: "The whole outing, 2 waters: 134 casts, 5 strikes, 2 landed." */
export const outingCame = (o: Outing, u: UnitPrefs): string =>
  `The whole outing, ${counted(o.parts.length, 'water')}: ${dayCame(o, u)}.`;

/** Another part of it: "5:45 am, Lantern Kettle: 66 casts, 4 strikes". */
export const outingPart = (d: DiaryDay, water: string, zone: string, u: UnitPrefs): string =>
  `${capital(clockText(d.trip.startedAtMs, zone, u))}, ${water}: ${dayCame(d, u)}`;

/** "66 casts, 4 strikes, 2 landed, the longest 16 in". */
export function dayCame({ tally, longestM }: Pick<DiaryDay, 'tally' | 'longestM'>, u: UnitPrefs): string {
  if (tally.casts + tally.events.length === 0) return 'nothing logged';
  return [
    ...(tally.casts > 0 ? [counted(tally.casts, 'cast')] : []),
    tally.strikes === 0 ? 'no strike' : counted(tally.strikes, 'strike'),
    ...(tally.landed > 0 ? [`${tally.landed} landed`] : []),
    ...(longestM === null ? [] : [`the longest ${say.size(longestM, u)}`]),
  ].join(', ');
}

/** "5:45 am to 9:20 am"; while it goes on, "from 5:45 am". */
export const daySpan = ({ trip }: Pick<DiaryDay, 'trip'>, zone: string, u: UnitPrefs): string =>
  trip.endedAtMs === null
    ? `from ${clockText(trip.startedAtMs, zone, u)}`
    : `${clockText(trip.startedAtMs, zone, u)} to ${clockText(trip.endedAtMs, zone, u)}`;

const SUN: readonly [number, string][] = [
  [-6, 'dark'],
  [0, 'twilight'],
  [12, 'low sun'],
  [35, 'sun half up'],
];
const sunWord = (elevationDeg: number): string => SUN.find(([below]) => elevationDeg < below)?.[1] ?? 'high sun';

const sunOf = ({ sky }: Conditions): string | null =>
  typeof sky?.sunElevationDeg === 'number' ? sunWord(sky.sunElevationDeg) : null;
const tideOf = ({ water }: Conditions): string | null =>
  water.tideStage ? `tide ${TIDE_NAME[water.tideStage]}` : null;
const coverOf = ({ cover }: ResolvedConditions): string =>
  cover.kind === 'none' ? 'no cover' : COVER_NAME[cover.kind];

/** The water of a block as it was: "54 °F, seen 5 ft down, wind 7 mph, low sun, half clouded, tide rising". */
export function waterThenText(c: Conditions, r: ResolvedConditions, u: UnitPrefs): string {
  const [sun, tide] = [sunOf(c), tideOf(c)];
  return capital(
    [
      `${say.temp(r.surfaceTempC, u)} at the top`,
      `seen ${say.depth(r.clarityM, u)} down`,
      `${say.depth(r.depthM, u)} deep`,
      coverOf(r),
      `wind ${say.wind(r.windMps, u)}`,
      skyWord(r.cloud),
      ...(sun ? [sun] : []),
      ...(tide ? [tide] : []),
    ].join(', ') + '.',
  );
}

export function waterOfBlock(b: EffortBlock, u: UnitPrefs): string {
  const c = b.conditions as Conditions;
  return waterThenText(c, resolveConditions(c), u);
}

/** What was otherwise in the water of a later block: "water 54 °F → 57 °F", "tide falling". */
function waterMoved(before: EffortBlock, after: EffortBlock, u: UnitPrefs): string[] {
  const [b, a] = [before, after].map((x) => x.conditions as Conditions) as [Conditions, Conditions];
  const [rb, ra] = [resolveConditions(b), resolveConditions(a)];
  const now = (was: string | null, is: string | null): string[] => (is !== null && is !== was ? [is] : []);
  return [
    ...readingsMoved(rb, ra, u),
    ...now(coverOf(rb), coverOf(ra)),
    ...now(skyWord(rb.cloud), skyWord(ra.cloud)),
    ...now(sunOf(b), sunOf(a)),
    ...now(tideOf(b), tideOf(a)),
  ];
}

/** The water along a day: whole at its beginning, then each time what had changed by the clock. */
export function waterAlong({ blocks }: Pick<DiaryDay, 'blocks'>, zone: string, u: UnitPrefs): string[] {
  let before = blocks[0];
  if (!before) return [];
  const lines = [waterOfBlock(before, u)];
  for (const b of blocks.slice(1)) {
    const moved = waterMoved(before, b, u);
    if (moved.length === 0) continue;
    lines.push(`${capital(clockText(b.startedAtMs, zone, u))}: ${moved.join(', ')}.`);
    before = b;
  }
  return lines;
}

/** "Alder minnow, twitch and hang, at North arm alders". */
export const blockText = (b: EffortBlock, spot: string | null): string =>
  `${b.presentation.lureName}, ${STYLE_NAME[b.presentation.style]}${spot ? `, at ${spot}` : ''}`;

/** Casts of a block, or that nobody counted them: something struck, and no cast was logged. */
export const blockCastsText = ({ casts, events }: Pick<Tally, 'casts' | 'events'>): string =>
  casts === 0 && events.length > 0 ? 'casts not counted' : castsText(casts);

/** "Alder minnow: 3 strikes in 40 casts (1.1 h), 2 landed." */
export const lureOfDayText = (l: LureOfDay): string =>
  `${l.name}: ${l.strikes === 0 ? 'no strike' : counted(l.strikes, 'strike')}${l.casts > 0 ? ` in ${counted(l.casts, 'cast')}` : ', its casts not counted'}, about ${counted(Math.max(1, Math.round(l.minutes)), 'minute')}${l.landed > 0 ? `, ${l.landed} landed` : ''}.`;

const OUTCOME: Record<DayAgainstModel['outcome'], string> = {
  'as-expected': 'that lies within luck',
  better: 'more than luck explains: something that day was better than the model knows',
  worse: 'fewer than luck explains: something that day was worse than the model knows',
};

export const againstModelText = (a: DayAgainstModel): string =>
  `${a.strikes === 0 ? 'No strike' : counted(a.strikes, 'strike')} where the model expected ${few(a.expected)}; ${OUTCOME[a.outcome]}.`;

export const questionText = (q: DayQuestion, zone: string, u: UnitPrefs): string => {
  switch (q.ask) {
    case 'length':
      return `How long was the fish of ${clockText(q.event.atMs, zone, u)}?`;
    case 'phase':
      return `When in the cast did the one of ${clockText(q.event.atMs, zone, u)} come?`;
    case 'note':
      return DIARY.noteAsk;
  }
};

/** "Largemouth bass: 16 in, Thu 8 Oct, Lantern Kettle, on the Alder minnow". */
export const bestText = (b: Best, water: string, zone: string, u: UnitPrefs): string =>
  `${capital(SPECIES_NAME[b.species])}: ${say.size(b.event.lengthM!, u)}, ${pastDayText(b.event.atMs, zone)}, ${water}, on the ${b.lureName}`;

export const openDayText = (title: string, where: string, came: string): string => `${title}, ${where}: ${came}. Open`;

/** "12 days, 3 of them without a strike". */
export function diaryHead(days: readonly Pick<DiaryDay, 'tally'>[]): string {
  const blank = days.filter((d) => d.tally.casts > 0 && d.tally.strikes === 0).length;
  return `${counted(days.length, 'day')}${blank > 0 ? `, ${blank} of them without a strike` : ''}`;
}

const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
/** "October 2026", of a month counted from zero. */
export const monthText = (year: number, month: number): string => MONTH.format(Date.UTC(year, month, 15));
export const WEEKDAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'] as const;
/** What a day of the calendar holds, for the ear. */
export const calendarDayText = (day: number, month: string, days: readonly string[]): string =>
  `${day} ${month}: ${list(days)}`;

/** The day's drawing, for the ear. */
export const timeLineText = (d: DiaryDay, zone: string, u: UnitPrefs): string =>
  `The day by the clock: ${d.blocks
    .map(
      (b, i) =>
        `${clockText(b.startedAtMs, zone, u)} ${b.presentation.lureName}, ${counted(d.byBlock[i]!.casts, 'cast')}`,
    )
    .join('; ')}.`;
