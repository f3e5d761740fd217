/** The day ahead as what stands in a calendar. */
import type { CalendarEntry } from '../core/exchange/calendar';
import { placeTold, type Tells } from '../core/exchange/privacy';
import type { DayLine } from '../core/forecast/line';
import type { RestingSpot } from '../core/forecast/rest';
import type { Stay } from '../core/forecast/spots';
import { bestText, restText, stayText } from './day';
import { capital } from './names';
import { dateText } from './time';
import type { UnitPrefs } from './units';

interface CalendarOf {
  water: { id: string; name: string; zone: string };
  line: DayLine;
  stays: readonly Stay[];
  /** What rests now; only today. */
  rest: readonly RestingSpot[];
  spotOf: (id: string) => { name: string; latDeg: number; lonDeg: number } | null;
  /** What rests, by name. */
  restsAt: (r: RestingSpot) => string;
  tells: Tells;
  nowMs: number;
}

const WINDOW_NAME: Record<DayLine['windows'][number]['kind'], string> = {
  'low-light': 'Low light',
  flood: 'The flood runs strongly',
  ebb: 'The ebb runs strongly',
};
const TURN_NAME = { high: 'High water', low: 'Low water' } as const;
const QUARTER_MS = 15 * 60_000;
/** The date of a day, by the middle of its fished hours. */
export const calendarDate = ({ fished }: Pick<DayLine, 'fished'>, zone: string): string =>
  dateText((fished.fromMs + fished.toMs) / 2, zone);

/** The best two hours, the round, what has rested, light and tide of a day. */
export function calendarOf(c: CalendarOf, u: UnitPrefs): CalendarEntry[] {
  const { line, water, tells } = c;
  const date = calendarDate(line, water.zone);
  const named = tells !== 'nothing';
  const at = named ? ` at ${water.name}` : '';
  const entry = (
    key: string,
    e: Omit<CalendarEntry, 'id' | 'at' | 'busy'> & Partial<CalendarEntry>,
  ): CalendarEntry => ({
    id: `${water.id}-${date}-${key}`,
    at: null,
    busy: false,
    ...e,
  });
  const placed = (id: string): CalendarEntry['at'] => {
    const spot = c.spotOf(id);
    return spot && placeTold(spot, tells);
  };
  return [
    ...(line.best
      ? [entry('best', { ...span(line.best), title: `Best two hours${at}`, text: bestText(line.best, water.zone, u) })]
      : []),
    ...c.stays.map((s, i) =>
      entry(`stay-${s.id}`, {
        ...span(s),
        title: named ? `Fish ${c.spotOf(s.id)?.name ?? 'a spot'}` : `Fish spot ${i + 1}`,
        text: stayText(s, line.best),
        at: placed(s.id),
        busy: true,
      }),
    ),
    ...c.rest.map((r) =>
      entry(`rest-${r.spotId ?? 'here'}-${r.at?.target ?? r.place ?? 'all'}`, {
        fromMs: r.readyAtMs,
        toMs: r.readyAtMs + 2 * QUARTER_MS,
        title: named ? capital(`${c.restsAt(r)} has rested`) : 'A place has rested',
        text: named ? restText(r, c.restsAt(r), water.zone, c.nowMs, u) : '',
        at: r.spotId ? placed(r.spotId) : null,
      }),
    ),
    ...line.windows.map((w, i) => entry(`window-${i}`, { ...span(w), title: `${WINDOW_NAME[w.kind]}${at}`, text: '' })),
    ...line.turns.map((t, i) =>
      entry(`turn-${i}`, { fromMs: t.atMs, toMs: t.atMs + QUARTER_MS, title: `${TURN_NAME[t.kind]}${at}`, text: '' }),
    ),
  ];
}

const span = ({ fromMs, toMs }: { fromMs: number; toMs: number }): { fromMs: number; toMs: number } => ({
  fromMs,
  toMs,
});

/** What the file will hold. */
export const calendarText = (n: number): string =>
  `${n} entries: the best two hours, your round, what has rested, light and tide.`;

export const CALENDAR = {
  tells: 'Calendars are often shared.',
  done: 'The calendar file is saved, with your downloads. Open it to take the day in.',
  failed: 'The calendar could not be made. Try again.',
} as const;
