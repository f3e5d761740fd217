import { CAUTIONS, type Caution } from '../core/cautions/cautions';
import { computeDayLine } from '../core/forecast/line';
import { STATION_FAULTS } from '../core/stations/answer';
import { stationReading } from '../core/stations/reading';
import { stationReport } from '../core/stations/report';
import { STATIONS } from '../core/stations/places';
import { speciesProfile } from '../core/water/species';
import {
  ageText,
  bestShort,
  bestText,
  cautionText,
  dayLineWords,
  importText,
  leftOverText,
  restText,
  STATION_FAULT_NAME,
  stationReadingText,
  stationText,
  worthText,
} from './day';
import { spotFeatures, spotWarnings } from './spots';
import { currentWay, derivedFacts, lightWord, windWay } from './water';
import { IMPERIAL, METRIC } from './units';
import { resolveConditions } from '../core/water/resolve';

const ZONE = 'Etc/GMT+5';
const clean = (s: string) => {
  expect(s).not.toMatch(/undefined|NaN|null|Infinity|\s{2,}/);
  expect(s.length).toBeGreaterThan(2);
};

const reading = resolveConditions({
  species: 'spotted-seatrout',
  month: 7,
  water: { setting: 'tidal-creek', surfaceTempC: 26, clarityM: 0.7, depthM: 2, fishDepthM: 1 },
});
const line = computeDayLine({
  place: { latDeg: 45, lonDeg: -75, zone: ZONE },
  date: '2026-07-04',
  reading,
  tide: { kind: 'constituents', ...STATIONS['arm-light'].tide! },
  cloud: [],
  waterC: [],
  moonGain: 0,
});

test('the day in words: when, why, sun, tide, moon', () => {
  for (const u of [IMPERIAL, METRIC]) {
    const text = dayLineWords(line, ZONE, u);
    clean(text);
    for (const part of ['Best two hours', 'Sunrise', 'high', 'low', 'Moon']) expect(text).toContain(part);
  }
  expect(bestText(line.best!, ZONE, METRIC)).toMatch(/because/);
  clean(bestShort(line.best!, ZONE, METRIC));
  expect(dayLineWords({ ...line, best: null, turns: [] }, ZONE, IMPERIAL)).toContain('No two hours are left');
});

const facts = {
  clearMs: 1_790_000_000_000,
  leftMin: 12,
  distanceM: 3100,
  thicknessM: 0.06,
  leastM: 0.1,
  tempC: 8,
  windMps: 9,
  limitMps: 8,
  waveM: 0.5,
  limitM: 0.4,
  byM: 0.7,
  highAtMs: 1_790_000_000_000,
  backMs: 1_790_000_000_000,
  salt: 1,
  airTempC: 34,
  currentMps: 0.8,
};
test.each(CAUTIONS)('the caution %s is short and in the angler’s units', (code) => {
  for (const u of [IMPERIAL, METRIC])
    for (const weight of [1, 2, 3] as const) {
      const text = cautionText({ code, weight, facts } as Caution, u, ZONE);
      clean(text);
      expect(text.length).toBeLessThan(240);
      // Nothing is ever called safe.
      expect(text.replace(/[Nn]o ice is safe/, '')).not.toMatch(/\bsafe\b/);
    }
});

describe('the station in words', () => {
  const s = {
    name: 'Arm light',
    ageMs: 50 * 60_000,
    asking: false,
    slow: false,
    problem: null,
    via: 'server' as const,
    used: true,
  };
  test.each([
    ['works', s, 'made-up station'],
    ['out of order', { ...s, problem: 'out-of-order' as const }, 'last good report is 50 min old'],
    ['too slow', { ...s, problem: 'too-slow' as const }, 'did not answer in time'],
    ['nonsense', { ...s, problem: 'nonsense' as const }, 'none of it is used'],
    ['slow', { ...s, asking: true, slow: true }, 'slow to answer'],
    ['old news', { ...s, ageMs: 27 * 3_600_000, used: false }, 'too old to use'],
    ['never reported', { ...s, ageMs: null, problem: 'out-of-order' as const }, 'by hand'],
    ['first asked', { ...s, ageMs: null, asking: true }, 'Asking'],
  ])('%s', (_name, facts_, part) => {
    const text = stationText(facts_);
    clean(text);
    expect(text).toContain(part);
  });
  test('what it says, and the names of its faults', () => {
    const now = Date.parse('2026-10-08T10:49:00Z');
    clean(stationReadingText(stationReading(stationReport('arm-light', now), now)!, IMPERIAL));
    for (const f of STATION_FAULTS) clean(STATION_FAULT_NAME[f]);
  });
});

test('ages, files, rest, spots', () => {
  expect([40 * 60_000, 5 * 3_600_000, 80 * 3_600_000].map(ageText)).toEqual(['40 min', '5 h', '3 days']);
  expect(importText(3, 0)).toBe('3 readings taken.');
  expect(importText(1, 2)).toBe('1 reading taken, 2 lines left out.');
  expect(importText(0, 2)).toContain('Nothing');
  const at = Date.parse('2026-07-04T06:00:00-05:00');
  const r = { spotId: 'a', place: null, kind: 'missed' as const, sinceMs: at, readyAtMs: at + 75 * 60_000 };
  expect(restText(r, 'Shell elbow', ZONE, at, METRIC)).toBe(
    'Leave Shell elbow until 7:15: a fish was missed and not stung at 6:00.',
  );
  expect(restText({ ...r, place: 'inside' }, 'Shell elbow', ZONE, at, METRIC)).toContain(
    'Leave the inside of Shell elbow until 7:15',
  );
  expect(leftOverText({ spotId: 'a', place: 'edge', kind: 'lost', atMs: at }, 'Shell elbow', ZONE)).toBe(
    'A fish was lost at the edge of Shell elbow on Sat 4 Jul, and none landed there since: worth a try.',
  );
  expect(restText(r, 'Shell elbow', ZONE, at + 80 * 60_000, METRIC)).toContain('Go back now');
  expect(
    spotFeatures({
      bait: true,
      current: false,
      structure: true,
      depthChange: false,
      bestTide: 'falling',
      bestLight: 'low',
    }),
  ).toBe('2 of 4: bait and structure; best on a falling tide, best in low light.');
  expect(
    spotFeatures({
      bait: false,
      current: false,
      structure: false,
      depthChange: false,
      bestTide: 'any',
      bestLight: 'any',
    }),
  ).toBe('0 of 4: nothing known.');
  const mouth = {
    bait: true,
    current: false,
    structure: false,
    depthChange: false,
    bestTide: 'any',
    bestLight: 'any',
  } as const;
  expect(spotFeatures({ ...mouth, part: 'back' }, 'winter')).toBe(
    '1 of 4: bait. The back of a creek or arm: few are there in winter.',
  );
  expect(spotFeatures({ ...mouth, part: 'mouth' }, 'pre-spawn')).toContain('a place to be before they spawn.');
  expect(spotFeatures({ ...mouth, part: 'flat' }, 'summer')).toBe('1 of 4: bait. A flat.');
  expect(spotWarnings({ hazards: 'Old stakes.', lowWater: '' })).toBe('Mind: Old stakes.');
  expect(spotWarnings({ hazards: '', lowWater: '' })).toBe('');
  expect([1, 0.7, 0.4, 0.1].map(worthText)).toEqual(['very good', 'good', 'fair', 'poor']);
});

test('what follows from the readings, in a few words each', () => {
  for (const u of [IMPERIAL, METRIC])
    for (const f of derivedFacts(reading, speciesProfile('spotted-seatrout'), u)) {
      clean(f.value);
      clean(f.name);
    }
  expect([50_000, 5000, 300, 40, 3, 0.1, 0.001].map(lightWord)).toEqual([
    'full daylight',
    'shade',
    'as in a dim room',
    'half light',
    'nearly dark',
    'moonlight',
    'dark',
  ]);
  expect([0, 90, 180, -90].map(currentWay)).toEqual(['towards me', 'right to left', 'away from me', 'left to right']);
  expect([0, 90, 180, -90].map(windWay)).toEqual(['in my face', 'from my right', 'at my back', 'from my left']);
});
