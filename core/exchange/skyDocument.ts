/** The almanac of a day as a document. */
import * as z from 'zod';
import { isZone } from '../base/zone';
import { almanac } from '../sky/almanac';

const isDate = (text: string): boolean => {
  const t = Date.parse(`${text}T00:00:00Z`);
  return /^\d{4}-\d\d-\d\d$/.test(text) && Number.isFinite(t) && new Date(t).toISOString().startsWith(text);
};

/** Days that sun and moon are reckoned for. */
const [FIRST_DATE, LAST_DATE] = ['1900-01-01', '2199-12-31'] as const;

/** The question of `sky`: a place, ° north and east, and a local date. */
export const skyDocumentSchema = z.strictObject({
  latDeg: z.number().min(-90).max(90),
  lonDeg: z.number().min(-180).max(180),
  date: z
    .string()
    .refine(isDate, { error: 'a date such as 2026-07-04' })
    .refine((text) => text >= FIRST_DATE && text <= LAST_DATE, { error: `a date from ${FIRST_DATE} to ${LAST_DATE}` }),
  zone: z.string().refine(isZone, { error: 'a time zone such as America/Detroit' }),
});

const iso = (ms: number): string => new Date(ms).toISOString();
const isoOrNull = (ms: number | null): string | null => (ms === null ? null : iso(ms));

/** The answer of `sky`: sun, twilight and moon of a local day; null for what does not happen that day. */
export function skyDocument(d: z.infer<typeof skyDocumentSchema>): Record<string, unknown> {
  const a = almanac(d, d.date, d.zone);
  return {
    sunrise: isoOrNull(a.sunriseMs),
    sunset: isoOrNull(a.sunsetMs),
    civilDawn: isoOrNull(a.civilDawnMs),
    civilDusk: isoOrNull(a.civilDuskMs),
    moonTransits: a.moonTransitsMs.map(iso),
    moonAntitransits: a.moonAntitransitsMs.map(iso),
    moonIllumination: a.moonIllumination,
    periods: a.periods.map((p) => ({ kind: p.kind, from: iso(p.fromMs), to: iso(p.toMs) })),
  };
}
