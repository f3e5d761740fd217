/** The invented stations: where they stand, what their weather and water are like, and the tide at their gauge. */
import type { Constituent } from '../tide/harmonic';

/** The invented stations. */
export const STATION_IDS = ['kettle-hut', 'arm-light'] as const;
export type StationId = (typeof STATION_IDS)[number];

/** An invented station and the climate its weather is drawn from. */
export interface StationPlace {
  id: StationId;
  name: string;
  seed: number;
  latDeg: number;
  lonDeg: number;
  /** Local solar time ahead of Greenwich, h. */
  solarOffsetH: number;
  /** Water of the year: mean, and half the swing between winter and summer, °C. */
  water: { meanC: number; swingC: number; warmestDay: number; dailyC: number };
  air: { meanC: number; swingC: number; dailyC: number };
  /** Mean wind, m/s. */
  windMps: number;
  tide: {
    constituents: readonly Constituent[];
    meanM: number;
    currentLagMinutes: number;
    currentMpsPerMph: number;
  } | null;
}

/** The stations by id. */
export const STATIONS: Readonly<Record<StationId, StationPlace>> = {
  'kettle-hut': {
    id: 'kettle-hut',
    name: 'Kettle hut',
    seed: 4101,
    latDeg: 45,
    lonDeg: -75,
    solarOffsetH: -5,
    water: { meanC: 13.2, swingC: 12.2, warmestDay: 205, dailyC: 0.9 },
    air: { meanC: 8, swingC: 15, dailyC: 5.5 },
    windMps: 3.2,
    tide: null,
  },
  'arm-light': {
    id: 'arm-light',
    name: 'Arm light',
    seed: 4102,
    latDeg: 45,
    lonDeg: -75,
    solarOffsetH: -5,
    water: { meanC: 13.5, swingC: 10, warmestDay: 225, dailyC: 0.5 },
    air: { meanC: 9.5, swingC: 12, dailyC: 3.5 },
    windMps: 5,
    tide: {
      constituents: [
        { name: 'M2', amplitudeM: 0.62, phaseDeg: 212 },
        { name: 'S2', amplitudeM: 0.13, phaseDeg: 238 },
        { name: 'N2', amplitudeM: 0.14, phaseDeg: 195 },
        { name: 'K1', amplitudeM: 0.1, phaseDeg: 176 },
        { name: 'O1', amplitudeM: 0.08, phaseDeg: 182 },
        { name: 'M4', amplitudeM: 0.04, phaseDeg: 40 },
      ],
      meanM: 0.9,
      currentLagMinutes: 20,
      currentMpsPerMph: 1.1,
    },
  },
};
