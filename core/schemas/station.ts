/** A station's report as it is checked before anything of it is used. */
import * as z from 'zod';
import { once } from '../base/once';
import { STATION_IDS } from '../stations/places';
import { CONSTITUENTS } from '../tide/harmonic';
import { FRONTS } from '../water/terms';

/** A report as a station sends it; what does not fit is refused whole. */
export const stationReportSchema = once(() => {
  const time = z.iso.datetime({ offset: true });
  return z.strictObject({
    station: z.enum(STATION_IDS),
    name: z.string().min(1).max(80),
    standIn: z.literal(true),
    issuedAt: time,
    front: z.enum(FRONTS),
    hours: z
      .array(
        z.strictObject({
          time,
          airTempC: z.number().min(-50).max(55),
          windMps: z.number().min(0).max(60),
          gustMps: z.number().min(0).max(90),
          windFromDeg: z.number().min(0).max(360),
          cloud: z.number().min(0).max(1),
          pressureHpa: z.number().min(870).max(1085),
          thunder: z.number().min(0).max(1),
        }),
      )
      .min(1)
      .max(200),
    waterTemps: z.array(z.strictObject({ time, tempC: z.number().min(-2).max(40) })).max(400),
    tide: z
      .strictObject({
        constituents: z
          .array(
            z.strictObject({
              name: z.enum(CONSTITUENTS),
              amplitudeM: z.number().min(0).max(15),
              phaseDeg: z.number().min(-360).max(360),
            }),
          )
          .min(1)
          .max(CONSTITUENTS.length),
        meanM: z.number().min(-20).max(20),
        currentLagMinutes: z.number().min(-360).max(360),
        currentMpsPerMph: z.number().min(0).max(20),
      })
      .nullable(),
  });
});
