/** A tide as a document: from entered high and low waters, or from harmonic constituents. */
import * as z from 'zod';
import { cosineTide, currentMps, turnsOf, type TideCurve } from '../tide/curve';
import { CONSTITUENTS, harmonicTide } from '../tide/harmonic';

const time = z.iso.datetime({ offset: true, error: 'a time with its offset, such as 2026-05-14T01:12:00Z' });
const heightM = z.number().min(-20).max(20);
const current = {
  /** The current follows the rise by this much, min. */
  currentLagMinutes: z.number().min(-360).max(360).default(0),
  /** m/s for each metre an hour of rise. */
  currentMpsPerMph: z.number().min(0).max(20).optional(),
};
const MAX_TIMES = 20_000;
/** Every turn in between is found: longer spans are asked in parts, days. */
const MAX_SPAN_DAYS = 1830;

const highLowSchema = z
  .strictObject({
    highLow: z.array(z.strictObject({ time, heightM })).min(2).max(2000),
    times: z.array(time).max(MAX_TIMES),
    ...current,
  })
  .superRefine((d, ctx) => {
    d.highLow.forEach((x, i) => {
      if (i > 0 && Date.parse(x.time) <= Date.parse(d.highLow[i - 1]!.time))
        ctx.addIssue({ code: 'custom', path: ['highLow', i, 'time'], message: 'later than the one before' });
    });
  });
const harmonicSchema = z
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
    from: time,
    to: time,
    stepMinutes: z.number().min(0.1).max(1440),
    /** Mean sea level over the datum. */
    meanM: heightM.default(0),
    ...current,
  })
  .superRefine((d, ctx) => {
    const spanMs = Date.parse(d.to) - Date.parse(d.from);
    if (!(spanMs > 0)) ctx.addIssue({ code: 'custom', path: ['to'], message: 'later than from' });
    else if (spanMs > MAX_SPAN_DAYS * 86_400_000)
      ctx.addIssue({ code: 'custom', path: ['to'], message: `at most ${MAX_SPAN_DAYS} days after from` });
    else if (spanMs / (d.stepMinutes * 60_000) > MAX_TIMES)
      ctx.addIssue({ code: 'custom', path: ['stepMinutes'], message: `at most ${MAX_TIMES} steps` });
  });
const OF_ONE_KIND = 'either highLow and times, or constituents, from, to and stepMinutes';
/** The question of `tide`: entered high and low waters, or constituents. Heights in m. */
export const tideSchema = z
  .looseObject({})
  .transform((d, ctx): z.infer<typeof highLowSchema> | z.infer<typeof harmonicSchema> => {
    const schema = 'highLow' in d ? highLowSchema : 'constituents' in d ? harmonicSchema : null;
    if (!schema) {
      ctx.addIssue({ code: 'custom', message: OF_ONE_KIND });
      return z.NEVER;
    }
    const r = schema.safeParse(d);
    if (r.success) return r.data;
    for (const i of r.error.issues) ctx.issues.push({ ...i, input: d } as never);
    return z.NEVER;
  });

/** The answer of `tide`: heights, m (null outside the list), turns and current, m/s positive flooding. */
export function tideDocument(d: z.infer<typeof tideSchema>): Record<string, unknown> {
  let curve: TideCurve;
  let times: number[];
  let span: [number, number];
  if ('highLow' in d) {
    const turns = d.highLow.map((x) => ({ atMs: Date.parse(x.time), heightM: x.heightM }));
    curve = cosineTide(turns);
    times = d.times.map((t) => Date.parse(t));
    span = [turns[0]!.atMs, turns[turns.length - 1]!.atMs];
  } else {
    curve = harmonicTide(d.constituents, d.meanM);
    const [from, to] = [Date.parse(d.from), Date.parse(d.to)];
    const stepMs = d.stepMinutes * 60_000;
    times = Array.from({ length: Math.floor((to - from) / stepMs + 1e-9) + 1 }, (_, i) => from + i * stepMs);
    span = [from, to];
  }
  const iso = (ms: number): string => new Date(ms).toISOString();
  // The entered turns are the turns; a cosine has no others.
  const turns =
    'highLow' in d
      ? d.highLow.map((x, i) => ({
          time: iso(Date.parse(x.time)),
          heightM: x.heightM,
          kind: x.heightM >= d.highLow[i === 0 ? 1 : i - 1]!.heightM ? 'high' : 'low',
        }))
      : turnsOf(curve, ...span).map((t) => ({ time: iso(t.atMs), heightM: t.heightM, kind: t.kind }));
  return {
    times: times.map(iso),
    heightsM: times.map((t) => curve.heightM(t)),
    turns,
    currentMps: times.map((t) => currentMps(curve, t, d.currentLagMinutes, d.currentMpsPerMph)),
  };
}
