/** The day in a calendar: what an outside reader finds in it, and what it does not tell. */
import ICAL from 'ical.js';
import * as fc from 'fast-check';
import { writeCalendar, type CalendarEntry } from '../core/exchange/calendar';
import { TELLS, type Tells } from '../core/exchange/privacy';
import type { DayLine } from '../core/forecast/line';
import { DEFAULT_PREFERENCES } from '../core/records/preferences';
import { calendarOf } from './calendar';

const { units } = DEFAULT_PREFERENCES;
const zone = 'America/New_York';
const at = (clock: string): number => Date.parse(`2026-10-08T${clock}:00-04:00`);
const line = {
  fished: { fromMs: at('05:30'), toMs: at('18:30') },
  best: { fromMs: at('16:00'), toMs: at('18:00'), times: 1.4, because: [] },
  windows: [{ kind: 'low-light', fromMs: at('05:45'), toMs: at('06:45') }],
  turns: [{ kind: 'high', atMs: at('09:10'), heightM: 1 }],
} as unknown as DayLine;
const spot = { name: 'Sluice; inflow, "old"', latDeg: 45.00052, lonDeg: -74.9969 };
const day = (tells: Tells): CalendarEntry[] =>
  calendarOf(
    {
      water: { id: 'water-1', name: 'Lantern Kettle', zone },
      line,
      stays: [{ id: 'spot-1', fromMs: at('16:00'), toMs: at('17:30'), travelMin: 9, promise: 0.8 }],
      rest: [{ spotId: 'spot-1', place: null, kind: 'missed', sinceMs: at('08:00'), readyAtMs: at('09:05') }],
      spotOf: (id) => (id === 'spot-1' ? spot : null),
      restsAt: () => spot.name,
      tells,
      nowMs: at('08:10'),
    },
    units,
  );
const read = (text: string): ICAL.Event[] =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));

test('an outside reader finds each entry at its moment, under an id that stays', () => {
  const entries = day('all');
  const text = writeCalendar('Lantern Kettle', entries, at('08:10'));
  const events = read(text);
  expect(events.map((e) => [e.summary, e.startDate.toJSDate().getTime(), e.endDate.toJSDate().getTime()])).toEqual(
    entries.map((e) => [e.title, e.fromMs, e.toMs]),
  );
  expect(events.map((e) => e.summary)).toEqual([
    'Best two hours at Lantern Kettle',
    'Fish Sluice; inflow, "old"',
    'Sluice; inflow, "old" has rested',
    'Low light at Lantern Kettle',
    'High water at Lantern Kettle',
  ]);
  expect(new Set(events.map((e) => e.uid)).size).toBe(5);
  expect(read(writeCalendar('x', day('nothing'), at('12:00'))).map((e) => e.uid)).toEqual(events.map((e) => e.uid));
  expect(events[1]!.component.getFirstPropertyValue('geo')).toEqual([45.00052, -74.9969]);
  expect(events.map((e) => e.component.getFirstPropertyValue('transp'))).toEqual([
    'TRANSPARENT',
    'OPAQUE',
    'TRANSPARENT',
    'TRANSPARENT',
    'TRANSPARENT',
  ]);
});

test('what is not to be told is nowhere in the file; a rough place is within half a mile of the true one', () => {
  const files = Object.fromEntries(TELLS.map((t) => [t, writeCalendar('Fishing', day(t), at('08:10'))]));
  expect(files.nothing).not.toMatch(/Sluice|Lantern|GEO/);
  expect(files.names).toMatch(/Sluice/);
  expect(files.names).not.toMatch(/GEO/);
  expect(files.roughly).toMatch(/GEO:45;-75\r\n/);
  expect(files.all).toMatch(/GEO:45\.00052;-74\.9969/);
});

test('lines are folded to 75 octets and end as the standard has it; any text comes back but for what no calendar takes', () => {
  const entry = (title: string, text: string): CalendarEntry => ({ ...day('all')[0]!, title, text });
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', minLength: 1 }), fc.string({ unit: 'binary' }), (title, text) => {
      const file = writeCalendar('x', [entry(`a${title}`, text)], 0);
      for (const l of file.split('\r\n')) expect(Buffer.byteLength(l)).toBeLessThanOrEqual(75);
      expect(file.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
      const [event] = read(file);
      expect(event!.summary.trim()).toBe(`a${title}`.trim());
    }),
    { numRuns: 150, seed: 9 },
  );
});
