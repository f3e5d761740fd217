import { runVerb, VERBS } from './verbs';

const conditions = {
  species: 'largemouth-bass',
  water: { setting: 'lake', surfaceTempC: 20, clarityM: 1.2, depthM: 3, fishDepthM: 2 },
};
type Out = Record<string, unknown>;
const ok = (verb: string, input: unknown): Out => {
  const r = runVerb(VERBS[verb]!, input);
  if (!r.ok) throw new Error(JSON.stringify(r.problems));
  return r.value as Out;
};

test('rank answers with mood, reasons in words, rigs, exclusions and three lures', () => {
  const out = ok('rank', conditions) as {
    mood: Out;
    ranked: { family: string; why: { text: string; ln: number }[]; score: number; rig: Out }[];
    excluded: unknown[];
    plan: Out;
    notes: string[];
  };
  expect(Object.keys(out.mood)).toEqual(['shut', 'reluctant', 'neutral', 'willing', 'aggressive']);
  expect(out.ranked.length).toBeGreaterThan(10);
  for (const x of out.ranked) {
    expect(x.why.reduce((s, w) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
    expect(x.why.every((w) => w.text.length > 5 && !/undefined|NaN/.test(w.text))).toBe(true);
  }
  expect(out.plan).toEqual({
    start: expect.any(String),
    follow: expect.any(String),
    refusal: expect.any(String),
    casts: expect.any(Number),
    reworked: [],
    gentler: expect.any(Array),
  });
  const [first] = out.ranked as unknown as { working: Record<string, unknown>; rig: { weightKg: number } }[];
  expect(Object.keys(first!.working)).toEqual([
    'weightKg',
    'depthM',
    'speedMps',
    'zoneShare',
    'castsPerHour',
    'style',
    'planned',
  ]);
  expect(first!.working.weightKg).toBe(first!.rig.weightKg);
});

test('a box limits the ranking, each of its lures by itself, and keeps its names', () => {
  const box = [
    { family: 'popper' },
    { family: 'finesse-jig', name: 'mine', weightKg: 0.0035 },
    { family: 'finesse-jig', massKg: 0.0106 },
    { family: 'towed-plug' },
  ];
  const out = ok('rank', { ...conditions, access: 'bank', box }) as {
    ranked: { family: string; lure: string | null; key: string; rig: { weightKg: number } }[];
    excluded: { family: string; reason: string }[];
  };
  expect(out.ranked.map((r) => r.key).sort()).toEqual(['lure-1', 'lure-2', 'lure-3']);
  expect(out.ranked.find((r) => r.key === 'lure-2')).toMatchObject({ lure: 'mine', rig: { weightKg: 0.0035 } });
  expect(out.excluded).toEqual([
    expect.objectContaining({ family: 'towed-plug', reason: expect.stringContaining('boat') }),
  ]);
});

test('through ice its own lures are ranked, loudest first for lively fish', () => {
  const out = ok('rank', {
    species: 'walleye',
    water: { setting: 'ice', clarityM: 1.5 },
    signs: [{ kind: 'hit-at-once', count: 3 }],
  }) as {
    branch: string;
    ranked: { family: string }[];
  };
  expect(out.branch).toBe('ice');
  expect(out.ranked.map((x) => x.family.slice(0, 4))).toEqual(Array(6).fill('ice-'));
});

test('schools are any of the documented ones, the rest by default', () => {
  const peg = (school: string) =>
    (
      ok('rank', {
        ...conditions,
        water: { ...conditions.water, cover: { kind: 'brush', density: 0.8, branchDiameterM: 0.01 } },
        schools: { peg: school },
      }) as { ranked: { family: string; rig: { peg: boolean | null } }[] }
    ).ranked.find((x) => x.family === 'texas-rig')?.rig.peg;
  expect([peg('by-cover'), peg('free')]).toEqual([true, false]);
  expect(runVerb(VERBS.rank!, { ...conditions, schools: { peg: 'never' } }).ok).toBe(false);
});

test('cover picks set-ups that different rods cast, and says what is left open', () => {
  const rods = [
    { lengthM: 2.1, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' },
    { lengthM: 1.8, minLureKg: 0.0009, maxLureKg: 0.007, action: 'moderate' },
  ];
  const out = ok('cover', { conditions, rods, k: 2 }) as {
    setUps: { rod: number; share: number }[];
    strikesPerHour: number;
    possiblePerHour: number;
  };
  expect(out.setUps.map((s) => s.rod).sort()).toEqual([0, 1]);
  expect(out.strikesPerHour).toBeGreaterThan(0.5 * out.possiblePerHour);
  expect(out.setUps.reduce((s, x) => s + x.share, 0)).toBeCloseTo(1, 5);
  const own = ok('cover', {
    scenarios: [
      { conditions, weight: 3, name: 'morning' },
      { conditions: { ...conditions, sky: { sunElevationDeg: 60, cloud: 0 } }, weight: 1 },
    ],
    box: [{ family: 'popper' }, { family: 'finesse-jig', name: 'mine' }],
    k: 1,
  }) as { scenarios: { name: string | null; weight: number }[]; setUps: { key: string }[] };
  expect(own.scenarios.map((s) => [s.name, s.weight])).toEqual([
    ['morning', 0.75],
    [null, 0.25],
  ]);
  expect(own.setUps).toHaveLength(1);
  expect(runVerb(VERBS.cover!, { k: 2 }).ok).toBe(false);
});

test('box turns a table into the list and back, and says what it could not read', () => {
  const csv = 'name,family,weight_g\nTin,popper,9\nOdd,umbrella,9\n';
  const read = ok('box', { csv }) as {
    lures: { family: string; weightKg: number }[];
    problems: { line: number; text: string }[];
  };
  expect(read.lures).toEqual([expect.objectContaining({ family: 'popper', name: 'Tin', weightKg: 0.009 })]);
  expect(read.problems).toEqual([{ line: 3, text: expect.stringContaining('umbrella') }]);
  const { csv: written } = ok('box', { lures: read.lures }) as { csv: string };
  expect((ok('box', { csv: written }) as typeof read).lures).toEqual(read.lures);
  // What it answers, the ranking takes.
  expect((ok('rank', { ...conditions, box: read.lures }) as { ranked: unknown[] }).ranked).toHaveLength(1);
  expect(runVerb(VERBS.box!, {}).ok).toBe(false);
});

test('asked for detail, rank says what would change its mind and when to step', () => {
  const out = ok('rank', { ...conditions, detail: true }) as {
    changes: { reading: string; rival: string }[];
    ladder: { key: string; casts: number | null }[];
  };
  expect(out.changes.length).toBeGreaterThan(1);
  expect(out.ladder[out.ladder.length - 1]!.casts).toBeNull();
});

test('every fish gets a ranking', () => {
  expect(
    (ok('rank', { species: 'tarpon', water: { setting: 'inlet' } }) as { ranked: unknown[] }).ranked.length,
  ).toBeGreaterThan(5);
});

test('guarding fish are judged by their agitation, full ones are told', () => {
  const beds = ok('mood', {
    ...conditions,
    behaviour: 'guarding',
    signs: [
      { kind: 'quick-turns', count: 3 },
      { kind: 'flare', count: 3 },
    ],
  }) as { guarding: { agitation: Record<string, number>; advice: string } };
  expect(Object.values(beds.guarding.agitation).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  expect(['keep-on', 'small-now']).toContain(beds.guarding.advice);
  const full = ok('mood', {
    species: 'largemouth-bass',
    forageAbundance: 'thick',
    month: 8,
    water: { setting: 'reservoir', surfaceTempC: 26, tempChange3dC: 0 },
    sky: { front: 'none' },
  }) as { full: number; text: string[] };
  expect(full.full).toBeGreaterThan(0.5);
  expect(full.text.join(' ')).toContain('full');
});

test('mood sums to one and says why', () => {
  const out = ok('mood', conditions) as { mood: Record<string, number>; text: string[] };
  expect(Object.values(out.mood).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  expect(out.text.length).toBeGreaterThan(1);
});

test('plan fills in the tackle that is not named', () => {
  const out = ok('plan', { conditions, lure: { family: 'popper' } }) as {
    zoneShare: { mean: number };
    presentation: { line: Out };
  };
  expect(out.zoneShare.mean).toBeGreaterThan(0.8);
  expect(out.presentation.line).toEqual({ material: 'braid', strengthLb: 15 });
});

test('simulate answers times in the order asked', () => {
  const lure = { massKg: 0.01, volumeM3: 3.4e-6, dragAreaM2: 2e-4 };
  const out = ok('simulate', { kind: 'free-sink', lure, timesS: [2, 1] }) as { depthM: number[] };
  expect(out.depthM[0]).toBeGreaterThan(out.depthM[1]!);
  const cast = ok('simulate', {
    kind: 'cast-retrieve',
    lure,
    line: { diameterM: 0.0003, densityKgM3: 1140, stiffnessN: 214 },
    tipM: [0, 0, 1],
    lureM: [12, 0, 0],
    lineLengthM: 12.1,
    timesS: [3, 1],
  }) as { depthM: number[] };
  expect(cast.depthM[0]).toBeGreaterThan(cast.depthM[1]!);
  const tow = {
    kind: 'steady-tow',
    lure,
    line: { diameterM: 0.0003, densityKgM3: 1140, stiffnessN: 214 },
    speedMps: 1,
    tipHeightM: 1,
  };
  expect((ok('simulate', { ...tow, lineLengthM: 20 }) as { depthM: number }).depthM).toBeGreaterThan(0.5);
  expect((ok('simulate', { ...tow, wetLengthM: 20 }) as { wetLengthM: number }).wetLengthM).toBeCloseTo(20, 9);
  expect(ok('simulate', { ...tow, lineLengthM: 0.5 })).toMatchObject({
    depthM: null,
    notes: ['the line does not reach the water'],
  });
  const floater = { ...lure, massKg: 0.5 * 998 * lure.volumeM3 };
  expect(ok('simulate', { ...tow, lure: floater, lineLengthM: 20 })).toMatchObject({
    depthM: null,
    notes: [expect.stringContaining('floats')],
  });
  expect(
    ok('simulate', {
      kind: 'hook-set',
      line: { stiffnessN: 200, strengthN: 50 },
      lineLengthM: 20,
      sweepM: 1,
      rodStiffnessNpm: 80,
    }),
  ).toMatchObject({
    forceRigidRodN: 10,
    breaks: false,
  });
});

test.each<[string, Record<string, unknown>, string]>([
  [
    'a lure that nothing brakes',
    { kind: 'free-sink', lure: { massKg: 0.01, volumeM3: 3e-6, dragAreaM2: 5e-324 }, timesS: [1] },
    'lure.dragAreaM2',
  ],
  [
    'a line that nothing stretches',
    {
      kind: 'cross-current-bow',
      line: { diameterM: 0.00028, densityKgM3: 970, stiffnessN: 5e-324 },
      crossFlowMps: 1,
      tensionN: 2,
      lineLengthM: 30,
    },
    'line.stiffnessN',
  ],
])('simulate has no infinite answer for %s', (_, d, path) => {
  expect(runVerb(VERBS.simulate!, d)).toMatchObject({ ok: false, problems: [{ path }] });
});

test('simulate solves what takes too long more coarsely, and says so', () => {
  const twitched = {
    kind: 'cast-retrieve',
    lure: { massKg: 0.01, volumeM3: 3.4e-6, dragAreaM2: 2e-4 },
    line: { diameterM: 0.0003, densityKgM3: 1140, stiffnessN: 214 },
    tipM: [0, 0, 1],
    lureM: [30, 0, 0],
    lineLengthM: 30.5,
    tipMoves: Array.from({ length: 5000 }, (_, i) => ({
      startS: i * 0.7,
      durationS: 0.2,
      dxM: i % 2 ? 0.4 : -0.4,
      dzM: 0,
    })),
  };
  expect(ok('simulate', { ...twitched, timesS: [60] })).not.toHaveProperty('notes');
  const hour = ok('simulate', { ...twitched, timesS: [60, 3600] }) as { depthM: number[]; notes: string[] };
  expect(hour.notes).toEqual([expect.stringContaining('rough')]);
  expect(hour.depthM.every(Number.isFinite)).toBe(true);
  // What cannot be followed to its end at all is followed as far as it goes.
  const line = { diameterM: 0.005, densityKgM3: 12_000, stiffnessN: 1e6 };
  const lure = { massKg: 1e-5, volumeM3: 1e-9, dragAreaM2: 1e-7 };
  const wild = { ...twitched, tipMoves: [], line, lure, currentMps: [3, 3, 3], windMps: [40, 40, 0], floorDepthM: 2 };
  const cut = ok('simulate', { ...wild, timesS: [1, 3600] }) as { depthM: (number | null)[]; notes: string[] };
  expect(cut.depthM).toEqual([expect.any(Number), null]);
  expect(cut.notes).toContainEqual(expect.stringContaining('followed up to'));
});

test('learn without a stated prior shrinks towards the mean of all', () => {
  const out = ok('learn', {
    efforts: [
      { presentation: 'a', casts: 10, strikes: 3 },
      { presentation: 'b', casts: 200, strikes: 4 },
    ],
  }) as { rates: { perCast: { mean: number } }[] };
  expect(out.rates[0]!.perCast.mean).toBeLessThan(0.3);
  expect(out.rates[0]!.perCast.mean).toBeGreaterThan(out.rates[1]!.perCast.mean);
});

test('a batch keeps its order', () => {
  const out = ok('mood', [
    conditions,
    { ...conditions, water: { ...conditions.water, surfaceTempC: 4 } },
  ]) as unknown as { mean: number }[];
  expect(out[0]!.mean).toBeGreaterThan(out[1]!.mean);
});

describe('bad documents', () => {
  const problems = (input: unknown) => {
    const r = runVerb(VERBS.rank!, input);
    return r.ok ? [] : r.problems.map((p) => p.path);
  };
  test.each([
    ['a fish nobody knows', { ...conditions, species: 'whale' }, 'species'],
    ['a slip of the key', { ...conditions, watr: {} }, '(whole document)'],
    [
      'a number out of range',
      { ...conditions, water: { ...conditions.water, surfaceTempC: 99 } },
      'water.surfaceTempC',
    ],
    ['a sign without a count', { ...conditions, signs: [{ kind: 'follow' }] }, 'signs[0].count'],
    ['nothing at all', null, '(whole document)'],
  ])('%s names its place', (_name, input, at) => {
    expect(problems(input)).toContain(at);
  });

  test('in a batch the place says which', () => {
    expect(problems([conditions, { ...conditions, month: 13 }])).toEqual(['[1].month']);
  });
});

test('long lists have an end: of many presentations the most fished are compared, a long tide is asked in parts', () => {
  const efforts = Array.from({ length: 300 }, (_, i) => ({ presentation: `way ${i}`, casts: 10 + i, strikes: i % 3 }));
  const out = ok('learn', { efforts }) as {
    rates: unknown[];
    comparisons: { a: string; b: string }[];
    compared: number;
  };
  expect([out.rates.length, out.compared, out.comparisons.length]).toEqual([300, 200, (200 * 199) / 2]);
  // Those of the fewest casts are left out, the order stands.
  expect(out.comparisons[0]).toMatchObject({ a: 'way 100', b: 'way 101' });
  expect(ok('learn', { efforts: efforts.slice(0, 3) })).not.toHaveProperty('compared');
  const tide = (to: string) => ({
    constituents: [{ name: 'M2', amplitudeM: 1, phaseDeg: 0 }],
    from: '2026-01-01T00:00:00Z',
    to,
    stepMinutes: 1440,
  });
  const far = runVerb(VERBS.tide!, tide('2080-01-01T00:00:00Z'));
  expect(far.ok === false && far.problems[0]!.path).toBe('to');
  expect(runVerb(VERBS.tide!, tide('2026-03-01T00:00:00Z')).ok).toBe(true);
});
