/** A day of the diary as one page for a friend: the same words on the screen, on paper and where they are sent. */
import { againstModel, bestBlock, luresOf } from '../core/diary/ended';
import type { DiaryDay } from '../core/diary/days';
import { isLanded } from '../core/log/events';
import { groupBy } from '../core/log/tally';
import type { EffortBlock } from '../core/records/block';
import type { StrikeEvent } from '../core/records/event';
import type { Conditions } from '../core/water/conditions';
import { againstModelText, blockCastsText, blockText, dayCame, daySpan, lureOfDayText, waterAlong } from './diary';
import { detailsText, eventTitle } from './events';
import { capital, EVENT_NAME, SETTING_NAME, SPECIES_NAME } from './names';
import { cadenceText, firstName } from './retrieve';
import { clockText, pastDayText } from './time';
import { say, type UnitPrefs } from './units';

/** How much of the places a report tells; where they lie on the earth is in none of them. */
export const REPORT_TELLS = ['nothing', 'water', 'spots'] as const;
export type ReportTells = (typeof REPORT_TELLS)[number];
export const REPORT_TELLS_NAME: Record<ReportTells, string> = {
  nothing: 'No names',
  water: 'The water',
  spots: 'The water and the spots',
};

export const REPORT = {
  title: 'The day for a friend',
  make: 'A page for a friend',
  tells: 'Which places it names',
  tellsWhy:
    'Where a place lies on the earth is never in it. What you wrote yourself stands as you wrote it: read it once before you send it.',
  print: 'Print it, or save it as a PDF',
  send: 'Send the words',
  sent: 'Handed on.',
  copied: 'The words are copied: paste them where you want them.',
  refused: 'This browser neither sends nor copies. Print it instead.',
  sheet: 'The page',
  photos: 'Photos on the sheet',
  withPhotos: 'With photos',
  withoutPhotos: 'Without photos',
  back: 'Back to the day',
  open: 'The day goes on: what is logged from now on is not in it yet.',
  empty: 'Nothing was logged on this day: there is nothing to tell yet.',
} as const;

export interface Report {
  title: string;
  sub: string;
  parts: { title: string; lines: string[] }[];
}

interface ReportOf {
  day: DiaryDay;
  water: { name: string } | null;
  spotOf: (id: string) => { name: string } | null;
  tells: ReportTells;
  zone: string;
}

/** "7:05 am: landed · pause, 16 in, released, on the Alder minnow." */
function eventLine(e: StrikeEvent, lure: string, zone: string, u: UnitPrefs): string {
  const details = detailsText(e, u);
  return `${clockText(e.atMs, zone, u)}: ${[eventTitle(e), details, `on the ${lure}`].filter(Boolean).join(', ')}.`;
}

/** "Alder minnow: cast 98 ft, count down 2 s, rod tip up; one turn, twitch twice and hang 3 s, and again." */
/** Under the picture of a day. */
export const castAgainText = (b: EffortBlock): string =>
  `In the picture: ${blockText(b, null)}, as it would run by the model in the water of that day.`;

function handsLine({ presentation: p }: EffortBlock, u: UnitPrefs): string {
  const hands = [
    ...(p.castM > 0 ? [`cast ${say.distance(p.castM, u)}`] : []),
    ...(p.countdownS > 0 ? [`${firstName({ presentation: p })} ${say.seconds(p.countdownS)}`] : []),
    `rod tip ${p.tip.position}`,
  ];
  return `${p.lureName}: ${hands.join(', ')}; ${cadenceText(p.cadence)}.`;
}

/** So much of a long day stands on its page, lines; what is more is summed up. */
const FISH_TOLD = 8;
const CLOCK_LINES = 10;

/** Each fish; of many the longest, in the order of the day, and how many more there were. */
function fishLines({ tally }: DiaryDay, line: (e: StrikeEvent) => string): string[] {
  const landed = tally.events.filter((e) => isLanded(e.kind)).sort((a, b) => a.atMs - b.atMs);
  if (landed.length <= FISH_TOLD) return landed.map(line);
  const byLength = [...landed].sort((a, b) => (b.lengthM ?? 0) - (a.lengthM ?? 0));
  const told = new Set(byLength.slice(0, FISH_TOLD));
  return [...landed.filter((e) => told.has(e)).map(line), `And ${landed.length - told.size} more.`];
}

/** What was fished when, each thing that happened below it; on a long day what happened in one line with it. */
function clockLines(
  { blocks, byBlock }: DiaryDay,
  block: (b: EffortBlock, came: readonly string[]) => string,
  event: (e: StrikeEvent) => string,
): string[] {
  const others = byBlock.map((t) => t.events.filter((e) => !isLanded(e.kind)));
  const lines = blocks.flatMap((b, i) => [block(b, []), ...others[i]!.map(event)]);
  if (lines.length <= CLOCK_LINES) return lines;
  return blocks.map((b, i) => {
    const kinds = groupBy(others[i]!, (e) => e.kind);
    return block(
      b,
      [...kinds].map(([, of]) => `${of.length} × ${EVENT_NAME[of[0]!.kind].toLowerCase()}`),
    );
  });
}

/** Changes of the water that are told. */
const MOST_CHANGES = 3;

/** What a friend reads of a day. Empty of parts where nothing was logged. */
export function reportOf({ day, water, spotOf, tells, zone }: ReportOf, u: UnitPrefs): Report {
  const { trip, blocks, byBlock, tally } = day;
  const setting = (blocks[0]?.conditions as Conditions | undefined)?.water.setting;
  const where = tells !== 'nothing' && water ? ` at ${water.name}` : setting ? `: ${SETTING_NAME[setting]}` : '';
  const spotName = (b: EffortBlock): string | null =>
    tells === 'spots' && b.spotId ? (spotOf(b.spotId)?.name ?? null) : null;
  const of = new Map(blocks.map((b) => [b.id, b]));
  const lureOf = (e: StrikeEvent): string => of.get(e.blockId)?.presentation.lureName ?? '–';
  const best = bestBlock(day);
  const against = trip.endedAtMs === null ? null : againstModel(day);
  const part = (title: string, lines: readonly (string | null)[]): Report['parts'] => {
    const told = lines.filter((x): x is string => !!x);
    return told.length > 0 ? [{ title, lines: told }] : [];
  };
  const empty = tally.casts + tally.events.length === 0;
  return {
    title: `A day${where}`,
    sub: `${pastDayText(trip.startedAtMs, zone)}, ${daySpan(day, zone, u)}. ${capital(SPECIES_NAME[trip.species])}.`,
    parts: empty
      ? part('Note', [trip.note])
      : [
          ...part('What came of it', [`${capital(dayCame(day, u))}.`, against && againstModelText(against)]),
          // Of a day of many changes the first water and the last of them.
          ...part(
            'The water',
            waterAlong(day, zone, u).filter((_, i, all) => i === 0 || i >= all.length - MOST_CHANGES),
          ),
          ...part(
            'Fish',
            fishLines(day, (e) => eventLine(e, lureOf(e), zone, u)),
          ),
          ...part(
            'By the clock',
            clockLines(
              day,
              (b, came) =>
                `${clockText(b.startedAtMs, zone, u)}: ${blockText(b, spotName(b))}, ${[blockCastsText(byBlock[blocks.indexOf(b)]!), ...came].join(', ')}.`,
              (e) => eventLine(e, lureOf(e), zone, u),
            ),
          ),
          ...part('What was thrown', luresOf(day).map(lureOfDayText)),
          ...part('How the best of it was worked', [best && handsLine(best, u)]),
          ...part('For the next such day', [trip.note]),
        ],
  };
}

/** Lines and headings that stand on one sheet beside the pictures, at sizes that can be read, the usual first. */
const SHEETS = [
  { lines: 24, size: 1 },
  { lines: 30, size: 0.84 },
] as const;
/** Printed so on a day that is longer still: the sheet may have a second page. */
const SMALLEST = 0.74;
/** Photos side by side take as much room as so many lines. */
const LINES_OF_PHOTOS = 8;
/** How much smaller a report is printed, so that it keeps to one sheet. */
export function shrinkOf({ parts }: Pick<Report, 'parts'>, photos = false): number {
  const lines = parts.reduce((n, p) => n + 1 + p.lines.length, photos ? LINES_OF_PHOTOS : 0);
  return SHEETS.find((s) => lines <= s.lines)?.size ?? SMALLEST;
}

/** The report as plain words, to be sent. */
export const reportText = (r: Report): string =>
  [`${r.title}\n${r.sub}`, ...r.parts.map((p) => [p.title, ...p.lines].join('\n'))].join('\n\n') + '\n';
