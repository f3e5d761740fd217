import { HOLDING_PLACES } from '../core/water/holding';
import { terminalText } from './rig';
import { defaultCadence } from '../core/planning/cadence/library';
import { FAMILIES } from '../core/lures/family';
import { rankLures } from '../core/ranking/rank';
import { planRetrieve, type Plan } from '../core/planning/plan/plan';
import type { PlanSettings } from '../core/planning/task/request';
import { speciesProfile } from '../core/water/species';
import { applyPuts, emptyBook } from '../core/records';
import { learnFromBook } from '../core/lessons/patterns';
import { buildDemoWorld } from '../demo/world';
import { effortText, lessonsHeadline, rateText, thinText } from './lessons';
import { rateLine, rigLine, whyLine } from './lures';
import { moodHeadline, moodSentences } from './mood';
import { FAMILY_NAME, list } from './names';
import { exclusionSentence, reasonSentence, timesText } from './reasons';
import { knownSentence, MEASUREMENT_HOW, measurementText, surenessText } from './measure';
import {
  angleText,
  asideText,
  beatText,
  cadenceText,
  cardRows,
  changeTitle,
  compareRows,
  gainRangeText,
  gainText,
  handleTurnsPerS,
  momentText,
  movedOnText,
  pathSureness,
  planProgressText,
  reelInText,
  settingTitle,
  wishSentence,
  windText,
} from './retrieve';
import { counted } from './count';
import { describeSection, holdingPhrase } from './section';
import { castsText } from './strikes';
import { clockText, dayText, pastDayText, hourText, monthOf, untilText } from './time';
import { fraction, IMPERIAL, METRIC, quantity, say } from './units';
import { holdingReasons, waterWords } from './water';
import { MEASUREMENTS } from '../core/records/measurement';
import { COVER_KINDS } from '../core/water/terms';
import { resolveConditions } from '../core/water/resolve';

test('how many: one, several, so many that the thousands are set apart', () => {
  expect([1, 2, 9999, 30_000].map((n) => counted(n, 'line'))).toEqual([
    '1 line',
    '2 lines',
    '9999 lines',
    '30,000 lines',
  ]);
});

describe('numbers in the angler’s units', () => {
  test.each([
    [0.375, 16, '⅜'],
    [2.5, 2, '2½'],
    [0.3125, 16, '5/16'],
    [1.75, 4, '1¾'],
    [3, 2, '3'],
    [0, 4, '0'],
    [-0.5, 2, '−½'],
  ])('%d in parts of %d is %s', (x, d, text) => {
    expect(fraction(x, d)).toBe(text);
  });

  test.each([
    ['temp', say.temp(14.4, IMPERIAL), '58 °F', say.temp(14.4, METRIC), '14.4 °C'],
    ['change', say.tempChange(-1.1, IMPERIAL), '−2 °F', say.tempChange(1.2, METRIC), '+1.2 °C'],
    ['depth', say.depth(1.6, IMPERIAL), '5 ft', say.depth(1.6, METRIC), '1.6 m'],
    ['deep', say.depth(12, IMPERIAL), '39 ft', say.depth(12, METRIC), '12 m'],
    ['size', say.size(0.1, IMPERIAL), '4 in', say.size(0.1, METRIC), '10 cm'],
    ['weight', say.weight(0.0106, IMPERIAL), '⅜ oz', say.weight(0.0106, METRIC), '11 g'],
    ['tiny weight', say.weight(0.0018, IMPERIAL), '1/16 oz', say.weight(0.0018, METRIC), '1.8 g'],
    ['line', say.line(10, IMPERIAL), '10 lb', say.line(10, METRIC), '4.5 kg'],
    ['speed', say.speed(0.5, IMPERIAL), '1.1 mph', say.speed(0.5, METRIC), '1.8 km/h'],
    ['band', say.depthBand([1.2, 2.4], IMPERIAL), '4–8 ft', say.depthBand([1.2, 2.4], METRIC), '1.2–2.4 m'],
  ])('%s', (_name, imperial, wantImperial, metric, wantMetric) => {
    expect([imperial, metric]).toEqual([wantImperial, wantMetric]);
  });

  test('nothing is minus nothing', () => {
    expect(quantity.tempChange(-0.01, IMPERIAL).value).toBe('0');
    expect(say.seconds(3.5)).toBe('3.5 s');
    expect(say.seconds(12.4)).toBe('12 s');
    expect(say.percent(0.456)).toBe('46 %');
    expect([say.rate(0.034), say.rate(1.26), say.rate(12.3)]).toEqual(['0.03', '1.3', '12']);
  });
});

const clean = (text: string): void => {
  expect(text.length).toBeGreaterThan(3);
  expect(text).not.toMatch(/undefined|NaN|null|\[object|Infinity/);
};

describe('sentences hold on every water', () => {
  const waters = COVER_KINDS.flatMap((kind) =>
    [4, 14, 26].map((surfaceTempC) => ({
      species: 'largemouth-bass' as const,
      // The fish on their beds have reasons of their own.
      ...(surfaceTempC === 14 && kind === 'none' ? { behaviour: 'guarding' as const } : {}),
      month: 6,
      water: {
        setting: 'lake' as const,
        surfaceTempC,
        tempChange3dC: -1,
        clarityM: 0.8,
        depthM: 4,
        fishDepthM: 2,
        cover: { kind, density: 0.6, branchDiameterM: 0.02 },
      },
      signs: [{ kind: 'follow' as const, count: 2 }],
    })),
  );
  test.each(waters.map((w) => [`${w.water.cover.kind} at ${w.water.surfaceTempC} °C`, w] as const))(
    '%s',
    (_name, c) => {
      const r = rankLures(c, { withoutRange: true });
      for (const u of [IMPERIAL, METRIC]) {
        for (const x of r.ranked) {
          for (const w of x.why) clean(reasonSentence(w, u));
          clean(whyLine(x, r.ranked, u));
          clean(rigLine(x.rig, u));
          clean(rateLine(x));
        }
        for (const x of r.excluded) clean(exclusionSentence(x, u));
        moodSentences(r.mood, r.reading, u).forEach(clean);
        holdingReasons(r.reading, u).forEach(clean);
        const words = waterWords(r.reading, speciesProfile('largemouth-bass'), u);
        Object.values(words).forEach(clean);
      }
      clean(moodHeadline(r.mood, r.reading));
    },
  );
});

describe('the section in words', () => {
  const facts = {
    depthM: 3,
    other: { depthM: [0, 2] },
    bandM: [1, 2] as const,
    countsM: null,
    beside: null,
    feltM: 1.2,
    clarityM: 1.5,
    sightM: 0.8,
    tipM: 1,
    castM: 20,
    currentMps: 0.3,
    currentAngleDeg: 90,
    windMps: 4,
    windAngleDeg: 180,
    cover: { kind: 'wood' as const, density: 0.4 },
    holding: 'outer-edge' as const,
    lureName: 'Alder minnow',
    zoneShare: 0.46,
    access: 'ice' as const,
    targetM: 18,
    over: { atM: 10, topM: 2 },
    path: { depthM: [0, 1.5], onBottom: [false, true], range: { shallowM: [0, 1.2], deepM: [0, 1.9] } },
    marks: [{}],
    reaches: [{ name: 'Popper', topM: 0, bottomM: 0, atM: 0, snag: 0.2 }],
    layers: [{ topM: 0, bottomM: 1, perCast: 0.02, casts: 50 }],
  };
  test('says depth, band, path, current and marks', () => {
    const text = describeSection(facts, IMPERIAL);
    clean(text);
    for (const part of [
      '10 ft',
      'under ice',
      'outer limbs',
      'Alder minnow',
      '46 %',
      'Current 0.7 mph, across',
      'Wind 9 mph, away',
      'from 4 ft to 6 ft',
      'A flag marks what you aim at, 59 ft off',
      'On the way, 33 ft off, it rises to 6½ ft below the surface',
      'touches the bottom',
      'put aside, the thin line, runs down to 6½ ft',
      'Popper',
      '2.0 from 50 casts',
    ])
      expect(text).toContain(part);
  });
  test.each(COVER_KINDS)('a place on %s has a phrase', (kind) => {
    for (const place of HOLDING_PLACES) clean(holdingPhrase(place, kind));
  });
});

describe('what was measured', () => {
  const narrowed = { before: { mid: 0.8, low: 0.6, high: 1 }, after: { mid: 0.7, low: 0.66, high: 0.76 } };
  test('how sure, the number, its range, and what it was before', () => {
    const text = knownSentence('sink', narrowed, 2, METRIC);
    clean(text);
    expect(text).toBe(
      'Known fairly well. Sinks 0.70 m a second, free of the line; likely 0.66–0.76 m, from your 2 counts (before: 0.60–1.00 m).',
    );
    expect(knownSentence('runs', { ...narrowed, after: narrowed.before }, 0, IMPERIAL)).toContain(
      'nothing is counted yet',
    );
    clean(knownSentence('turn', narrowed, 1, IMPERIAL));
    expect([0.9, 0.75, 0.6].map((low) => surenessText({ mid: 0.8, low, high: 1 }))).toEqual([
      'Well known',
      'Roughly known',
      'Only guessed',
    ]);
  });
  test.each(MEASUREMENTS)('a %s reads as a line', (kind) => {
    const c = {
      id: 'c',
      ofId: 'l',
      kind,
      depthM: 3,
      seconds: 4.5,
      turns: 30,
      castM: 20,
      speedMps: 0.8,
      line: { material: 'braid' as const, strengthLb: 15 },
      atMs: 0,
    };
    const text = measurementText(c, IMPERIAL);
    clean(text);
    expect(text).toContain(
      kind === 'turns-in' ? '66 ft in 30 turns' : kind === 'ticks-bottom' ? 'Ticked at 10 ft' : '10 ft in 4.5 s',
    );
    clean(MEASUREMENT_HOW[kind]);
  });
});

describe('retrieve, strikes and lessons', () => {
  test('how deep it runs, how sure that is, and what carries it aside', () => {
    const p = planRetrieve({
      conditions: {
        species: 'largemouth-bass',
        month: 6,
        water: { setting: 'lake', surfaceTempC: 20, depthM: 3, fishDepthM: 1.5, windMps: 6 },
      },
      lure: { family: 'paddletail' },
      rod: { lengthM: 2.1, minLureKg: 0.005, maxLureKg: 0.021, action: 'fast' },
      reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
      line: { material: 'braid', strengthLb: 15 },
      set: { castM: 12, turnsPerS: 1, style: 'steady', countdownS: 2 },
    }) as Plan;
    for (const measured of [false, true]) clean(pathSureness(p, measured, IMPERIAL)!);
    expect(pathSureness({ ...p, range: null }, false, IMPERIAL)).toBeNull();
    expect(asideText({ ...p, asideM: 0.1 }, METRIC)).toBeNull();
    expect(asideText({ ...p, asideM: 1.2 }, METRIC)).toContain('1.2 m aside');
  });

  test.each([
    [{ kind: 'tip', facts: { tip: 'down' } }, 'Drop the rod tip to the water'],
    [{ kind: 'line-thinner', facts: { line: { material: 'braid', strengthLb: 8 } } }, 'Thinner line: 8 lb'],
    [{ kind: 'line-thicker', facts: { line: { material: 'braid', strengthLb: 20 } } }, 'Thicker line: 20 lb'],
    [{ kind: 'heavier', facts: { weightKg: 0.0142 } }, 'Heavier: ½ oz'],
    [{ kind: 'angle', facts: { angleDeg: -135 } }, 'Throw down and across'],
    [{ kind: 'lip-deeper', facts: {} }, 'A longer lip, by a third'],
    [{ kind: 'cast-longer', facts: { castM: 24.4 } }, 'Cast further: 80 ft'],
    [{ kind: 'count-more', facts: { countdownS: 6 } }, 'Count longer: 6 s'],
    [{ kind: 'hang-less', facts: { pauseS: 2 } }, 'Hang shorter: 2 s'],
    [{ kind: 'float', facts: {} }, 'Hang it under a float'],
    [{ kind: 'no-float', facts: {} }, 'Take the float off'],
    [{ kind: 'slower', facts: { turnsPerS: 0.5 } }, 'Slower: 0.5 turns a second'],
  ] as const)('a change reads as an order: %o', (change, text) => {
    expect(changeTitle(change, IMPERIAL)).toBe(text);
  });

  test('what one change buys, with its range only where that is wide', () => {
    expect(gainRangeText({ gain: 0.14, low: 0.05, high: 0.2 })).toBe('+14 %, likely +5 to +20');
    expect(gainRangeText({ gain: -0.2, low: -0.5, high: 0.1 })).toBe('−20 %, likely −50 to +10');
    expect(gainRangeText({ gain: 0.14, low: 0.12, high: 0.17 })).toBe('+14 %');
  });

  test('what has moved on since a plan is named with its figures, and nothing else', () => {
    const water = { species: 'walleye' as const, water: { setting: 'lake' as const, windMps: 2, depthM: 3 } };
    const now = { ...water, water: { ...water.water, windMps: 6 }, sky: { sunElevationDeg: 20 } };
    const text = movedOnText({ ...water, sky: { sunElevationDeg: 45 } }, now, METRIC);
    clean(text);
    expect(text).toContain('wind 7 km/h → 22 km/h; the sun is lower');
    expect(text).not.toContain('depth');
    expect(movedOnText(water, water, METRIC)).not.toContain('(');
  });

  test('how fast the handle goes: while it is turned, else from flick to flick', () => {
    const rate = (style: 'stop-and-go' | 'walk' | 'steady', turnsPerS = 0.8) =>
      handleTurnsPerS(defaultCadence({ style, moodMean: 2, pauseS: 3, turnsPerS }));
    expect(rate('stop-and-go')).toBeCloseTo(0.8, 9);
    expect(rate('steady')).toBeCloseTo(0.8, 9);
    // 0.35 turns take up what each of two snaps in 1.3 s has moved.
    expect(rate('walk', 0.2)).toBeCloseTo(0.35 / 0.7, 2);
    expect(handleTurnsPerS({ steps: [{ kind: 'pause', durationS: 2 }], loop: true })).toBe(0);
  });

  test('heads, sinkers and hooks of the Kit are told by what they are for', () => {
    const item = { weightKg: 0.00709, hookSize: '3/0' as const, count: 12 };
    expect(terminalText({ part: 'head', ...item }, IMPERIAL)).toBe('jig head, ¼ oz, hook 3/0 ×12');
    expect(terminalText({ part: 'sinker', ...item, hookSize: null }, IMPERIAL)).toBe('sinker, ¼ oz ×12');
    expect(terminalText({ part: 'hook', ...item }, IMPERIAL)).toBe('hook 3/0, ¼ oz on its shank ×12');
    expect(terminalText({ part: 'hook', ...item, weightKg: 0 }, IMPERIAL)).toBe('hook 3/0 ×12');
  });

  test('every setting of the angler’s own has a title to be taken back by', () => {
    const set: Required<PlanSettings> = {
      castM: 20,
      countdownS: 4,
      turnsPerS: 0.8,
      tip: 'down',
      style: 'walk',
      pauseS: 2,
      cadence: { steps: [], loop: true },
      float: true,
      below: { way: 'down', depthM: 3 },
      angleDeg: 45,
      weightKg: 0.0142,
      lipScale: 1.35,
      line: { material: 'braid', strengthLb: 10 },
      held: { castM: 20 },
    };
    const titles = (Object.keys(set) as (keyof PlanSettings)[]).map((k) => settingTitle(k, set, METRIC));
    titles.forEach(clean);
    expect(new Set(titles).size).toBe(titles.length);
  });

  test('the angle of a cast to the current', () => {
    expect([0, 45, 90, 135, 180, -45, 200].map(angleText)).toEqual([
      'straight up the current',
      'up and across',
      'across the current',
      'down and across',
      'straight down the current',
      'up and across',
      'straight down the current',
    ]);
  });

  test('what the fish want of the hands, when to reel in, one moment, the card, two plans', () => {
    const ask = (family: 'suspending-jerkbait' | 'sinking-twitchbait' | 'spinnerbait', surfaceTempC: number): Plan =>
      planRetrieve(
        {
          conditions: {
            species: 'largemouth-bass',
            month: 4,
            water: { setting: 'lake', surfaceTempC, depthM: 3, fishDepthM: 1.5 },
          },
          lure: { family },
          rod: { lengthM: 2.1, minLureKg: 0.005, maxLureKg: 0.021, action: 'fast' },
          reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
          line: { material: 'braid', strengthLb: 15 },
        },
        'first',
      );
    const cold = ask('suspending-jerkbait', 6);
    expect(wishSentence(cold, cold.hands.style, IMPERIAL)).toMatch(
      /^The fish are .*: they want hangs of about [\d.]+ s and a slow crawl/,
    );
    expect(wishSentence(ask('sinking-twitchbait', 6), 'twitch-pause', IMPERIAL)).toContain('so it hangs no longer');
    expect(wishSentence(ask('spinnerbait', 20), 'steady', IMPERIAL)).not.toContain('hang');
    expect(reelInText({ ...cold, workedToM: null, cutShort: false }, METRIC)).toBeNull();
    expect(reelInText({ ...cold, workedToM: 8, cutShort: false }, METRIC)).toContain('8.0 m from you');
    expect(reelInText({ ...cold, workedToM: 1, cutShort: false }, METRIC)).toBeNull();
    expect(reelInText({ ...cold, workedToM: 8, cutShort: true }, METRIC)).toContain('throw again');
    clean(momentText(cold, 3, IMPERIAL));
    for (const cell of [...cardRows(cold, IMPERIAL), ...compareRows(cold, ask('spinnerbait', 20), IMPERIAL)].flat())
      clean(`cell ${cell}`);
    expect(planProgressText({ done: 3, of: 180 })).toBe('3 of about 180 casts.');
  });

  test('gains are points of the cast', () => {
    expect([0.14, -0.05, 0.001].map(gainText)).toEqual(['+14 %', '−5 %', 'no change']);
    expect([timesText(Math.log(0.5)), timesText(Math.log(3))]).toEqual(['×0.50', '×3.0']);
  });

  test('a cadence read aloud', () => {
    expect(
      cadenceText({
        steps: [
          { kind: 'turn', durationS: 1.25, handleTurns: 1 },
          { kind: 'twitch', durationS: 0.5 },
          { kind: 'twitch', durationS: 0.5 },
          { kind: 'pause', durationS: 4 },
        ],
        loop: true,
      }),
    ).toBe('one turn, twitch twice and hang 4 s, and again');
    const wound = (...turns: (number | undefined)[]): string =>
      cadenceText({ steps: turns.map((t) => ({ kind: 'turn', durationS: 1, handleTurns: t })), loop: false });
    expect([0.25, 0.5, 0.75, 1, 1.25, 1.5, 2, 0.7, undefined].map((t) => wound(t))).toEqual([
      'a quarter turn',
      'half a turn',
      'three quarters of a turn',
      'one turn',
      '1¼ turns',
      '1½ turns',
      '2 turns',
      '0.7 turns',
      'turn 1 s',
    ]);
    expect([wound(1, 1), wound(1, 0.5)]).toEqual(['2 turns', 'one turn and half a turn']);
    const turn = { kind: 'turn', durationS: 4, handleTurns: 3 } as const;
    expect(cadenceText({ steps: [turn], loop: true })).toBe('turn steadily');
    expect(cadenceText({ steps: [turn], loop: false })).toBe('3 turns');
    expect(cadenceText({ steps: [{ ...turn, kind: 'burn' }], loop: false })).toBe('burn 3 turns');
    const beat = { atS: 0, durationS: 1, kind: 'turn', handleTurns: 0.5 } as const;
    expect([beatText(beat, false), beatText(beat, true), beatText({ ...beat, kind: 'pause' }, false)]).toEqual([
      '½ turn',
      'turn',
      '1 s',
    ]);
    expect([1, 1.5, 0.7].map((t) => windText(t, true))).toEqual(['1 turn', '1½ turns', '0.7 turns']);
  });

  test('casts are counted', () => {
    expect([1, 2].map(castsText)).toEqual(['1 cast', '2 casts']);
  });

  test('every lesson of the demo season reads well', () => {
    const l = learnFromBook(applyPuts(emptyBook(), buildDemoWorld(0)));
    clean(lessonsHeadline(l));
    for (const p of l.patterns) {
      clean(rateText(p));
      clean(effortText(p));
      const thin = thinText(p);
      if (p.tooThin) expect(thin).toContain('Not enough yet');
    }
  });
});

test('times are told in the water’s own zone', () => {
  const at = Date.parse('2026-10-08T05:49:00-05:00');
  expect(clockText(at, 'Etc/GMT+5', METRIC)).toBe('5:49');
  expect(clockText(at + 12 * 3_600_000, 'Etc/GMT+5', METRIC)).toBe('17:49');
  expect(clockText(at, 'Etc/GMT+5', IMPERIAL)).toBe('5:49 am');
  expect(clockText(at + 12 * 3_600_000, 'Etc/GMT+5', IMPERIAL)).toBe('5:49 pm');
  const hours = [0, 6, 12, 18].map((h) => Date.parse('2026-10-08T00:00:00-05:00') + h * 3_600_000);
  expect(hours.map((ms) => hourText(ms, 'Etc/GMT+5', IMPERIAL))).toEqual(['midnight', '6 am', 'noon', '6 pm']);
  expect(hours.map((ms) => hourText(ms, 'Etc/GMT+5', METRIC)).slice(1)).toEqual(['6:00', '12:00', '18:00']);
  expect(dayText(at, 'Etc/GMT+5')).toContain('8 Oct');
  expect(pastDayText(at, 'Etc/GMT+5')).toMatch(/^\w{3},? 8 Oct \d{4}$/);
  expect(monthOf(at, 'Etc/GMT+5')).toBe(10);
  expect([untilText(12 * 60_000), untilText(200 * 60_000), untilText(-5)]).toEqual([
    'in 12 min',
    'in 3 h 20',
    'in 0 min',
  ]);
});

test('every family has a name, and lists read as lists', () => {
  for (const f of FAMILIES) clean(FAMILY_NAME[f]);
  expect(list(['a', 'b', 'c'])).toBe('a, b and c');
  expect(resolveConditions({ species: 'crappie', water: { setting: 'pond' } }).setting).toBe('pond');
});
