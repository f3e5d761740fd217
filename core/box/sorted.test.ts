import { DEMO_LURES } from '../../demo/tackle';
import { familyById } from '../lures/families';
import { BOX_ORDERS, sortedBox, type BoxOrder } from './sorted';

const kindOf = (l: { family: (typeof DEMO_LURES)[number]['family'] }): string => familyById(l.family).id;
const VALUE: Record<BoxOrder, (l: (typeof DEMO_LURES)[number]) => string | number> = {
  name: (l) => l.name,
  kind: kindOf,
  weight: (l) => l.weightKg,
  length: (l) => l.lengthM,
  count: (l) => l.count,
};
const box = DEMO_LURES.map((l, i) => ({ ...l, favourite: i % 5 === 0 }));

test.each(BOX_ORDERS)('by %s, up and down, with nothing lost and the box itself untouched', (order) => {
  const before = box.map((l) => l.id);
  const follows = (a: string | number, b: string | number): boolean =>
    typeof a === 'string' ? a.localeCompare(String(b), undefined, { numeric: order === 'name' }) <= 0 : a <= Number(b);
  for (const up of [true, false]) {
    const sorted = sortedBox(box, { order, up }, kindOf);
    expect(sorted.map((l) => l.id).sort()).toEqual([...before].sort());
    const values = sorted.map(VALUE[order]);
    if (!up) values.reverse();
    expect(values.slice(1).every((v, i) => follows(values[i]!, v))).toBe(true);
  }
  expect(box.map((l) => l.id)).toEqual(before);
});

test('as it lies open favourites stand first, each half by name; what is alike keeps to that', () => {
  const open = sortedBox(box, null, kindOf);
  const favourites = open.filter((l) => l.favourite);
  expect(favourites.length).toBeGreaterThan(2);
  expect(open.slice(0, favourites.length)).toEqual(favourites);
  for (const part of [favourites, open.slice(favourites.length)])
    expect(part.map((l) => l.name)).toEqual(part.map((l) => l.name).sort((a, b) => a.localeCompare(b)));
  const alike = open.map((l) => ({ ...l, weightKg: 0.01 }));
  for (const up of [true, false])
    expect(sortedBox(alike, { order: 'weight', up }, kindOf).map((l) => l.id)).toEqual(open.map((l) => l.id));
});
