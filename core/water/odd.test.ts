import { oddReadings } from './odd';
import { resolveConditions } from './resolve';
import type { Conditions } from './conditions';

const of = (water: Partial<Conditions['water']>, more: Partial<Conditions> = {}) =>
  oddReadings(
    resolveConditions({
      species: 'yellow-perch',
      month: 1,
      ...more,
      water: { setting: 'lake', ...water },
    } as Conditions),
  );

test('warm water, or waves, below ice are asked about', () => {
  expect(of({ surfaceTempC: 14 }, { access: 'ice' })).toEqual(['warm-under-ice']);
  expect(of({ surfaceTempC: 2, waveHeightM: 0.3 }, { access: 'ice' })).toEqual(['waves-under-ice']);
  expect(of({ surfaceTempC: 3 }, { access: 'ice' })).toEqual([]);
});

test('fresh water below freezing without ice, and high waves without wind', () => {
  expect(of({ surfaceTempC: -1.5 })).toEqual(['frozen-no-ice']);
  expect(of({ surfaceTempC: -1.5, salinity: 'salt' })).toEqual([]);
  expect(of({ surfaceTempC: 12, waveHeightM: 0.8, windMps: 0 })).toEqual(['waves-without-wind']);
  expect(of({ surfaceTempC: 12, waveHeightM: 0.8, windMps: 0, setting: 'surf' })).toEqual([]);
  expect(of({ surfaceTempC: 12, waveHeightM: 0.8, windMps: 8 })).toEqual([]);
});

test('what nobody read is held against nothing', () => {
  expect(of({}, { access: 'ice' })).toEqual([]);
  expect(of({ waveHeightM: 0.8 })).toEqual([]);
});
