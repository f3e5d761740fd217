import { cosineTide, currentMps, turnsOf } from './curve';
import { CONSTITUENTS, harmonicTide, speedDegPerH } from './harmonic';

const HOUR = 3_600_000;
const T0 = Date.UTC(2026, 4, 14, 1, 12);
const TURNS = [
  { atMs: T0, heightM: 0.1 },
  { atMs: T0 + 6.25 * HOUR, heightM: 1.9 },
  { atMs: T0 + 12.4 * HOUR, heightM: 0.2 },
];

describe('from high and low waters', () => {
  const tide = cosineTide(TURNS);
  test('it passes through the turns, stands there, and is unknown outside', () => {
    for (const t of TURNS) {
      expect(tide.heightM(t.atMs)).toBeCloseTo(t.heightM, 9);
      expect(tide.riseMph(t.atMs)).toBeCloseTo(0, 9);
    }
    expect(tide.heightM(T0 + 3.125 * HOUR)).toBeCloseTo(1, 9);
    expect(tide.heightM(T0 - 1)).toBeNull();
    expect(tide.riseMph(T0 + 13 * HOUR)).toBeNull();
    expect(currentMps(tide, T0 - HOUR)).toBeNull();
  });

  test('the current floods while it rises, ebbs while it falls, and follows by its lag', () => {
    expect(currentMps(tide, T0 + 3 * HOUR)).toBeGreaterThan(0);
    expect(currentMps(tide, T0 + 9 * HOUR)).toBeLessThan(0);
    expect(currentMps(tide, T0 + 6.25 * HOUR, 30)).toBeGreaterThan(0);
    expect(currentMps(tide, T0 + 4 * HOUR, 60)).toBeCloseTo(currentMps(tide, T0 + 3 * HOUR)!, 9);
  });

  test('the rise is the slope of the height', () => {
    const dt = 1000;
    for (const h of [1, 3, 5, 8, 11]) {
      const t = T0 + h * HOUR;
      const slope = ((tide.heightM(t + dt)! - tide.heightM(t - dt)!) / (2 * dt)) * HOUR;
      expect(tide.riseMph(t)).toBeCloseTo(slope, 5);
    }
  });
});

describe('from constituents', () => {
  test.each([
    ['M2', 28.9841042],
    ['S2', 30],
    ['N2', 28.4397295],
    ['K1', 15.0410686],
    ['O1', 13.9430356],
    ['P1', 14.9589314],
    ['M4', 57.9682084],
    ['MM', 0.5443747],
    ['SA', 0.0410686],
  ] as const)('%s turns at its known speed', (name, speed) => {
    expect(speedDegPerH(name)).toBeCloseTo(speed, 4);
  });

  test('each alone never goes beyond its amplitude and a fifth for the node, and its rise is its slope', () => {
    for (const name of CONSTITUENTS) {
      const tide = harmonicTide([{ name, amplitudeM: 1, phaseDeg: 40 }]);
      for (let k = 0; k < 50; k++) {
        const t = T0 + k * 7.3 * HOUR;
        expect(Math.abs(tide.heightM(t)!)).toBeLessThan(1.5);
        const slope = ((tide.heightM(t + 60_000)! - tide.heightM(t - 60_000)!) / 120_000) * HOUR;
        expect(tide.riseMph(t)).toBeCloseTo(slope, 3);
      }
    }
  });

  test('a phase lags in time: thirty degrees of S2 are an hour', () => {
    const early = harmonicTide([{ name: 'S2', amplitudeM: 1, phaseDeg: 0 }]);
    const late = harmonicTide([{ name: 'S2', amplitudeM: 1, phaseDeg: 30 }], 2);
    expect(late.heightM(T0 + HOUR)).toBeCloseTo(2 + early.heightM(T0)!, 9);
    // The mean sun's own tide is high at noon and midnight.
    expect(early.heightM(Date.UTC(2026, 4, 14, 12))).toBeCloseTo(1, 9);
  });

  test('springs follow new and full moon: sun and moon together are largest within two days of it', () => {
    const tide = harmonicTide([
      { name: 'M2', amplitudeM: 1, phaseDeg: 0 },
      { name: 'S2', amplitudeM: 0.4, phaseDeg: 0 },
    ]);
    const range = (day: number): number => {
      const heights = Array.from({ length: 150 }, (_, k) => tide.heightM(Date.UTC(2026, 4, day) + (k * HOUR) / 6)!);
      return Math.max(...heights) - Math.min(...heights);
    };
    // New moon of 16 May 2026, first quarter of the 23rd.
    expect(range(16)).toBeGreaterThan(2.6);
    expect(range(23)).toBeLessThan(1.5);
  });

  test('turns alternate and stand at the tops and bottoms', () => {
    const tide = harmonicTide([
      { name: 'M2', amplitudeM: 1.1, phaseDeg: 110 },
      { name: 'S2', amplitudeM: 0.3, phaseDeg: 140 },
      { name: 'K1', amplitudeM: 0.12, phaseDeg: 60 },
    ]);
    const turns = turnsOf(tide, T0, T0 + 72 * HOUR);
    expect(turns.length).toBeGreaterThanOrEqual(11);
    turns.forEach((t, i) => {
      if (i > 0) expect(t.kind).not.toBe(turns[i - 1]!.kind);
      for (const d of [-20, 20]) {
        const beside = tide.heightM(t.atMs + d * 60_000)!;
        if (t.kind === 'high') expect(beside).toBeLessThan(t.heightM);
        else expect(beside).toBeGreaterThan(t.heightM);
      }
    });
  });
});
