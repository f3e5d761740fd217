/** What the water means, in a sentence. */
import type { Reading } from '../core/water/defaults';
import { computeHolding } from '../core/water/holding';
import { luxAtDepth, sightingRangeM } from '../core/water/light';
import { seasonPhase, type SeasonPhase } from '../core/water/season';
import { thermalComfort } from '../core/water/comfort';
import type { SpeciesProfile } from '../core/water/species';
import { holdingPhrase } from './section';
import { SPECIES_NAME } from './names';
import { say, type UnitPrefs } from './units';

const SEASON_NAME: Record<SeasonPhase, string> = {
  winter: 'winter',
  'pre-spawn': 'before the spawn',
  spawn: 'the spawn',
  'post-spawn': 'after the spawn',
  summer: 'summer',
  'autumn-cooling': 'autumn cooling',
  'late-autumn': 'late autumn',
};

export interface WaterWords {
  sees: string;
  where: string;
  season: string;
  comfort: string;
}

export function waterWords(r: Reading, p: SpeciesProfile, u: UnitPrefs): WaterWords {
  const holding = computeHolding(r);
  const sight = sightingRangeM(r.clarityM, luxAtDepth(holding.lux, r.clarityM, r.fishDepthM));
  const comfort = thermalComfort(p, r.surfaceTempC);
  return {
    sees: say.depth(sight, u),
    where: `${say.depthBand(r.fishBandM, u)} down, ${holdingPhrase(holding.place, r.cover.kind)}`,
    season: SEASON_NAME[seasonPhase(p, r.surfaceTempC, r.month)],
    comfort: `${say.temp(r.surfaceTempC, u)} gives a ${SPECIES_NAME[p.id]} ${say.percent(comfort)} of its best.`,
  };
}

/** Reasons behind where the fish should sit, in sentences. */
export function holdingReasons(r: Reading, u: UnitPrefs): string[] {
  const h = computeHolding(r);
  const out: string[] = [];
  if (r.surfaceTempC < 9) out.push(`At ${say.temp(r.surfaceTempC, u)} they sit deep and tight, and move little.`);
  if (h.lux > 12_000 && r.waveHeightM < 0.15) out.push('Bright and calm: under or inside the cover, out of the light.');
  else if (h.lux <= 12_000) out.push('Low light: they come to the edge of the cover to hunt.');
  if (r.waveHeightM >= 0.15) out.push('Chop breaks the light and moves bait: edges and open water get better.');
  out.push(`Of the light at the top, ${say.percent(Math.exp((-1.7 / r.clarityM) * r.fishDepthM))} is left at ${say.depth(r.fishDepthM, u)}.`);
  return out;
}
