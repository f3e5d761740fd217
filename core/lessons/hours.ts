/** Strikes by the hour of the clock, with the light and the tide that stood behind it. */
import { offsetMs } from '../base/zone';
import { isStrike } from '../log/events';
import type { Book } from '../records';
import { sunElevationDeg } from '../sky/sun';
import { tideNow } from '../tide/source';
import { tideFor } from '../trip/day';
import type { Fished } from './fished';

/** How much light: night; sun low or just below; day. */
export const LIGHTS = ['dark', 'low', 'high'] as const;
export type Light = (typeof LIGHTS)[number];
export const TIDES = ['rising', 'high', 'falling', 'low'] as const;
export type TideStage = (typeof TIDES)[number];

/** Time fished and what came in it. */
export interface Effort {
  minutes: number;
  strikes: number;
}
const none = (): Effort => ({ minutes: 0, strikes: 0 });

/** One hour of the clock, with the light that most of it was fished in. */
export interface HourOfDay extends Effort {
  hour: number;
  light: Light;
}

/** Strikes by hour, by light and by tide; only what was fished. */
export interface ByTime {
  hours: HourOfDay[];
  lights: ({ light: Light } & Effort)[];
  tides: ({ tide: TideStage } & Effort)[];
}

const HOUR_MS = 3_600_000;
/** Sun above the horizon, °: below the first it is night, above the second day. */
const LOW_SUN_DEG = [-6, 10] as const;
const lightAt = (sunDeg: number): Light =>
  sunDeg < LOW_SUN_DEG[0] ? 'dark' : sunDeg < LOW_SUN_DEG[1] ? 'low' : 'high';

/** A stretch of one clock hour in which was fished. */
interface Stretch extends Effort {
  fromMs: number;
  toMs: number;
}

/** The casts of a block laid along the clock, cut at the full hours of its zone; its strikes at their own moments. */
function stretchesOf({ block, casts, tally, minutes }: Fished, offset: number): Stretch[] {
  const made = Math.max(1, tally.casts, tally.strikes);
  const castMs = (minutes * 60_000) / made;
  const out: Stretch[] = [];
  const hourOf = (ms: number): number => Math.floor((ms + offset) / HOUR_MS);
  const add = (fromMs: number, toMs: number, strikes: number): void => {
    const last = out.at(-1);
    const lasted = (toMs - fromMs) / 60_000;
    if (last && hourOf(last.fromMs) === hourOf(fromMs)) {
      last.minutes += lasted;
      last.strikes += strikes;
      last.toMs = Math.max(last.toMs, toMs);
    } else out.push({ fromMs, toMs, minutes: lasted, strikes });
  };
  // Without a cast of its own a strike was one.
  const laid = casts.length > 0 ? casts : [{ atMs: block.startedAtMs, count: made }];
  for (const c of laid) {
    const endMs = c.atMs + c.count * castMs;
    for (let fromMs = c.atMs; fromMs < endMs;) {
      const toMs = Math.min(endMs, (hourOf(fromMs) + 1) * HOUR_MS - offset);
      add(fromMs, toMs, 0);
      fromMs = toMs;
    }
  }
  for (const e of tally.events) if (isStrike(e.kind)) add(e.atMs, e.atMs, 1);
  return out;
}

/** When they struck. `book`: its waters with their place and zone, and what is known of their tide. */
export function byTime(fished: readonly Fished[], book: Pick<Book, 'water' | 'stationReport' | 'tides'>): ByTime {
  const hours = Array.from({ length: 24 }, () => ({ ...none(), light: { dark: 0, low: 0, high: 0 } }));
  const lights = { dark: none(), low: none(), high: none() };
  const tides = { rising: none(), high: none(), falling: none(), low: none() };
  const offsets = new Map<string, number>();
  for (const f of fished) {
    const water = book.water[f.trip.waterId];
    if (!water) continue;
    const offset = offsets.get(f.trip.id) ?? offsetMs(f.trip.startedAtMs, water.zone);
    offsets.set(f.trip.id, offset);
    for (const s of stretchesOf(f, offset)) {
      const middleMs = (s.fromMs + s.toMs) / 2;
      const at = hours[Math.floor(((((s.fromMs + offset) / HOUR_MS) % 24) + 24) % 24)]!;
      const light = lightAt(sunElevationDeg(middleMs, water));
      at.light[light] += s.minutes;
      const source = tideFor(book, water, middleMs);
      const tide = source && tideNow(source, middleMs)?.stage;
      for (const x of [at, lights[light], ...(tide ? [tides[tide]] : [])]) {
        x.minutes += s.minutes;
        x.strikes += s.strikes;
      }
    }
  }
  const was = (e: Effort): boolean => e.minutes > 0 || e.strikes > 0;
  return {
    hours: hours.flatMap(({ light, ...e }, hour) =>
      was(e) ? [{ hour, ...e, light: [...LIGHTS].sort((a, b) => light[b] - light[a])[0]! }] : [],
    ),
    lights: LIGHTS.flatMap((light) => (was(lights[light]) ? [{ light, ...lights[light] }] : [])),
    tides: TIDES.flatMap((tide) => (was(tides[tide]) ? [{ tide, ...tides[tide] }] : [])),
  };
}
