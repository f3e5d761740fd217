import { FAMILIES, type FamilyId } from '../lures/family';
import { duplicatesIn } from '../box/duplicates';
import { familyNamed, readBoxCsv, writeBadRows, writeBoxCsv } from './boxCsv';

const NAMES = new Map<string, FamilyId>([['hollow frog', 'hollow-frog']]);
const read = (text: string) => readBoxCsv(text, NAMES);
const HEAD = 'name,family,weight_g,length_mm,colour,hook,price,count,favourite,note';

test('what is not said is the family’s usual; units as people write them', () => {
  const { lures, bad } = read(`name,family,weight_oz,length_in\nBog hopper,Hollow Frog,0.5,2.5\nPlain,popper,,\n`);
  expect(bad).toEqual([]);
  expect(lures[0]).toMatchObject({
    name: 'Bog hopper',
    family: 'hollow-frog',
    hook: 'weedless',
    count: 1,
    priceMinor: 0,
    favourite: false,
  });
  expect(lures[0]!.weightKg).toBeCloseTo(0.01417, 5);
  expect(lures[0]!.lengthM).toBeCloseTo(0.0635, 6);
  expect(lures[1]!.weightKg).toBeGreaterThan(0);
});

test.each([
  ['no-name', ',popper,9,65,,,,,,'],
  ['long-name', `${'x'.repeat(61)},popper,9,65,,,,,,`],
  ['unknown-family', 'A,poper,9,65,,,,,,'],
  ['bad-weight', 'A,popper,heavy,65,,,,,,'],
  ['bad-weight', 'A,popper,9000,65,,,,,,'],
  ['bad-length', 'A,popper,9,0,,,,,,'],
  ['bad-colour', 'A,popper,9,65,plaid,,,,,'],
  ['bad-hook', 'A,popper,9,65,white,barb,,,,'],
  ['bad-price', 'A,popper,9,65,white,treble,-3,,,'],
  ['bad-count', 'A,popper,9,65,white,treble,3,1.5,,'],
  ['long-note', `A,popper,9,65,white,treble,3,1,,${'x'.repeat(501)}`],
] as const)('%s is a problem with its line, the others are read', (fault, row) => {
  const { lures, bad } = read(`${HEAD}\nGood,popper,9,65,white,treble,9.50,2,yes,mine\n${row}\n`);
  expect(lures).toEqual([
    expect.objectContaining({ name: 'Good', priceMinor: 950, count: 2, favourite: true, note: 'mine' }),
  ]);
  expect(bad).toEqual([expect.objectContaining({ line: 3, fault })]);
});

test('two hundred rows with a dozen bad ones: 188 read, 12 explained, and the 12 given back as they stood', () => {
  const rows = Array.from({ length: 200 }, (_, i) => {
    const family = FAMILIES[i % FAMILIES.length]!;
    return i % 17 === 5
      ? `Row ${i},no such thing,9,65,,,,,,"kept, with a comma"`
      : `Row ${i},${family},9,65,white,,,1,,`;
  });
  const file = read([HEAD, ...rows].join('\r\n'));
  expect([file.lures.length, file.bad.length]).toEqual([188, 12]);
  const again = read(writeBadRows(file).replaceAll('no such thing', 'popper'));
  expect(again.lures.map((l) => l.name)).toEqual(file.bad.map((b) => b.raw.name));
  expect(again.lures[0]!.note).toBe('kept, with a comma');
});

test('a slip of the pen is answered with what was probably meant', () => {
  expect(familyNamed('poper', NAMES)).toEqual({ family: null, near: 'popper' });
  expect(familyNamed('Holow Frog', NAMES).near).toBe('hollow-frog');
  expect(familyNamed('umbrella', NAMES)).toEqual({ family: null, near: null });
});

test('out and in again is the same box; a formula stays text', () => {
  const { lures } = read(
    `${HEAD}\n"=1+1",popper,9,65,white,treble,9.5,2,yes,"a note, with a comma"\nB,paddletail,7,90,dark,single,2,8,,\n`,
  );
  // A body without head and hook stays one.
  lures[1]!.bare = true;
  const stored = lures.map((l, i) => ({ ...l, id: `l${i}` }));
  const text = writeBoxCsv(stored);
  expect(text).toContain("'=1+1");
  const back = read(text).lures;
  expect(back.map((l) => ({ ...l, name: l.name.replace(/^'/, '') }))).toEqual(lures.map((l) => ({ ...l })));
});

test('a file that is no box is refused whole', () => {
  expect(read('a,b\n1,2').fault).toBe('no-columns');
  expect(read(HEAD).fault).toBe('empty');
  expect(read(`${HEAD}\n${'A,popper,,,,,,,,\n'.repeat(5001)}`).fault).toBe('too-long');
});

test('one and the same lure twice is found; another colour is another lure', () => {
  const { lures } = read(
    `${HEAD}\nA,popper,9,65,white,treble,,,,\nB,popper,9.2,66,white,treble,,,,\nC,popper,9,65,dark,treble,,,,\n`,
  );
  expect(duplicatesIn(lures).map((g) => g.map((l) => l.name))).toEqual([['A', 'B']]);
});
