/**
 * Readings that hardly go together: one of them is likely misread. They are asked about, never changed. prior:
 * judgement.
 */
import type { ResolvedConditions } from './resolve';

export type Odd = 'warm-under-ice' | 'waves-under-ice' | 'frozen-no-ice' | 'waves-without-wind';

/** Fresh water below ice is at most this warm at its surface, °C. */
const UNDER_ICE_C = 4;
/** Fresh water this cold is ice, °C. */
const FROZEN_C = -0.5;
/** Waves of this height want some wind, m; wind below this is none, m/s. */
const WAVES = { heightM: 0.4, windMps: 1 } as const;

/** What is odd about the readings that were read or reported; what is only assumed is never held against them. */
export function oddReadings(r: ResolvedConditions): Odd[] {
  const told = (path: string): boolean => !r.assumed.includes(path);
  const ice = r.access === 'ice' || r.iceThicknessM !== null;
  const out: Odd[] = [];
  if (ice && told('water.surfaceTempC') && r.surfaceTempC > UNDER_ICE_C) out.push('warm-under-ice');
  if (ice && told('water.waveHeightM') && r.waveHeightM > 0.05) out.push('waves-under-ice');
  if (!ice && r.salinity === 'fresh' && told('water.surfaceTempC') && r.surfaceTempC < FROZEN_C)
    out.push('frozen-no-ice');
  if (
    told('water.waveHeightM') &&
    told('water.windMps') &&
    r.waveHeightM > WAVES.heightM &&
    r.windMps < WAVES.windMps &&
    r.setting !== 'surf' &&
    r.setting !== 'jetty'
  )
    out.push('waves-without-wind');
  return out;
}
