import { buildDemoWorld } from '../demo/world';
import { bestsOf, diaryDays } from '../core/diary/days';
import { againstModel, luresOf, questionsOf } from '../core/diary/ended';
import { LANDING_STEPS } from '../core/cautions/landing';
import { applyPuts, emptyBook } from '../core/records';
import { corrected, EVENT_KINDS, untold, type StrikeEvent } from '../core/records/event';
import { resolveConditions } from '../core/water/resolve';
import type { Conditions } from '../core/water/conditions';
import {
  againstModelText,
  bestText,
  blockText,
  dayCame,
  diaryHead,
  lureOfDayText,
  monthText,
  questionText,
  waterAlong,
  waterThenText,
} from './diary';
import { detailsText, eventTitle, fishWeightText, placeText, wasText } from './events';
import { LANDING_TEXT } from './landing';
import { IMPERIAL, METRIC } from './units';

const ZONE = 'Etc/GMT+5';
const world = applyPuts(emptyBook(), buildDemoWorld(0));
const days = diaryDays(world);

/** Reads as a sentence: no holes, no codes, no doubled spaces. */
const clean = (s: string): void => {
  expect(s).not.toMatch(/undefined|null|NaN|\bInfinity\b| {2}|\[object|[a-z]-[a-z]+-[a-z]+:/);
  expect(s.trim()).toBe(s);
};

test('every day of the demo season reads well', () => {
  for (const u of [IMPERIAL, METRIC])
    for (const d of days) {
      clean(dayCame(d, u));
      for (const l of luresOf(d)) clean(lureOfDayText(l));
      for (const b of d.blocks) {
        clean(blockText(b, 'Shell elbow'));
        const c = b.conditions as Conditions;
        clean(waterThenText(c, resolveConditions(c), u));
      }
      const against = againstModel(d);
      if (against) clean(againstModelText(against));
      for (const q of questionsOf(d)) clean(questionText(q, ZONE, u));
    }
  for (const b of bestsOf(days)) clean(bestText(b, 'Thrum Creek', ZONE, IMPERIAL));
  expect(diaryHead(days)).toMatch(/^\d+ days(, \d+ of them without a strike)?$/);
  expect(monthText(2026, 9)).toBe('October 2026');
});

test('what came of a day, counted', () => {
  const tally = { casts: 1, strikes: 1, hooked: 1, landed: 1, events: [] };
  expect(dayCame({ tally, longestM: 0.4064 }, IMPERIAL)).toBe('1 cast, 1 strike, 1 landed, the longest 16 in');
  expect(dayCame({ tally: { ...tally, casts: 60, strikes: 0, landed: 0 }, longestM: null }, METRIC)).toBe(
    '60 casts, no strike',
  );
  expect(dayCame({ tally: { ...tally, casts: 0, events: [{} as StrikeEvent] }, longestM: null }, METRIC)).toBe(
    '1 strike, 1 landed',
  );
  const lure = { lureId: 'l', name: 'Rush worm', casts: 0, strikes: 1, landed: 0, minutes: 0.3 };
  expect(lureOfDayText(lure)).toBe('Rush worm: 1 strike, its casts not counted, about 1 minute.');
  expect(lureOfDayText({ ...lure, casts: 12, minutes: 9 })).toBe('Rush worm: 1 strike in 12 casts, about 9 minutes.');
  expect(dayCame({ tally: { ...tally, casts: 0 }, longestM: null }, METRIC)).toBe('nothing logged');
});

test('what was told of a fish', () => {
  const e: StrikeEvent = { ...untold('landed'), id: 'e', blockId: 'b', seq: 1, atMs: 0 };
  expect(detailsText(e, IMPERIAL)).toBe('');
  const told = corrected(
    e,
    { lengthM: 0.4064, weightKg: 1.02, place: 'edge', depthM: 1.2, released: true, note: 'fat' },
    1,
  );
  expect(detailsText(told, IMPERIAL)).toBe('16 in, 2¼ lb, at the edge, 4 ft down, released, “fat”');
  expect(detailsText(told, METRIC)).toBe('41 cm, 1.0 kg, at the edge, 1.2 m down, released, “fat”');
  // Thrown at a planned place: by its name, until it is corrected.
  const thrown = { pieceId: 'p', kind: 'laydown', target: 'tip', fromBank: false, distanceM: 12, leftDeg: 0 } as const;
  expect(detailsText({ ...e, place: 'edge', at: thrown }, METRIC)).toBe('the end of the trunk');
  expect(detailsText({ ...e, place: 'inside', at: thrown }, METRIC)).toBe('deep inside');
  expect(eventTitle({ kind: 'missed', phase: 'pause', side: 'behind' })).toBe('Missed · hang · from behind');
  expect(placeText('inside', 'the alders')).toBe('the inside of the alders');
  expect(placeText(null, 'the alders')).toBe('the alders');
  expect(fishWeightText(12, METRIC)).toBe('12 kg');
  const at = Date.parse('2026-10-08T05:49:00-05:00');
  const again = corrected(told, { lengthM: 0.43, kind: 'lost' }, at);
  expect(wasText(again.was[0]!, ZONE, IMPERIAL)).toBe('Until 5:49 am it said: Landed, 16 in.');
  for (const kind of EVENT_KINDS) clean(eventTitle({ kind, phase: null, side: null }));
});

test('every step of landing has its sentence', () => {
  for (const s of LANDING_STEPS) {
    clean(LANDING_TEXT[s]);
    expect(LANDING_TEXT[s]).toMatch(/[.]$/);
  }
});

test('the water along a day: whole at first, then what had changed by the clock, and nothing where nothing had', () => {
  const [a, b, c] = [0, 1, 2].map((i) => structuredClone(days.find((d) => d.blocks.length === 3)!.blocks[i]!));
  const water = (x: typeof a): Conditions['water'] => (x!.conditions as Conditions).water;
  const HOUR = 3_600_000;
  [a, b, c].forEach((x, i) => (x!.startedAtMs = Date.UTC(2026, 5, 1, 12) + i * HOUR));
  for (const x of [b, c]) x!.conditions = structuredClone(a!.conditions);
  Object.assign(water(a), { surfaceTempC: 12, windMps: 3, tideStage: 'rising' });
  Object.assign(water(b), { surfaceTempC: 12, windMps: 3, tideStage: 'rising' });
  Object.assign(water(c), { surfaceTempC: 14, windMps: 3, tideStage: 'falling' });
  const lines = waterAlong({ blocks: [a!, b!, c!] }, 'Etc/UTC', IMPERIAL);
  expect(lines).toHaveLength(2);
  expect(lines[0]).toMatch(/^54 °F at the top, .*tide rising/);
  expect(lines[1]).toBe('2:00 pm: water 54 °F → 57 °F, tide falling.');
  expect(waterAlong({ blocks: [] }, 'Etc/UTC', IMPERIAL)).toEqual([]);
  for (const d of days) for (const line of waterAlong(d, ZONE, METRIC)) clean(line);
});
