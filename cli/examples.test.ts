/** The documents of docs/examples, one a verb: each is taken, and answers what it is there to show. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { runVerb, VERBS } from './verbs';

const EXAMPLES = path.resolve(__dirname, '../docs/examples');
const answer = (verb: string): Record<string, never> => {
  const r = runVerb(VERBS[verb]!, JSON.parse(readFileSync(path.join(EXAMPLES, `${verb}.json`), 'utf8')));
  if (!r.ok) throw new Error(JSON.stringify(r.problems));
  return r.value as Record<string, never>;
};
type Loose = { [key: string]: any }; // eslint-disable-line @typescript-eslint/no-explicit-any

jest.setTimeout(60_000);

test('there is one for every verb, and for nothing else', () => {
  const files = readdirSync(EXAMPLES).filter((f) => f.endsWith('.json'));
  expect(files.map((f) => f.replace('.json', '')).sort()).toEqual(Object.keys(VERBS).sort());
});

test('rank: the lures of the box by name, their reasons adding up to the score', () => {
  const r = answer('rank') as Loose;
  expect(r.ranked.length).toBeGreaterThan(2);
  for (const x of r.ranked) {
    expect(x.lure).toBeTruthy();
    expect(x.why.reduce((s: number, w: Loose) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
  }
  const minnow = r.ranked.find((x: Loose) => x.lure === 'Alder minnow');
  expect(minnow.evidence).toMatchObject({ strikes: expect.closeTo(3, 1), tooThin: true });
  expect(r.trial.pBest).toBeGreaterThan(0);
});

test('mood: a distribution, and the sign to look for next', () => {
  const { mood, nextSign } = answer('mood') as Loose;
  expect(Object.values(mood as Record<string, number>).reduce((s, v) => s + v, 0)).toBeCloseTo(1, 9);
  expect(nextSign.bits).toBeGreaterThan(0);
});

test('plan: the cast that was set, worked among the fish', () => {
  const plan = answer('plan') as Loose;
  expect(plan.presentation.castM).toBe(24);
  expect(plan.zoneShare.mean).toBeGreaterThan(0.2);
});

test('box: two lures, in kilograms', () => {
  const { lures, problems } = answer('box') as Loose;
  expect(lures.map((l: Loose) => [l.name, l.weightKg])).toEqual([
    ['Chip popper', expect.closeTo(0.009, 6)],
    ['Tin leaf', expect.closeTo(0.014, 6)],
  ]);
  expect(problems).toEqual([]);
});

test('cover: two set-ups, each on a rod that throws it', () => {
  const { setUps } = answer('cover') as Loose;
  expect(setUps).toHaveLength(2);
  expect(new Set(setUps.map((s: Loose) => s.rod)).size).toBe(2);
});

test('casts: the outer limbs before the trunk; what was cast and what rests is left out', () => {
  const { stand, casts, strikes, insideFirst } = answer('casts') as Loose;
  const order = casts.map((c: Loose) => c.target);
  expect(order.indexOf('tip')).toBeLessThan(order.indexOf('trunk'));
  expect(stand.side).not.toBe('behind');
  expect(strikes).toBeGreaterThan(insideFirst);
  const document = JSON.parse(readFileSync(path.join(EXAMPLES, 'casts.json'), 'utf8')) as Loose;
  const fished = { cast: ['tip'], resting: ['root'] };
  const later = runVerb(VERBS.casts!, { ...document, fished });
  if (!later.ok) throw new Error('refused');
  expect((later.value as Loose).leftOut).toEqual([
    { id: 'tip', why: 'cast' },
    { id: 'root', why: 'resting' },
  ]);
  const ice = runVerb(VERBS.casts!, { ...document, conditions: { ...document.conditions, access: 'ice' } });
  expect(ice).toMatchObject({ ok: true, value: { stand: null } });
});

test('simulate: a heavy head nears its final speed within a second', () => {
  const r = answer('simulate') as Loose;
  expect(JSON.stringify(r)).toMatch(/depthM|terminal/);
});

test('sky: sunrise before sunset, within the local day', () => {
  const { sunrise, sunset } = answer('sky') as Loose;
  expect(Date.parse(sunrise)).toBeGreaterThan(Date.parse('2026-10-08T06:00:00-04:00'));
  expect(Date.parse(sunrise)).toBeLessThan(Date.parse(sunset));
  expect(Date.parse(sunset)).toBeLessThan(Date.parse('2026-10-08T20:00:00-04:00'));
});

test('tide: half-way up between low and high', () => {
  expect((answer('tide') as Loose).heightsM[0]).toBeCloseTo(0.9, 2);
});

test('learn: the jerkbait is likely the better one', () => {
  const { rates, comparisons } = answer('learn') as Loose;
  expect(rates[0].perCast.mean).toBeCloseTo(11 / 190, 9);
  expect(comparisons[0].aBeatsB).toBeGreaterThan(0.8);
});

test('import: a list of catches becomes a day of the record; the line that names no lure of it is told', () => {
  const r = answer('import') as Loose;
  expect(r).toMatchObject({ days: 1, fish: 1, known: 0, dates: 'month-first', datesTold: true });
  expect(r.mapping).toMatchObject({ fish: 'species', length: 'length_(in)', note: 'notes' });
  expect(r.problems).toEqual([{ path: 'line 5', text: 'expected a lure of your box or a kind, not “old boot”' }]);
  expect(r.record.records.trip).toHaveLength(1);
  expect(r.record.records.cast.map((c: Loose) => c.data.count).sort()).toEqual([30, 60]);
});

test('export: the same day as tables, in inches; put in once more the list changes nothing', () => {
  const r = answer('export') as Loose;
  expect(Object.keys(r.files)).toEqual([
    'trips.csv',
    'blocks.csv',
    'events.csv',
    'fish.csv',
    'photos.csv',
    'datapackage.json',
  ]);
  const [head, fish] = r.files['fish.csv'].split('\r\n');
  expect(fish.split(',')[head.split(',').indexOf('length_in')]).toBe('15.5');
  const { record, csv, now } = JSON.parse(readFileSync(path.join(EXAMPLES, 'import.json'), 'utf8')) as Loose;
  const once = runVerb(VERBS.import!, { record, csv, now }) as Loose;
  const twice = runVerb(VERBS.import!, { record: once.value.record, csv, now }) as Loose;
  expect(twice.value).toMatchObject({ days: 0, known: 3 });
  expect(twice.value.record.records).toEqual(once.value.record.records);
  const gpx = runVerb(VERBS.export!, { record, to: 'gpx' }) as Loose;
  expect(gpx.value.files['spots.gpx']).toContain('<wpt ');
  const geo = runVerb(VERBS.export!, { record, to: 'geojson' }) as Loose;
  expect(JSON.parse(geo.value.files['spots.geojson']).features).toHaveLength(2);
});
