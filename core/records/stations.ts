/** What came from outside: a station's last good report, entered high and low waters, imported readings. */
import * as z from 'zod';
import { stationReportSchema } from '../exchange/stationDocument';
import { STATION_IDS } from '../stations/places';
import { defineRecord } from './define';
import { id, itemName, ms } from './tackle';

export const stationReportRecord = defineRecord(
  'stationReport',
  z.strictObject({
    id: z.enum(STATION_IDS),
    /** By the day's own clock. */
    receivedAtMs: ms,
    /** From the server, or made on this device because the server could not be reached. */
    via: z.enum(['server', 'device']),
    report: stationReportSchema,
  }),
);

/** High and low waters as entered, in order of time; the id is the water's. */
export const tidesRecord = defineRecord(
  'tides',
  z.strictObject({ id, turns: z.array(z.strictObject({ atMs: ms, heightM: z.number().min(-20).max(20) })).max(200) }),
);

/** Readings imported from a file, by water. */
export const waterLogRecord = defineRecord(
  'waterLog',
  z.strictObject({ id, waterId: id, name: itemName, points: z.array(z.strictObject({ atMs: ms, tempC: z.number().min(-2).max(40) })).max(20_000) }),
);
