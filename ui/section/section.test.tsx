import { render, screen } from '@testing-library/react-native';
import type { Conditions } from '../../core/water/conditions';
import { drawnBy } from './drawnBy';
import { cutEllipse, depthTicks, frameOf, polyline, tickStep, tipPoint, wave } from './geometry';
import { fishPath } from './Marks';
import { marksOf } from './marksOf';
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
  /** Everything drawn, as text. */
  const drawn = (m: SectionModel, width = 390): string => {
    render(<SectionDrawing model={m} words="" width={width} height={260} atS={null} showSight={false} />);
    return JSON.stringify(screen.toJSON());
  };
  test.each(COVER_KINDS.filter((k) => k !== 'none'))('%s is drawn: denser cover is another picture', (kind) => {
    const at = (density: number) => drawn(model({ cover: { kind, density, topDepthM: 1 } }));
    expect(at(0.5)).not.toBe(drawn(model({ cover: { kind: 'none', density: 0, topDepthM: 0 } })));
    expect(at(0.9)).not.toBe(at(0.2));
  });
  test('the section is told in words to who cannot see it', () => {
    const m = model({ cover: { kind: 'pads', density: 0.5, topDepthM: 0 }, currentMps: 0.4 });
    expect(described(m)).toMatch(/pads/);
    expect(described(m)).toMatch(/Fish expected/);
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
  const CAST = {
    tS: [0, 1, 2, 3],
    xM: [25, 20, 10, 5],
    depthM: [0, 1.5, 1, 0.2],
    phase: ['splash', 'fall', 'move', 'boat'] as const,
    onBottom: [false, true, false, false],
    range: { shallowM: [0, 1, 0.6, 0.1], deepM: [0.1, 2, 1.4, 0.3] },
    workedS: 3,
    lineXZ: [[], [20, -1.5, 10, -0.5, 0, 1.5], [], []],
  };
  const path = CAST as unknown as SectionModel['path'];
  const points = (m: SectionModel): [number, number][] => {
    const f = frameOf(m, 390, 260);
    return CAST.xM.map((x, i) => [f.x(x), f.y(CAST.depthM[i]!)]);
  };

  test('the path of the cast runs where the lure ran, metre for pixel, with its range around it', () => {
    const m = model({ path, family: 'popper', lureName: 'Chip popper', zoneShare: 0.4 });
    const picture = drawn(m);
    expect(picture).toContain(polyline(points(m)));
    expect(drawn(model({}))).not.toContain(polyline(points(m)));
    const f = frameOf(m, 390, 260);
    const edge = (depths: readonly number[]): [number, number][] =>
      CAST.xM.map((x, i) => [f.x(x), f.y(Math.min(depths[i]!, m.depthM))]);
    expect(picture).toContain(`${polyline([...edge(CAST.range.shallowM), ...edge(CAST.range.deepM).reverse()])}z`);
  });

  test('what was among the fish is drawn over it, and nothing else', () => {
    const m = model({ path, bandM: [0.9, 1.6] });
    const [, second, third] = points(m);
    expect(drawn(m)).toContain(`"d":"${polyline([second!, third!])}"`);
    const missed = drawn(model({ path, bandM: [2.5, 2.9] }));
    expect(missed).not.toContain(`"d":"${polyline([second!, third!])}"`);
    // Worked over or under the fish: what counts is at its own depth.
    const beside = drawn(model({ path, bandM: [2.5, 2.9], countsM: [0.9, 1.6], beside: 'over' }));
    expect(beside).toContain(`"d":"${polyline([second!, third!])}"`);
  });

  test.each(EVENT_KINDS)('a mark for %s stands where it is said to, and moves with it', (kind) => {
    const at = (xM: number, depthM: number) => drawn(model({ path, marks: [{ id: 'a', kind, xM, depthM }] }));
    const f = frameOf(model({ path }), 390, 260);
    const near = (text: string, v: number): boolean =>
      [...text.matchAll(/-?\d+\.?\d*/g)].some((n) => Math.abs(Number(n[0]) - v) < 12);
    const without = drawn(model({ path }));
    expect(at(15, 0.5)).not.toBe(without);
    expect(at(15, 0.5)).not.toBe(at(8, 0.5));
    expect(at(15, 0.5)).not.toBe(at(15, 1.4));
    expect(near(at(15, 0.5), f.x(15))).toBe(true);
  });

  test('events of a phase stand on that part of the path, apart from each other, at their own depth where they have one', () => {
    const track = {
      xM: [25, 24, 20, 16, 12, 8, 4],
      depthM: [0, 0.5, 1.5, 1.4, 1.3, 1, 0.2],
      phase: ['splash', 'fall', 'move', 'move', 'move', 'move', 'boat'] as const,
    };
    const event = (id: string, phase: 'move' | 'splash' | null, depthM: number | null = null) => ({
      id,
      kind: 'landed' as const,
      phase,
      depthM,
    });
    const marks = marksOf([event('a', 'move'), event('b', 'move'), event('c', 'splash'), event('d', null, 2)], {
      ...track,
      phase: [...track.phase],
    });
    expect(marks.map((m) => m.id)).toEqual(['a', 'b', 'c', 'd']);
    for (const m of marks.slice(0, 2)) expect([20, 16, 12, 8]).toContain(m.xM);
    expect(marks[0]!.xM).not.toBe(marks[1]!.xM);
    expect(marks[2]).toMatchObject({ xM: 25, depthM: 0.05 });
    expect(marks[3]!.depthM).toBe(2);
  });

  test('reaches and layers are drawn, each its own, and told', () => {
    const reach = (chosen: boolean, bottomM: number) => ({
      id: `r${bottomM}`,
      name: 'Chip popper',
      topM: 0,
      bottomM,
      snag: 0.1,
      chosen,
      family: 'popper' as const,
      atM: 0.1,
    });
    expect(drawn(model({ reaches: [reach(true, 1)] }))).not.toBe(drawn(model({ reaches: [reach(true, 2)] })));
    expect(drawn(model({ reaches: [reach(true, 1)] }))).not.toBe(drawn(model({ reaches: [reach(false, 1)] })));
    const layers = [
      { topM: 0, bottomM: 1, perCast: 0.05, casts: 20 },
      { topM: 1, bottomM: 2, perCast: 0, casts: 90 },
    ];
    const more = [{ ...layers[0]!, perCast: 0.2 }, layers[1]!];
    expect(drawn(model({ layers }))).not.toBe(drawn(model({ layers: more })));
    const marks = EVENT_KINDS.map((kind, i) => ({ id: String(i), kind, xM: 5 + i, depthM: 1 }));
    const text = described(model({ path, family: 'popper', lureName: 'Chip popper', zoneShare: 0.4, marks, layers }));
    for (const part of ['Chip popper', '40 %', `${EVENT_KINDS.length} marks`, 'from 20 casts'])
      expect(text).toContain(part);
  });
});
