/** Spots out to open files and back: nothing lost, nothing doubled, nothing of a hostile file taken. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { check } from '@placemarkio/check-geojson';
import * as fc from 'fast-check';
import { validateXML } from 'xmllint-wasm';
import { seededRandom } from '../../base/random';
import { anySpot, anyXmlSpot, broken } from '../../fixtures/anySpot';
import type { WaterPlace } from '../../records/water';
import { shoreFields, type Shore } from '../../records/shore';
import { newSpot, spotFields, type Spot } from '../../records/spot';
import type { PlacesFile } from './found';
import { readGeoJson, writeGeoJson } from './geoJson';
import { mergePlaces } from './merge';
import { readGpx } from './readGpx';
import { writeGpx } from './writeGpx';

const SCHEMA = readFileSync(path.join(__dirname, '../../fixtures/gpx-1.1.xsd'), 'utf8');
const nameOf = (id: string): string => `Water & co "${id}"`;
const WATERS = Object.fromEntries(
  ['water-one', 'water-two', 'a "third" <water> & more'].map((id) => [
    id,
    { id, name: id, latDeg: 43, lonDeg: -84 } as unknown as WaterPlace,
  ]),
);
const byId = <T extends { id: string }>(all: readonly T[]): Record<string, T> =>
  Object.fromEntries(all.map((x) => [x.id, x]));
const into = (file: PlacesFile, spots: readonly Spot[] = [], shores: readonly Shore[] = []) =>
  mergePlaces(file, { water: WATERS, spot: byId(spots), shore: byId(shores) }, 'water-two');

const elbow = {
  ...newSpot({ id: 'spot-elbow', waterId: 'water-one', name: 'Elbow bar', latDeg: 43.25, lonDeg: -84.5 }),
  bait: true,
  depthM: 1.5,
  hazards: 'Stakes <two> & a chain\nat low water',
  note: 'From the "old" pier',
};
const alder = newSpot({ id: 'spot-alder', waterId: 'water-two', name: 'Alder', latDeg: 43.26, lonDeg: -84.51 });
const bank: Shore = {
  id: 'shore-north',
  waterId: 'water-one',
  name: 'North <bank>',
  points: [
    { latDeg: 43.2, lonDeg: -84.5 },
    { latDeg: 43.25, lonDeg: -84.51 },
    { latDeg: 43.3, lonDeg: -84.4 },
  ],
  closed: true,
  depthM: null,
  retiredAtMs: null,
};
const FORMATS = [
  ['GPX', writeGpx, readGpx],
  ['GeoJSON', writeGeoJson, readGeoJson],
] as const;

describe('written', () => {
  test('any spots make a GPX that an outside validator takes by the schema', async () => {
    const files = fc.sample(fc.array(anyXmlSpot, { minLength: 1, maxLength: 4 }), { numRuns: 12, seed: 5 });
    const edge = { ...alder, lonDeg: 180, latDeg: -1e-9, depthM: 1e-8 };
    for (const spots of [[], [elbow, alder], [edge], ...files]) {
      const { errors } = await validateXML({
        xml: { fileName: 'spots.gpx', contents: writeGpx({ spots, shores: [bank] }, nameOf) },
        schema: SCHEMA,
      });
      expect(errors).toEqual([]);
    }
    // It refuses what the schema does not have.
    const upsideDown = writeGpx({ spots: [elbow], shores: [] }, nameOf).replace(
      /(<name>.*<\/name>)\s*(<desc>[\s\S]*<\/desc>)/,
      '$2$1',
    );
    expect((await validateXML({ xml: [{ fileName: 'x.gpx', contents: upsideDown }], schema: SCHEMA })).valid).toBe(
      false,
    );
  });

  test('any spots make a GeoJSON that an outside validator takes', () => {
    fc.assert(
      fc.property(fc.array(anySpot, { maxLength: 4 }), (spots) => {
        expect(check(writeGeoJson({ spots, shores: [bank] }, nameOf))).toMatchObject({ type: 'FeatureCollection' });
      }),
      { numRuns: 60, seed: 6 },
    );
    expect(() => check(writeGeoJson({ spots: [elbow], shores: [] }, nameOf).replace('-84.5', '"west"'))).toThrow();
  });
});

describe.each(FORMATS)('%s, out and back', (format, writePlaces, read) => {
  const write = (spots: readonly Spot[], shores: readonly Shore[] = []): string =>
    writePlaces({ spots, shores }, nameOf);
  const any = format === 'GPX' ? anyXmlSpot : anySpot;

  test('is the same to the letter', () => {
    fc.assert(
      fc.property(fc.uniqueArray(any, { maxLength: 5, selector: (s) => s.id }), (spots) => {
        const { fresh, problems, changed } = into(read(write(spots)));
        expect({ problems, changed }).toEqual({ problems: [], changed: [] });
        for (const [i, s] of fresh.entries()) {
          const was = spots[i]!;
          // GPX has no exponents and one name for the far meridian.
          expect(Math.abs(s.latDeg - was.latDeg)).toBeLessThan(1e-11);
          expect(Math.abs(Math.abs(s.lonDeg) - Math.abs(was.lonDeg))).toBeLessThan(1e-11);
          expect(Math.abs((s.depthM ?? -1) - (was.depthM ?? -1))).toBeLessThan(1e-11);
          expect(s).toEqual({ ...was, latDeg: s.latDeg, lonDeg: s.lonDeg, depthM: s.depthM });
        }
        expect(fresh).toHaveLength(spots.length);
      }),
      { numRuns: 120, seed: 7 },
    );
  });

  test('read twice it changes nothing; what was moved and renamed elsewhere is a change, not a second spot', () => {
    const file = write([elbow, alder]);
    expect(into(read(file), [elbow, alder])).toMatchObject({ fresh: [], changed: [], same: 2 });
    const moved = { ...elbow, name: 'Elbow shell bar', latDeg: 43.251, depthM: null };
    expect(into(read(write([moved, alder])), [elbow, alder])).toMatchObject({
      fresh: [],
      changed: [{ was: elbow, to: moved }],
      same: 1,
    });
  });

  test('a spot put away here stays put away; one that stands twice in the file is told', () => {
    const away = { ...elbow, retiredAtMs: 5 };
    expect(into(read(write([elbow])), [away])).toMatchObject({ same: 1, away: 1, changed: [] });
    const { fresh, problems } = into(read(write([elbow, { ...elbow, name: 'Again' }])));
    expect(fresh.map((s) => s.name)).toEqual(['Elbow bar']);
    expect(problems).toMatchObject([{ n: 2, name: 'Again', fault: 'twice' }]);
  });

  test('a shore comes back as it was drawn; drawn otherwise it is a change; one that is damaged is told', () => {
    const file = write([elbow], [bank]);
    expect(into(read(file))).toMatchObject({ shores: [{ was: null, to: bank }], problems: [] });
    expect(into(read(file), [elbow], [bank])).toMatchObject({ shores: [], same: 2 });
    const longer = { ...bank, points: [...bank.points, { latDeg: 43.4, lonDeg: -84.3 }], closed: false };
    expect(into(read(write([], [longer])), [], [bank]).shores).toEqual([{ was: bank, to: longer }]);
    const damaged = into(
      read(file.replace(format === 'GPX' ? '43.3' : /43\.3\b/, format === 'GPX' ? 'north' : '"north"')),
    );
    expect(damaged).toMatchObject({ fresh: [elbow], shores: [] });
    const short = read(write([elbow], [{ ...bank, points: bank.points.slice(0, 1) }]));
    expect(short).toMatchObject({ shores: [], problems: [{ fault: 'bad-field', of: 'shore' }], left: 0 });
  });

  test('a line of one depth comes back with its depth, nought too; a depth that cannot be is told', () => {
    for (const depthM of [0, 3.5]) {
      const line = { ...bank, closed: false, depthM };
      expect(into(read(write([], [line]))).shores).toEqual([{ was: null, to: line }]);
    }
    expect(read(write([], [{ ...bank, depthM: 500 }]))).toMatchObject({ shores: [], problems: [{ of: 'shore' }] });
  });

  test('every mutant of a file is read without a throw, and what is taken of it is a legal spot', () => {
    const random = seededRandom(11);
    const file = write([elbow, alder], [bank]);
    let whole = 0;
    for (let k = 0; k < 400; k++) {
      const { fresh, problems, shores } = into(read(broken(file, random)));
      for (const s of fresh) expect(spotFields().safeParse(s).success).toBe(true);
      for (const s of shores) expect(shoreFields().safeParse(s.to).success).toBe(true);
      if (fresh.length === 2 && problems.length === 0) whole++;
    }
    // Some changes hurt nothing; most do.
    expect(whole).toBeGreaterThan(5);
    expect(whole).toBeLessThan(300);
  });
});

describe('lines of elsewhere', () => {
  const ring = (n: number): [number, number][] =>
    Array.from({ length: n }, (_, i) => {
      const a = (2 * Math.PI * i) / (n - 1);
      return [-84 + 0.01 * Math.cos(a), 43 + 0.008 * Math.sin(a)];
    });
  const feature = (type: string, coordinates: unknown, name = 'Elbow pond') => ({
    type: 'Feature',
    properties: { name },
    geometry: { type, coordinates },
  });
  const collection = (...features: unknown[]): string => JSON.stringify({ type: 'FeatureCollection', features });

  test('tracks, routes, lines and the edges of areas may be shores; the file alone makes none of them one', () => {
    const at = (n: number, tag: string): string =>
      Array.from({ length: n }, (_, i) => `<${tag} lat="43.${i}" lon="-84"/>`).join('');
    const gpx = readGpx(
      `<gpx><trk><name>North bank</name><trkseg>${at(3, 'trkpt')}</trkseg></trk><rte>${at(4, 'rtept')}</rte><rte/></gpx>`,
    );
    expect(gpx).toMatchObject({ shores: [], left: 1 });
    expect(gpx.lines.map((l) => [l.name, l.points.length, l.closed])).toEqual([
      ['North bank', 3, false],
      ['Line 2', 4, false],
    ]);
    const json = readGeoJson(
      collection(
        feature('Polygon', [ring(9), ring(5)]),
        feature('LineString', ring(5).slice(0, 2), ''),
        feature('MultiPolygon', [[ring(7)], [ring(6)]]),
        feature('GeometryCollection', null),
        feature('LineString', [['a', 1]]),
      ),
    );
    expect(json).toMatchObject({ shores: [], left: 2 });
    expect(json.lines.map((l) => [l.points.length, l.closed])).toEqual([
      [8, true],
      [2, false],
      [6, true],
      [5, true],
    ]);
    // Taken as shores, and taken once more.
    const shores = into({ ...json, shores: json.lines }).shores.map((s) => s.to);
    expect(shores).toHaveLength(4);
    expect(into({ ...json, shores: json.lines }, [], shores)).toMatchObject({ shores: [], same: 4 });
  });

  test('brackets within a name are no nesting', () => {
    const name = '["\\\\'.repeat(200);
    expect(readGeoJson(collection(feature('LineString', ring(5), name))).lines).toHaveLength(1);
  });

  test('positions that are on no earth, and a line of two hundred thousand points, hold nothing up', () => {
    const far = ring(900).map(([lon, lat], i): [number, number] => (i % 7 === 0 ? [1e308, lat] : [lon, -1e300]));
    expect(readGeoJson(collection(feature('LineString', far)))).toMatchObject({ lines: [], left: 1 });
    // A saw that no course can spare a tooth of.
    const saw = Array.from({ length: 200_000 }, (_, i) => [-84 + i * 1e-6, 43 + (i % 2) * 0.5]);
    const { lines } = readGeoJson(collection(feature('LineString', saw)));
    expect(lines[0]!.points.length).toBeLessThanOrEqual(400);
  });

  test('one of many points keeps its course: none is further off it than a few metres', () => {
    const [line] = readGeoJson(collection(feature('LineString', ring(5000)))).lines;
    expect(line!.points.length).toBeLessThanOrEqual(400);
    expect(line!.points.length).toBeGreaterThan(40);
    for (const { latDeg, lonDeg } of line!.points)
      expect(Math.hypot((lonDeg + 84) / 0.01, (latDeg - 43) / 0.008)).toBeCloseTo(1, 2);
    // Between the points that are kept too: a chord of the ring lies inside it by so little.
    line!.points.slice(1).forEach((b, i) => {
      const a = line!.points[i]!;
      const [x, y] = [(a.lonDeg + b.lonDeg) / 2 + 84, (a.latDeg + b.latDeg) / 2 - 43];
      expect(Math.hypot(x / 0.01, y / 0.008)).toBeGreaterThan(0.99);
    });
  });
});

describe('a GPX from elsewhere', () => {
  const HEAD = '<gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">';

  test('names, notes and positions are taken, lines are counted, nameless places get a number', () => {
    const file = readGpx(
      `<?xml version="1.0"?>${HEAD}<metadata><name>not a place</name></metadata>
       <wpt lat="43.1" lon="-84.2"><ele>3</ele><name>  Old pier </name><cmt>short</cmt><desc>long &amp; wide</desc></wpt>
       <wpt lat="43.2" lon="-84.3"><extensions><other xmlns="urn:x"><name>inner</name></other></extensions></wpt>
       <wpt lat="43.3"><name>Nowhere</name></wpt>
       <wpt lat="93" lon="5"><name>Off the earth</name></wpt>
       <rte><name>A route</name><rtept lat="1" lon="2"><name>On it</name></rtept></rte><trk><name>A track</name></trk></gpx>`,
    );
    expect(file.found).toMatchObject([
      { n: 1, line: 2, name: 'Old pier', note: 'long & wide', latDeg: 43.1, lonDeg: -84.2, id: null },
      { n: 2, name: 'Spot 2', note: null, details: {} },
    ]);
    expect(file.problems).toMatchObject([
      { n: 3, line: 4, name: 'Nowhere', fault: 'no-position' },
      { n: 4, line: 5, name: 'Off the earth', fault: 'bad-position' },
    ]);
    expect(file.left).toBe(2);
  });

  test('taken twice it changes nothing, though it has no ids; they go on the water that is chosen', () => {
    const file = `${HEAD}<wpt lat="43.1" lon="-84.2"><name>Pier</name></wpt></gpx>`;
    const once = into(readGpx(file)).fresh;
    expect(once).toMatchObject([{ waterId: 'water-two', name: 'Pier' }]);
    expect([
      into(readGpx(file)).homeless,
      into(readGeoJson(writeGeoJson({ spots: [elbow], shores: [] }, nameOf))).homeless,
    ]).toEqual([true, false]);
    expect(into(readGpx(file), once)).toMatchObject({ fresh: [], changed: [], same: 1 });
    // The same place under an id of its own, three metres off.
    const mine = { ...once[0]!, id: 'mine', latDeg: 43.10003 };
    expect(into(readGpx(file), [mine])).toMatchObject({ fresh: [], changed: [], same: 1 });
  });

  test('a place far from its water is asked about', () => {
    const file = `${HEAD}<wpt lat="43.1" lon="-84.1"><name>Near</name></wpt><wpt lat="53" lon="9"><name>Far</name></wpt></gpx>`;
    const { far, fresh } = into(readGpx(file));
    expect(far.map((f) => f.spot)).toEqual(fresh.filter((s) => s.name === 'Far'));
    expect(far[0]!.awayM).toBeGreaterThan(5_000_000);
  });

  test.each([
    [
      'an entity that unfolds',
      '<!DOCTYPE gpx [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><gpx>&b;</gpx>',
      'declares-entities',
    ],
    ['a file of the disk asked for', '<!DOCTYPE gpx SYSTEM "file:///etc/hosts"><gpx/>', 'declares-entities'],
    ['an entity nobody declared', `${HEAD}<wpt lat="1" lon="2"><name>&b;</name></wpt></gpx>`, 'broken'],
    ['nesting without end', `${HEAD}${'<a>'.repeat(200_000)}`, 'too-deep'],
    ['50 MB', `${HEAD}${' '.repeat(50_000_000)}</gpx>`, 'too-big'],
    [
      'one text of a million letters',
      `${HEAD}<wpt lat="1" lon="2"><name>${'x'.repeat(1e6)}</name></wpt></gpx>`,
      'too-big',
    ],
    ['six thousand places', `${HEAD}${'<wpt lat="1" lon="2"/>'.repeat(6000)}</gpx>`, 'too-many'],
    ['another document', '<html><body>hello</body></html>', 'not-places'],
    ['no end', `${HEAD}<wpt lat="1" lon="2">`, 'broken'],
    ['nothing', '', 'broken'],
  ])('%s is refused as a whole', (_, text, refusal) => {
    const file = readGpx(text);
    expect(file).toMatchObject({ refusal, found: [], problems: [] });
  });

  test('where it breaks is told by its line', () => {
    expect(readGpx(`${HEAD}\n<wpt lat="1" lon="2">\n</wpp></gpx>`)).toMatchObject({ refusal: 'broken', line: 3 });
  });
});

describe('a GeoJSON from elsewhere', () => {
  const of = (...features: unknown[]): string => JSON.stringify({ type: 'FeatureCollection', features });
  const point = (properties: unknown, coordinates: unknown = [-84.2, 43.1], more: object = {}) => ({
    type: 'Feature',
    geometry: { type: 'Point', coordinates },
    properties,
    ...more,
  });

  test('points are spots, the rest is counted; what a foreign file calls current or an id is not ours', () => {
    const file = readGeoJson(
      of(
        point({ title: 'Pier', description: 'deep', current: 'strong', bottom: 7 }, [-84.2, 43.1, 12], { id: 5 }),
        { type: 'Feature', geometry: { type: 'LineString', coordinates: [] }, properties: null },
        point(null, ['a', 1]),
        { type: 'Feature', geometry: null, properties: { name: 'No place' } },
        point({ name: 'x', spot: { depthM: -4 } }),
        null,
      ),
    );
    expect(file.found).toMatchObject([{ n: 1, id: null, name: 'Pier', note: 'deep', details: {} }]);
    expect(file.problems.map((p) => [p.n, p.name, p.fault, p.of])).toEqual([
      [2, 'Spot 2', 'no-position', 'position'],
      [3, 'No place', 'no-position', 'position'],
      [4, 'x', 'bad-field', 'depthM'],
      [5, 'Spot 5', 'no-position', 'position'],
    ]);
    expect(file.left).toBe(1);
  });

  test('one feature alone is a file too; names that every object has find nothing', () => {
    expect(readGeoJson(JSON.stringify(point({ name: 'One' }))).found).toHaveLength(1);
    const hostile = `{"type":"FeatureCollection","features":[{"type":"Feature","__proto__":{"geometry":{"type":"Point","coordinates":[1,2]}},"properties":{"name":"constructor","spot":{"__proto__":{"depthM":5}}}},${JSON.stringify(point({ name: 'y', spot: {} }, [1, 2], { id: '__proto__' }))}]}`;
    expect(readGeoJson(hostile)).toMatchObject({
      found: [],
      problems: [{ fault: 'no-position' }, { fault: 'bad-field', of: 'id' }],
    });
  });

  test.each([
    ['no JSON', '{', 'broken'],
    ['nesting without end', '['.repeat(300_000), 'too-deep'],
    ['something else', '{"type":"Topology"}', 'not-places'],
    ['a list', '[]', 'not-places'],
    [
      'another datum',
      '{"type":"FeatureCollection","crs":{"properties":{"name":"EPSG:3857"}},"features":[]}',
      'other-datum',
    ],
    ['six thousand places', of(...Array.from({ length: 6000 }, () => null)), 'too-many'],
  ])('%s is refused', (_, text, refusal) => {
    expect(readGeoJson(text)).toMatchObject({ refusal, found: [] });
  });
});
