/**
 * A day ahead as an iCalendar document (RFC 5545). Times go out in UTC: each calendar shows them by its own zone's
 * rules. Ids are stable, so that the same day taken in again replaces what was there.
 */
import ical, { ICalEventTransparency } from 'ical-generator';

/** What stands in the calendar. */
export interface CalendarEntry {
  /** Stable: the same thing of the same day has the same. */
  id: string;
  fromMs: number;
  toMs: number;
  title: string;
  text: string;
  /** Only where the angler wants it told. */
  at: { latDeg: number; lonDeg: number } | null;
  /** Time that is taken, or only a mark in the calendar. */
  busy: boolean;
}

/** Control characters, which no calendar takes, but for the line's end. */
const CONTROL = /[\u0000-\u0009\u000B-\u001F\u007F]/g;
const plain = (s: string): string =>
  s
    .replace(/\r\n?/g, '\n')
    .replace(CONTROL, ' ')
    // Halves of letters.
    .replace(/\p{Cs}/gu, ' ');

/** Entries to a document; `stampMs`: when it is made, ms since 1970. */
export function writeCalendar(name: string, entries: readonly CalendarEntry[], stampMs: number): string {
  const calendar = ical({
    prodId: { company: 'Moss Kettle', product: 'Moss Kettle', language: 'EN' },
    name: plain(name),
  });
  for (const e of entries)
    calendar.createEvent({
      id: `${e.id}@moss-kettle`,
      stamp: new Date(stampMs),
      start: new Date(e.fromMs),
      end: new Date(e.toMs),
      summary: plain(e.title),
      ...(e.text === '' ? {} : { description: plain(e.text) }),
      ...(e.at ? { location: { title: plain(e.title), geo: { lat: e.at.latDeg, lon: e.at.lonDeg } } } : {}),
      transparency: e.busy ? ICalEventTransparency.OPAQUE : ICalEventTransparency.TRANSPARENT,
    });
  return calendar.toString();
}
