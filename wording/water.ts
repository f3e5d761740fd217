/** What the water means, in a sentence. */
import type { Odd } from '../core/water/odd';
import { computeHolding } from '../core/water/holding';
import { sensesOf } from '../core/water/senses';
import { seasonPhase, type SeasonPhase } from '../core/water/season';
import { thermalComfort } from '../core/water/comfort';
import type { SpeciesProfile } from '../core/water/species';
import { holdingPhrase } from './section';
import { SPECIES_NAME } from './names';
import { say, type UnitPrefs } from './units';
import type { ResolvedConditions } from '../core/water/resolve';
import type { Source } from '../core/water/readingRow';

const SEASON_NAME: Record<SeasonPhase, string> = {
  winter: 'winter',
  'pre-spawn': 'before the spawn',
  spawn: 'the spawn',
  'post-spawn': 'after the spawn',
  summer: 'summer',
  'autumn-cooling': 'autumn cooling',
  'late-autumn': 'late autumn',
};

export const chopWord = (m: number): string =>
  m < 0.03 ? 'flat' : m < 0.1 ? 'light' : m < 0.25 ? 'chop' : m < 0.5 ? 'rough' : 'heavy';
export const skyWord = (c: number): string =>
  c < 0.2 ? 'clear' : c < 0.5 ? 'some cloud' : c < 0.85 ? 'cloudy' : 'overcast';

/** Which way water runs, and wind blows, as one faces the target. */
const side = (angleDeg: number): 'to' | 'left' | 'away' | 'right' => {
  const c = Math.cos((angleDeg * Math.PI) / 180);
  if (Math.abs(c) > 0.7) return c > 0 ? 'to' : 'away';
  return Math.sin((angleDeg * Math.PI) / 180) > 0 ? 'left' : 'right';
};
export const turnedText = (angleDeg: number): string =>
  `The tide has turned since you said how the current runs: it now runs ${currentWay(angleDeg)}.`;

export const currentWay = (angleDeg: number): string =>
  ({ to: 'towards me', away: 'away from me', left: 'right to left', right: 'left to right' })[side(angleDeg)];
export const windWay = (angleDeg: number): string =>
  ({ to: 'in my face', away: 'at my back', left: 'from my right', right: 'from my left' })[side(angleDeg)];

/** Brightness as everyone knows it. */
export const lightWord = (lux: number): string =>
  lux > 10_000
    ? 'full daylight'
    : lux > 1000
      ? 'shade'
      : lux > 100
        ? 'as in a dim room'
        : lux > 10
          ? 'half light'
          : lux > 0.5
            ? 'nearly dark'
            : lux > 0.02
              ? 'moonlight'
              : 'dark';

export interface WaterWords {
  sees: string;
  where: string;
  season: string;
  comfort: string;
}

export function waterWords(r: ResolvedConditions, p: SpeciesProfile, u: UnitPrefs): WaterWords {
  const holding = computeHolding(r);
  const comfort = thermalComfort(p, r.surfaceTempC);
  return {
    sees: say.depth(sensesOf(r).seesM, u),
    where: `${say.depthBand(r.fishBandM, u)} down, ${holdingPhrase(holding.place, r.cover.kind)}`,
    season: SEASON_NAME[seasonPhase(p, r.surfaceTempC, r.month)],
    comfort: `${say.temp(r.surfaceTempC, u)} makes a ${SPECIES_NAME[p.id]} ${say.percent(comfort)} as lively as it gets.`,
  };
}

export interface DerivedFact {
  id: 'light' | 'sees' | 'feels' | 'hears' | 'comfort' | 'season';
  name: string;
  value: string;
}

/** What follows from the readings, in a few words each. */
export function derivedFacts(r: ResolvedConditions, p: SpeciesProfile, u: UnitPrefs): DerivedFact[] {
  const s = sensesOf(r);
  return [
    {
      id: 'light',
      name: `light at ${say.depth(r.fishDepthM, u)}`,
      value: `${say.percent(s.lightShare)}: ${lightWord(s.luxAtFish)}`,
    },
    { id: 'sees', name: 'sees a lure from', value: say.depth(s.seesM, u) },
    { id: 'feels', name: 'feels a thump from', value: say.depth(s.feelsM, u) },
    { id: 'hears', name: 'hears a rattle from', value: say.depth(s.hearsM, u) },
    { id: 'comfort', name: 'as lively as they get', value: say.percent(thermalComfort(p, r.surfaceTempC)) },
    { id: 'season', name: 'season', value: SEASON_NAME[seasonPhase(p, r.surfaceTempC, r.month)] },
  ];
}

const SOURCE_TEXT: Record<Source, string> = {
  read: 'read today',
  tide: 'from the tide',
  log: 'from past days here',
  station: 'from the station',
  'worked-out': 'worked out',
  usual: 'assumed: usual here',
  default: 'assumed',
};
/** Where a value comes from, in a word or two. */
export const sourceText = (s: Source): string => SOURCE_TEXT[s];

/** Reasons behind where the fish should sit, in sentences. */
export function holdingReasons(r: ResolvedConditions, u: UnitPrefs): string[] {
  const h = computeHolding(r);
  const out: string[] = [];
  if (r.surfaceTempC < 9) out.push(`At ${say.temp(r.surfaceTempC, u)} they sit deep and tight, and move little.`);
  if (h.lux > 12_000 && r.waveHeightM < 0.15) out.push('Bright and calm: under or inside the cover, out of the light.');
  else if (h.lux <= 12_000) out.push('Low light: they come to the edge of the cover to hunt.');
  if (r.waveHeightM >= 0.15) out.push('Chop breaks the light and moves bait: edges and open water get better.');
  const { lightShare, luxAtFish } = sensesOf(r);
  out.push(
    `Of the light at the top, ${say.percent(lightShare)} is left at ${say.depth(r.fishDepthM, u)}: as bright as ${lightWord(luxAtFish)}.`,
  );
  return out;
}

/** A question about readings that hardly go together. */
export function oddText(odd: Odd, r: ResolvedConditions, u: UnitPrefs): string {
  const TEXT: Record<Odd, string> = {
    'warm-under-ice': `${say.temp(r.surfaceTempC, u)} and ice hardly go together: is the temperature right?`,
    'waves-under-ice': 'Waves and ice hardly go together: is one of them from another day?',
    'frozen-no-ice': `Fresh water at ${say.temp(r.surfaceTempC, u)} would be ice: is the temperature right?`,
    'waves-without-wind': `Waves of ${say.size(r.waveHeightM, u)} without wind: is one of them misread?`,
  };
  return TEXT[odd];
}
