/** A station's last good report. */
import * as z from 'zod';
import { stationReportSchema } from '../schemas/station';
import { STATION_IDS } from '../stations/places';
import { defineRecord } from './define';
import { ms } from './fields';

/** The last good report of a station, kept for when there is no network. */
export const stationReportRecord = defineRecord('stationReport', () =>
  z.strictObject({
    id: z.enum(STATION_IDS),
    /** By the day's own clock. */
    receivedAtMs: ms,
    /** From the server, or made on this device because the server could not be reached. */
    via: z.enum(['server', 'device']),
    report: stationReportSchema(),
  }),
);
