import { buildDemoWorld } from '../demo/world';
import { diaryDay, diaryDays } from '../core/diary/days';
import { isLanded } from '../core/log/events';
import { applyPuts, emptyBook, put } from '../core/records';
import { reportOf, reportText, REPORT_TELLS, shrinkOf, type ReportTells } from './report';
import { IMPERIAL, METRIC } from './units';

const book = applyPuts(emptyBook(), buildDemoWorld(Date.UTC(2026, 9, 8, 12)));
const days = diaryDays(book);
const of = (d: (typeof days)[number], tells: ReportTells, u = IMPERIAL) =>
  reportOf(
    {
      day: d,
      water: book.water[d.trip.waterId] ?? null,
      spotOf: (id) => book.spot[id] ?? null,
      tells,
      zone: book.water[d.trip.waterId]!.zone,
    },
    u,
  );

test('every day of the demo season reads, with its figures as they were logged', () => {
  expect(days.length).toBeGreaterThan(10);
  for (const d of days)
    for (const u of [IMPERIAL, METRIC]) {
      const report = of(d, 'spots', u);
      const text = reportText(report);
      expect(text).not.toMatch(/undefined|NaN|null|\[object|–,|: {2}|\.\./);
      const fish = report.parts.find((p) => p.title === 'Fish')?.lines ?? [];
      const landed = d.tally.events.filter((e) => isLanded(e.kind)).length;
      expect(fish).toHaveLength(landed > 8 ? 9 : landed);
      if (d.tally.casts > 0) expect(text).toContain(`${d.tally.casts} cast${d.tally.casts === 1 ? '' : 's'}`);
      if (d.trip.note) expect(text).toContain(d.trip.note);
    }
});

test('a long day keeps to its page: the longest fish, what happened summed up with what was thrown', () => {
  const d = days.find((x) => x.byBlock.some((t) => t.events.some((e) => isLanded(e.kind))))!;
  const at = d.byBlock.findIndex((t) => t.events.some((e) => isLanded(e.kind)));
  const one = d.byBlock[at]!.events.find((e) => isLanded(e.kind))!;
  const fish = Array.from({ length: 14 }, (_, i) => ({ ...one, id: `f${i}`, lengthM: 0.3 + 0.01 * i }));
  const misses = Array.from({ length: 20 }, (_, i) => ({ ...one, id: `m${i}`, kind: 'missed' as const }));
  const events = [...fish, ...misses];
  const byBlock = d.byBlock.map((t, i) => (i === at ? { ...t, events } : { ...t, events: [] }));
  const long = of({ ...d, byBlock, tally: { ...d.tally, events } }, 'water');
  const sized = (n: number): number => shrinkOf({ parts: [{ title: 'Fish', lines: Array<string>(n).fill('one') }] });
  expect([10, 23, 24, 29, 30, 60].map(sized)).toEqual([1, 1, 0.84, 0.84, 0.74, 0.74]);
  const { parts } = long;
  const lines = (title: string): string[] => parts.find((p) => p.title === title)!.lines;
  expect(lines('Fish')).toHaveLength(9);
  expect(lines('Fish')[8]).toBe('And 6 more.');
  expect(lines('Fish').join(' ')).not.toContain(`${Math.round(0.3 / 0.0254)} in`);
  expect(lines('By the clock')).toHaveLength(d.blocks.length);
  expect(lines('By the clock')[at]).toMatch(/casts?, 20 × missed\.$/);
});

test('a place is named as far as it was asked, and never told where it lies', () => {
  const d = days.find((x) => x.blocks.length > 0)!;
  const water = book.water[d.trip.waterId]!;
  const spot = Object.values(book.spot).find((s) => s.waterId === water.id)!;
  const there = { ...d, blocks: d.blocks.map((b) => ({ ...b, spotId: spot.id })) };
  const text = (tells: ReportTells): string => reportText(of(there, tells));
  const named = (tells: ReportTells): boolean[] => [water.name, spot.name].map((n) => text(tells).includes(n));
  expect(named('nothing')).toEqual([false, false]);
  expect(named('water')).toEqual([true, false]);
  expect(named('spots')).toEqual([true, true]);
  for (const tells of REPORT_TELLS)
    for (const deg of [spot.latDeg, spot.lonDeg, water.latDeg, water.lonDeg])
      expect(text(tells)).not.toContain(Math.abs(deg).toFixed(2));
});

test('a day on which nothing was logged has no parts but its note', () => {
  const trip = { ...days[0]!.trip, id: 'new', note: '' };
  const empty = (note: string) =>
    of(diaryDay(applyPuts(book, [put('trip', { ...trip, note })]), 'new')!, 'water').parts;
  expect(empty('')).toEqual([]);
  expect(empty('Too cold')).toEqual([{ title: 'Note', lines: ['Too cold'] }]);
});
