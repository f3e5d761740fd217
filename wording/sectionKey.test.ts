import { COVER_KINDS } from '../core/water/terms';
import { layerText, markText, reachText, sectionKey, waterAt, type KeyFacts } from './sectionKey';
import { IMPERIAL, METRIC } from './units';

const facts: KeyFacts = {
  depthM: 3,
  bandM: [1, 2],
  countsM: null,
  beside: null,
  sightM: 0.8,
  feltM: 1.2,
  clarityM: 1.5,
  attenuationPerM: 1,
  tipM: 1,
  castM: 20,
  access: 'kayak',
  currentMps: 0.3,
  currentAngleDeg: 90,
  windMps: 4,
  windAngleDeg: 180,
  cover: { kind: 'wood', density: 0.4 },
  bottom: 'mud',
  holding: 'outer-edge',
  lureName: 'Alder minnow',
  zoneShare: 0.46,
  targetM: 18,
  over: { atM: 10, topM: 2 },
  other: { depthM: [0, 2] },
  path: { depthM: [0, 1.5], onBottom: [false, true], range: { shallowM: [0, 1.2], deepM: [0, 1.9] } },
  marks: [{ kind: 'landed' }],
  reaches: [{ name: 'Popper', topM: 0, bottomM: 0.4, atM: 0, snag: 0.2 }],
  layers: [],
};
const BOTH = { sight: true, wind: true };

test('each thing is told once, as a sign and a sentence', () => {
  const key = sectionKey(facts, IMPERIAL, BOTH);
  expect(new Set(key.map((k) => k.thing)).size).toBe(key.length);
  for (const k of key) {
    expect(k.sign).toMatch(/^[A-Z]/);
    expect(k.text).toMatch(/^[A-Z].*\.$/);
    expect(k.text).not.toMatch(/undefined|NaN|null/);
  }
});

test('a lure worked under the fish counts at its own depth, and the key says where', () => {
  const text = (more: Partial<KeyFacts>, thing: string): string =>
    sectionKey({ ...facts, ...more }, METRIC, BOTH).find((k) => k.thing === thing)!.text;
  expect(text({ countsM: [1, 2] }, 'band')).toContain('In it a lure counts');
  const under = { countsM: [2.2, 2.8], beside: 'under' } as const;
  expect(text(under, 'band')).toContain('This lure counts at 2.2–2.8 m, under the fish');
  expect(text(under, 'path')).toContain('solid where it counts');
});

test('what is not drawn is not in the key', () => {
  const bare = sectionKey(
    {
      ...facts,
      path: null,
      other: null,
      reaches: [],
      marks: [],
      targetM: null,
      over: null,
      currentMps: 0,
      cover: { kind: 'none', density: 0 },
    },
    METRIC,
    { sight: false, wind: false },
  );
  expect(bare.map((k) => k.thing)).toEqual(['band', 'fish', 'stand', 'bottom']);
});

test('figures in the angler’s units, the same as the section has', () => {
  const of = (u: typeof IMPERIAL) =>
    sectionKey(facts, u, BOTH)
      .map((k) => k.text)
      .join(' ');
  expect(of(IMPERIAL)).toContain('59 ft off');
  expect(of(IMPERIAL)).toContain('Mud, 10 ft down.');
  expect(of(METRIC)).toContain('18 m off');
  expect(of(METRIC)).toContain('Wind 14 km/h');
  expect(of(METRIC)).toContain('a tenth of the light is left at 2.3 m');
});

test.each(COVER_KINDS)('%s as cover', (kind) => {
  const text = sectionKey({ ...facts, cover: { kind, density: 0.4 } }, METRIC, BOTH).find(
    (k) => k.thing === 'cover',
  )?.text;
  expect(text ?? 'none').toBe(kind === 'none' ? 'none' : 'The cover, 40 % dense.');
});

test('what goes across the cast is called by the ring that it is drawn as', () => {
  const sign = (angleDeg: number) =>
    sectionKey({ ...facts, windAngleDeg: angleDeg }, METRIC, BOTH).find((k) => k.thing === 'wind')!.sign;
  expect([sign(90), sign(180)]).toEqual(['Ring with a dot', 'Dark arrow']);
});

test('a bar, a layer, a sign, and open water', () => {
  expect(reachText(facts.reaches[0]!, 3, METRIC)).toBe(
    '3 Popper: can be kept from the top to 0.4 m, does best at the top, and hangs up often.',
  );
  expect(layerText({ topM: 1, bottomM: 2, perCast: 0.034, casts: 51 }, METRIC)).toContain(
    '3.4 strikes in 100 casts, from 51 casts',
  );
  expect(markText('missed')).toMatch(/^Missed/);
  expect(waterAt(1, Math.LN10, METRIC)).toContain('10 % of the light');
});
