/** What a station answers, with the faults that can be switched on to see how the application bears them. */
import { STATION_IDS, type StationId } from './places';
import { stationReport } from './report';

/** Faults the stand-in can be told to have, for tests and for a look at how they are shown. */
export const STATION_FAULTS = ['none', 'slow', 'error', 'stale', 'nonsense'] as const;
export type StationFault = (typeof STATION_FAULTS)[number];

/** What a station answers with, as the web has it. */
export interface StationAnswer {
  status: number;
  /** To be held back this long before it is sent, ms. */
  delayMs: number;
  body: unknown;
}

const SLOW_MS = 6000;
const STALE_MS = 27 * 3_600_000;

const isStation = (id: string): id is StationId => (STATION_IDS as readonly string[]).includes(id);

/** The same on the server and, where that cannot be reached, in the browser. */
export function answerStation(id: string, atMs: number, fault: StationFault): StationAnswer {
  if (!isStation(id)) return { status: 404, delayMs: 0, body: { problem: 'no-such-station' } };
  switch (fault) {
    case 'error':
      return { status: 503, delayMs: 0, body: { problem: 'station-out-of-order' } };
    case 'slow':
      return { status: 200, delayMs: SLOW_MS, body: stationReport(id, atMs) };
    case 'stale':
      return { status: 200, delayMs: 0, body: stationReport(id, atMs - STALE_MS) };
    case 'nonsense': {
      const r = stationReport(id, atMs);
      return {
        status: 200,
        delayMs: 0,
        body: {
          ...r,
          issuedAt: 'noon or so',
          waterTemps: r.waterTemps.map((x) => ({ ...x, tempC: 480 })),
          hours: r.hours.map((h) => ({ ...h, windMps: -7 })),
        },
      };
    }
    case 'none':
      return { status: 200, delayMs: 0, body: stationReport(id, atMs) };
  }
}
