/** Cells of a list of catches: dates, times, yes and no, what came of a strike, as people write them. */
import { DAY_MIN, type CivilDate } from '../../base/zone';
import type { EventKind } from '../../records/event';

/** Which of two numbers is the day: the first, or the second. ISO dates need no such order. */
export type DateOrder = 'day-first' | 'month-first';

const ISO = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ](.*))?$/;
const OTHER = /^(\d{1,2})[./-](\d{1,2})[./-](\d{2}|\d{4})(?:\s+(.*))?$/;
/** Years of two figures are of this century up to here, then of the last. */
const CENTURY_TURNS = 69;

interface Written {
  numbers: readonly [number, number, number];
  iso: boolean;
  /** What stands behind the date. */
  rest: string;
}
function written(text: string): Written | null {
  const t = text.trim();
  const iso = ISO.exec(t);
  if (iso) return { numbers: [Number(iso[1]), Number(iso[2]), Number(iso[3])], iso: true, rest: iso[4] ?? '' };
  const other = OTHER.exec(t);
  if (!other) return null;
  return { numbers: [Number(other[1]), Number(other[2]), Number(other[3])], iso: false, rest: other[4] ?? '' };
}

/** The order in which a file writes its dates, where one of them tells: 25 is no month. Null: any of them may be. */
export function orderTold(dates: readonly string[]): DateOrder | null {
  for (const d of dates) {
    const w = written(d);
    if (!w || w.iso) continue;
    if (w.numbers[0] > 12) return 'day-first';
    if (w.numbers[1] > 12) return 'month-first';
  }
  return null;
}

/** A date with the time that stands behind it; null for what is none, a 30 February too. */
export function dateIn(text: string, order: DateOrder): (CivilDate & { rest: string }) | null {
  const w = written(text);
  if (!w) return null;
  const [a, b, c] = w.numbers;
  const [year, month, day] = w.iso
    ? [a, b, c]
    : [
        c < 100 ? c + (c > CENTURY_TURNS ? 1900 : 2000) : c,
        order === 'day-first' ? b : a,
        order === 'day-first' ? a : b,
      ];
  const of = new Date(Date.UTC(year, month - 1, day));
  const isDate = of.getUTCFullYear() === year && of.getUTCMonth() === month - 1 && of.getUTCDate() === day;
  return isDate ? { year, month, day, rest: w.rest } : null;
}

const CLOCK = /^(\d{1,2})(?:[:.h](\d{2})(?:[:.]\d{2}(?:\.\d+)?)?)?\s*([ap])?\.?m?\.?(?:\s*(?:z|[+-]\d{2}:?\d{2}))?$/i;

/**
 * “6:30”, “6.30 pm”, “18:30:00” as minutes after midnight; null: nothing there; NaN: no time. The clock is the
 * water's.
 */
export function clockIn(text: string): number | null {
  const t = text.trim();
  if (t === '') return null;
  const found = CLOCK.exec(t);
  if (!found) return NaN;
  const [hours, minutes] = [Number(found[1]), Number(found[2] ?? 0)];
  const half = found[3]?.toLowerCase();
  const isTime = minutes < 60 && (half ? hours >= 1 && hours <= 12 : hours < 24 && found[2] !== undefined);
  return isTime ? ((half ? (hours % 12) + (half === 'p' ? 12 : 0) : hours) * 60 + minutes) % DAY_MIN : NaN;
}

const YES = new Set(['yes', 'y', 'true', '1', 'x', 'released', 'let go']);
const NO = new Set(['no', 'n', 'false', '0', 'kept']);
/** Null: nothing there, or no word for it. */
export function yesNoIn(text: string): boolean | null {
  const t = text.trim().toLowerCase();
  return YES.has(t) ? true : NO.has(t) ? false : null;
}

/** What a word says came of it; `nothing`: fished, and no fish. */
const OUTCOMES: Readonly<Record<string, EventKind | 'nothing'>> = {
  landed: 'landed',
  caught: 'landed',
  catch: 'landed',
  kept: 'landed',
  released: 'landed',
  lost: 'lost',
  missed: 'missed',
  miss: 'missed',
  bump: 'bump',
  follow: 'follow',
  followed: 'follow',
  snag: 'snag',
  'lure-lost': 'lure-lost',
  none: 'nothing',
  nothing: 'nothing',
  blank: 'nothing',
};
/** Undefined: a word that says nothing known. */
export const outcomeIn = (text: string): EventKind | 'nothing' | undefined => {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, '-');
  return Object.hasOwn(OUTCOMES, word) ? OUTCOMES[word] : undefined;
};
