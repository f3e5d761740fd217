/** What the columns and the cells of a list of catches are taken for. */
import { clockIn, dateIn, orderTold, outcomeIn, yesNoIn } from './cells';
import { guessMapping, guessUnits, unitInName, type CatchUnits } from './fields';

const US: CatchUnits = { length: 'in', weight: 'lb', depth: 'ft' };

test('columns and units are known by their names, one column for one thing', () => {
  const columns = ['date', 'time_of_day', 'species', 'length_(in)', 'weight_[kg]', 'bait', 'lake', 'comments', 'depth'];
  expect(guessMapping(columns)).toEqual({
    date: 'date',
    time: 'time_of_day',
    fish: 'species',
    length: 'length_(in)',
    weight: 'weight_[kg]',
    lure: 'bait',
    water: 'lake',
    note: 'comments',
    depth: 'depth',
  });
  const { units, named } = guessUnits(guessMapping(columns), US);
  expect(units).toEqual({ length: 'in', weight: 'kg', depth: 'ft' });
  expect(named).toEqual(['length', 'weight']);
  expect(unitInName('comm')).toEqual({ name: 'comm', unit: null });
  expect(unitInName('depth_ft')).toEqual({ name: 'depth', unit: 'ft' });
  expect(guessMapping(['toString', '__proto__'])).toEqual({});
});

test('dates of all orders, times of all clocks; a 30 February is none', () => {
  expect(dateIn('2026-05-04', 'day-first')).toMatchObject({ year: 2026, month: 5, day: 4 });
  expect(dateIn('4.5.26', 'day-first')).toMatchObject({ year: 2026, month: 5, day: 4 });
  expect(dateIn('5/4/1998', 'month-first')).toMatchObject({ year: 1998, month: 5, day: 4 });
  expect(dateIn('2026-05-04T06:30:00-05:00', 'day-first')!.rest).toBe('06:30:00-05:00');
  for (const bad of ['2026-02-30', '13/13/2026', 'yesterday', '', '5/4']) expect(dateIn(bad, 'day-first')).toBeNull();
  expect(orderTold(['5/4/2026', '2026-01-31', '5/14/2026'])).toBe('month-first');
  expect(orderTold(['14/5/2026'])).toBe('day-first');
  expect(orderTold(['5/4/2026'])).toBeNull();
  expect([
    clockIn('6:30'),
    clockIn('6.30 PM'),
    clockIn('12 am'),
    clockIn('18:05:59'),
    clockIn('06:30:00-05:00'),
  ]).toEqual([390, 1110, 0, 1085, 390]);
  expect(clockIn('')).toBeNull();
  for (const bad of ['25:00', '6:61', 'noon', '13 pm', '6']) expect(clockIn(bad)).toBeNaN();
  expect([yesNoIn('Y'), yesNoIn('kept'), yesNoIn('maybe')]).toEqual([true, false, null]);
  expect([outcomeIn('Caught'), outcomeIn('lure lost'), outcomeIn('constructor')]).toEqual([
    'landed',
    'lure-lost',
    undefined,
  ]);
});
