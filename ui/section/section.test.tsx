import { render, screen } from '@testing-library/react-native';
import type { Conditions } from '../../core/water/conditions';
import { FAMILIES } from '../../core/lures/family';
import { drawnBy } from './drawnBy';
import { cutEllipse, depthTicks, frameOf, polyline, tickStep, tipPoint, wave } from './geometry';
import { fishPath } from './Marks';
import { describeSection } from '../../wording/section';
import { IMPERIAL } from '../../wording/units';
import { indexAt } from './moment';
import { sectionOfReading, type SectionModel } from './model';
import { SectionDrawing } from './SectionDrawing';
import { EVENT_KINDS } from '../../core/records/event';
import { COVER_KINDS, type CoverKind } from '../../core/water/terms';
import { resolveConditions } from '../../core/water/resolve';

const reading = (water: Partial<Conditions['water']> = {}) =>
  resolveConditions({
    species: 'largemouth-bass',
    month: 6,
    water: { setting: 'pond', surfaceTempC: 18, clarityM: 1.2, depthM: 3, fishDepthM: 1.5, ...water },
    sky: { sunElevationDeg: 20, cloud: 0.3 },
  });
const model = (change: Partial<SectionModel> = {}, water: Partial<Conditions['water']> = {}): SectionModel => ({
  ...sectionOfReading(reading(water), 1.5, 25),
  ...change,
});

describe('metres to pixels', () => {
  const f = frameOf(model(), 390, 260);
  test('the surface lies above the band, the band above the bottom', () => {
    expect(f.y(0)).toBe(f.surfaceY);
    expect(f.y(1.5)).toBeGreaterThan(f.surfaceY);
    expect(f.y(3)).toBeCloseTo(f.bottomY, 6);
    expect(f.bottomY).toBeLessThan(260);
  });
  test('the whole cast fits between the angler and the edge', () => {
    expect(f.x(0)).toBeGreaterThan(0);
    expect(f.x(25)).toBeLessThan(390);
    expect(f.x(10) - f.x(5)).toBeCloseTo(5 * f.pxPerM, 6);
  });
  test('the rod tip stays in the picture, however deep or high', () => {
    for (const depthM of [0.4, 3, 40])
      for (const tipM of [0.2, 3, 6]) {
        const m = model({ depthM, tipM });
        const [x, y] = tipPoint(m, frameOf(m, 390, 260));
        expect(x).toBeGreaterThan(0);
        expect(y).toBeGreaterThanOrEqual(12);
      }
  });
  test.each([
    [1.2, 0.3048],
    [3.4, 4 * 0.3048],
    [12, 10 * 0.3048],
  ])('a depth of %d m has a readable scale', (depthM, step) => {
    const choices = [1, 2, 4, 5, 10, 20, 40].map((v) => v * 0.3048);
    expect(tickStep(depthM, choices)).toBeCloseTo(step, 6);
    const ticks = depthTicks(depthM, tickStep(depthM, choices));
    expect(ticks.length).toBeGreaterThanOrEqual(2);
    expect(ticks.length).toBeLessThanOrEqual(5);
  });
  test('what reaches around a fish ends at the surface and at the bottom', () => {
    const rows = (d: string): number[] => [...d.matchAll(/(?:M|L|1 )[\d.-]+ ([\d.-]+)/g)].map((r) => Number(r[1]));
    // Whole: from its top to its bottom, nothing of the cut to be seen.
    expect(rows(cutEllipse(50, 100, 20, 30, 0, 200))).toEqual([70, 130, 130, 70]);
    expect(cutEllipse(50, 100, 20, 30, 0, 200)).toMatch(/^M50\.0 70\.0A/);
    // Cut: no row outside, and as wide there as the ellipse is.
    const cut = cutEllipse(50, 100, 20, 30, 90, 118);
    expect(rows(cut)).toEqual([90, 118, 118, 90]);
    expect(Number(/L([\d.]+) /.exec(cut)![1])).toBeCloseTo(50 - 20 * 0.8, 1);
  });
  test('paths are paths', () => {
    expect(
      polyline([
        [0, 0],
        [1, 2],
      ]),
    ).toBe('M0.0 0.0L1.0 2.0');
    expect(wave(52, 10, 2)).toMatch(/^M0 10q/);
    expect(fishPath(10, 10, 20)).toMatch(/z$/);
  });
});

describe('the moment shown', () => {
  const t = [0, 1, 2, 3, 4, 5];
  test.each([
    [2.4, 2],
    [0, 0],
    [99, 5],
  ])('at %d s sample %d', (at, i) => {
    expect(indexAt(t, at, [])).toBe(i);
  });
  test('without a moment, the middle of the time among the fish', () => {
    expect(indexAt(t, null, [false, false, true, true, true, false])).toBe(3);
    expect(indexAt(t, null, [false, false, false, false, false, false])).toBe(2);
  });
});

describe('the model of the water', () => {
  test('murk shortens sight and steepens the fading', () => {
    const clear = model({}, { clarityM: 3 });
    const murky = model({}, { clarityM: 0.3 });
    expect(murky.sightM).toBeLessThan(clear.sightM);
    expect(murky.attenuationPerM).toBeGreaterThan(clear.attenuationPerM);
  });
});

describe('the drawing', () => {
  const described = (m: SectionModel): string => {
    render(
      <SectionDrawing model={m} words={describeSection(m, IMPERIAL)} width={390} height={260} atS={null} showSight />,
    );
    return (
      screen.getByLabelText(/^Section through the water/).props.accessibilityLabel ??
      screen.getByLabelText(/^Section through the water/).props['aria-label']
    );
  };
  test.each(COVER_KINDS)('draws %s and tells it', (kind) => {
    expect(described(model({}, { cover: { kind, density: 0.5 }, currentMps: 0.4 }))).toContain('Fish expected');
  });
  test('a part is drawn anew only when what it shows has changed', () => {
    const drawn = jest.fn();
    const Part = drawnBy(
      ({ m }) => {
        drawn(m.depthM);
        return null;
      },
      (m, f) => [m.waveM, f.y(m.bandM[0])],
    );
    const at = (m: SectionModel, width = 390) => <Part m={m} f={frameOf(m, width, 260)} label={13} />;
    const first = model();
    const { rerender } = render(at(first));
    rerender(at({ ...first, sightM: first.sightM + 1, cover: { ...first.cover } }));
    expect(drawn).toHaveBeenCalledTimes(1);
    rerender(at({ ...first, depthM: first.depthM + 1 }));
    rerender(at({ ...first, depthM: first.depthM + 1, waveM: 0.4 }));
    rerender(at({ ...first, depthM: first.depthM + 1, waveM: 0.4 }, 500));
    expect(drawn).toHaveBeenCalledTimes(4);
  });
  test('dense cover costs few shapes', () => {
    const shapes = (kind: CoverKind): number => {
      render(
        <SectionDrawing
          model={model({ cover: { kind, density: 1, topDepthM: 1 } })}
          words=""
          width={390}
          height={260}
          atS={null}
          showSight={false}
        />,
      );
      return JSON.stringify(screen.toJSON()).split('"d":').length;
    };
    const none = shapes('none');
    for (const kind of COVER_KINDS.filter((k) => k !== 'none')) {
      expect(shapes(kind) - none).toBeGreaterThan(0);
      expect(shapes(kind) - none).toBeLessThan(12);
    }
  });
  test('draws a path, every mark, reaches and layers', () => {
    const text = described(
      model({
        path: {
          tS: [0, 1, 2],
          xM: [25, 20, 10],
          depthM: [0, 1.5, 1],
          phase: ['splash', 'fall', 'move'],
          onBottom: [false, true, false],
          range: { shallowM: [0, 1, 0.6], deepM: [0.1, 2, 1.4] },
          workedS: 2,
          lineXZ: [[25, 0, 0, 1.5], [20, -1.5, 10, -0.5, 0, 1.5], []],
        },
        family: 'popper',
        lureName: 'Chip popper',
        zoneShare: 0.4,
        marks: EVENT_KINDS.map((kind, i) => ({ id: String(i), kind, xM: 5 + i, depthM: 1 })),
        reaches: FAMILIES.slice(0, 5).map((family, i) => ({
          id: family,
          name: family,
          topM: 0,
          bottomM: 2,
          snag: i / 10,
          chosen: i === 0,
          family,
          atM: 1,
        })),
        layers: [
          { topM: 0, bottomM: 1, perCast: 0.05, casts: 20 },
          { topM: 1, bottomM: 2, perCast: 0, casts: 90 },
        ],
      }),
    );
    for (const part of ['Chip popper', '40 %', `${EVENT_KINDS.length} marks`, 'from 20 casts'])
      expect(text).toContain(part);
  });
});
