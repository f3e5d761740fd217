import { resolveConditions } from '../core/water/resolve';
import { clockOfMinutes, hourFrom, hourLine, hourStart, typedHour } from './hour';
import { typedMeasure } from './typed';
import { METRIC, IMPERIAL } from './units';

const hour = typedHour(IMPERIAL);

test.each([
  ['9', 540],
  ['9:00', 540],
  ['09.30', 570],
  ['5:30 pm', 1050],
  ['5:30 p.m.', 1050],
  ['12 am', 0],
  ['12:15pm', 735],
  ['17:30', 1050],
])('“%s” is a time', (text, minutes) => {
  expect(typedMeasure(text, hour)).toBe(minutes);
});

test.each(['25:00', '9:75', 'noonish', '13 pm', '', '0 am'])('“%s” is none, and that is said', (text) => {
  expect(typedMeasure(text, hour)).toEqual({ trouble: 'Type a time, such as 9:00, 5:30 pm or 17:30.' });
});

test('an hour is told in the angler’s own clock and units', () => {
  expect(clockOfMinutes(1050, IMPERIAL)).toBe('5:30 pm');
  expect(clockOfMinutes(1050, METRIC)).toBe('17:30');
  const r = resolveConditions({
    species: 'largemouth-bass',
    month: 6,
    water: { setting: 'lake', salinity: 'fresh', surfaceTempC: 20, windMps: 4 },
    sky: { cloud: 0.1, sunElevationDeg: 41 },
  });
  expect(hourLine(r, null, IMPERIAL)).toBe('Sun 41° up, clear, wind 9 mph and water 68 °F.');
  expect(hourLine({ ...r, sunElevationDeg: -3 }, 0.4, METRIC)).toMatch(/^Twilight, clear, .* and tide flooding at /);
  expect(hourLine({ ...r, sunElevationDeg: -20 }, 0.01, IMPERIAL)).toMatch(/^Dark, .* and slack tide\.$/);
});

test('what to start with is told beside what one would start with now', () => {
  expect(hourStart('popper', 'popper')).toBe('Start with the popper, as now.');
  expect(hourStart('popper', 'Moss skirt')).toBe('Start with the popper; now it is the Moss skirt.');
  expect(hourStart('popper', null)).toBe('Start with the popper.');
  expect(hourFrom(true, false)).toMatch(/station forecasts them, sun of that hour/);
});
