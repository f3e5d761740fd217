/** Builds the sample world from the tables beside this file. Same seed, same world. */
import { rankLures } from '../core/ranking/rank';
import { poisson, seededRandom, type Random } from '../core/base/random';
import { DEFAULT_PREFERENCES } from '../core/records/preferences';
import { applyPuts, emptyBook, put, type Put } from '../core/records';
import type { Trip } from '../core/records/trip';
import { PHASES, type Phase } from '../core/planning/cadence/cadence';
import { BETWEEN_CASTS_S } from '../core/tackle/cast';
import { workedUnplanned } from '../core/planning/plan/unplanned';
import { presentationId } from '../core/planning/task/presentation';
import { STATION_IDS } from '../core/stations/places';
import { stationReport } from '../core/stations/report';
import { composeDay } from '../core/trip/day';
import type { Conditions } from '../core/water/conditions';
import { DEMO_PIECES } from './cover';
import { DEMO_LINES, DEMO_LURES, DEMO_REELS, DEMO_RODS, DEMO_TERMINAL } from './tackle';
import { DEMO_SEASON, DEMO_SHORE, DEMO_SPOTS, DEMO_TODAY, DEMO_WATERS, demoMs, type DemoDay } from './season';
import type { Lure } from '../core/records/lure';
import type { EffortBlock } from '../core/records/block';
import { type StrikeEvent, untold } from '../core/records/event';

const SEED = 20261008;

const lureByShortId = (id: string): Lure => DEMO_LURES.find((l) => l.id === `lure-${id}`)!;

function outfitFor(lure: Lure): {
  rod: (typeof DEMO_RODS)[number];
  reel: (typeof DEMO_REELS)[number];
  line: (typeof DEMO_LINES)[number];
} {
  const id = lure.weightKg < 0.004 ? 'rod-light' : lure.hook === 'weedless' ? 'rod-heavy' : 'rod-middle';
  const rod = DEMO_RODS.find((r) => r.id === id)!;
  return {
    rod,
    reel: DEMO_REELS.find((r) => r.id === rod.reelId)!,
    line: DEMO_LINES.find((l) => l.id === rod.lineId)!,
  };
}

type Recipe = ReturnType<typeof workedUnplanned>;

/** How this angler works a lure: set on the first day it is fished and kept, so that the season adds up. */
function recipeFor(lure: Lure, conditions: Conditions): Recipe {
  const { rod, reel, line } = outfitFor(lure);
  return workedUnplanned({
    conditions,
    lure: { id: lure.id, family: lure.family, name: lure.name, weightKg: lure.weightKg, lengthM: lure.lengthM },
    rod: { lengthM: rod.lengthM, minLureKg: rod.minLureKg, maxLureKg: rod.maxLureKg, action: rod.action },
    reel: { ratio: reel.ratio, spoolM: reel.spoolM, arborM: reel.arborM, capacityM: reel.capacityM },
    line: { material: line.material, strengthLb: line.strengthLb },
  });
}

function drawPhase(random: Random, phaseS: Record<Phase, number>, cold: boolean): Phase {
  const weight = PHASES.map(
    (p) => phaseS[p] * (p === 'pause' ? (cold ? 2.5 : 1.3) : p === 'fall' ? 1.6 : p === 'splash' ? 4 : 1),
  );
  let u = random() * weight.reduce((s, w) => s + w, 0);
  for (let i = 0; i < PHASES.length; i++) if ((u -= weight[i]!) <= 0) return PHASES[i]!;
  return 'move';
}

function drawKind(random: Random): StrikeEvent['kind'] {
  const u = random();
  return u < 0.45 ? 'landed' : u < 0.6 ? 'lost' : u < 0.8 ? 'missed' : 'bump';
}

function buildDay(
  day: DemoDay,
  index: number,
  random: Random,
  recipes: Map<string, Recipe>,
  base: readonly Put[],
): Put[] {
  const startMs = demoMs(day.at);
  const trip: Trip = {
    id: `trip-${String(index + 1).padStart(2, '0')}`,
    waterId: day.waterId,
    spotId: null,
    species: day.species,
    startedAtMs: startMs,
    endedAtMs: startMs + 4 * 3600_000,
    readings: day.readings,
    signs: [],
    lureId: null,
    rodId: null,
    reelId: null,
    lineId: null,
    settings: {},
    note: day.note,
    readAtMs: startMs,
    thunder: [],
    aimM: null,
    over: null,
    castPlan: null,
    movedFrom: null,
    cautionsSeen: [],
  };
  const month = Number(day.at.slice(5, 7));
  const conditions = composeDay(applyPuts(emptyBook(), base), trip, startMs + 3600_000, month)!.conditions;
  const fished = day.blocks.map((b) => lureByShortId(b.lure).family);
  const ranking = rankLures(conditions, { withoutRange: true, families: fished });
  const out: Put[] = [put('trip', trip)];
  let atMs = startMs + 6 * 60_000;
  let seq = 0;
  const luck = 0.6 + 0.8 * random();
  day.blocks.forEach((b, i) => {
    const lure = lureByShortId(b.lure);
    const recipe = recipes.get(b.lure) ?? recipeFor(lure, conditions);
    recipes.set(b.lure, recipe);
    const ranked = ranking.ranked.find((r) => r.family === lure.family);
    const expectedPerCast = ranked ? Math.min(0.4, ranked.strikesPerHour / ranked.zone.castsPerHour) : 0.01;
    const blockMs = Math.round(b.casts * (recipe.castS + BETWEEN_CASTS_S) * 1000);
    const block: EffortBlock = {
      id: `${trip.id}-b${i + 1}`,
      tripId: trip.id,
      spotId: null,
      seq: seq++,
      presentationId: presentationId(recipe.presentation),
      presentation: recipe.presentation as EffortBlock['presentation'],
      conditions: conditions as EffortBlock['conditions'],
      startedAtMs: atMs,
      endedAtMs: atMs + blockMs,
      zoneShare: recipe.zoneShare.mean,
      zoneSecondsPerCast: recipe.zoneSecondsPerCast,
      phaseS: recipe.phaseS,
      expectedPerCast,
    };
    out.push(
      put('block', block),
      put('cast', { id: `${block.id}-casts`, blockId: block.id, seq: seq++, atMs, count: b.casts }),
    );
    const strikes = b.strikes ?? Math.min(b.casts, poisson(random, b.casts * expectedPerCast * luck));
    const extra: StrikeEvent['kind'][] = random() < 0.35 ? ['follow'] : random() < 0.3 ? ['snag'] : [];
    const kinds = [...Array.from({ length: strikes }, () => drawKind(random)), ...extra];
    kinds.forEach((kind, n) => {
      out.push(
        put('event', {
          id: `${block.id}-e${n + 1}`,
          blockId: block.id,
          seq: seq++,
          atMs: Math.round(atMs + ((n + 0.5) / kinds.length) * blockMs),
          ...untold(kind),
          phase:
            kind === 'snag' || kind === 'follow'
              ? 'move'
              : drawPhase(random, recipe.phaseS, (conditions.water.surfaceTempC ?? 15) < 16),
          lengthM: kind === 'landed' ? 0.22 + 0.25 * random() : null,
        }),
      );
    });
    atMs += blockMs + 5 * 60_000;
  });
  return out;
}

/** Everything of the demo world; `realNowMs` is when it is loaded, so that its clock can run on from the demo day. */
export function buildDemoWorld(realNowMs: number): Put[] {
  const base: Put[] = [
    ...DEMO_WATERS.map((w) => put('water', w)),
    ...DEMO_SPOTS.map((s) => put('spot', s)),
    ...DEMO_PIECES.map((x) => put('piece', x)),
    put('shore', DEMO_SHORE),
    ...STATION_IDS.map((id) =>
      put('stationReport', {
        id,
        receivedAtMs: demoMs(DEMO_TODAY.at),
        via: 'device',
        report: stationReport(id, demoMs(DEMO_TODAY.at)),
      }),
    ),
    ...DEMO_LURES.map((l) => put('lure', l)),
    ...DEMO_RODS.map((r) => put('rod', r)),
    ...DEMO_REELS.map((r) => put('reel', r)),
    ...DEMO_LINES.map((l) => put('line', l)),
    ...DEMO_TERMINAL.map((x) => put('terminal', x)),
  ];
  const random = seededRandom(SEED);
  const recipes = new Map<string, Recipe>();
  const season = DEMO_SEASON.flatMap((day, i) => buildDay(day, i, random, recipes, base));
  const today: Trip = {
    id: 'trip-today',
    waterId: DEMO_TODAY.waterId,
    spotId: DEMO_TODAY.spotId,
    species: DEMO_TODAY.species,
    startedAtMs: demoMs(DEMO_TODAY.at) - 4 * 60_000,
    endedAtMs: null,
    readings: DEMO_TODAY.readings,
    signs: [],
    lureId: null,
    rodId: 'rod-middle',
    reelId: 'reel-fixed',
    lineId: 'line-nylon10',
    settings: {},
    note: '',
    readAtMs: demoMs(DEMO_TODAY.at) - 4 * 60_000,
    thunder: [],
    aimM: null,
    over: null,
    castPlan: null,
    movedFrom: null,
    cautionsSeen: [],
  };
  return [
    ...base,
    ...season,
    put('trip', today),
    put('preferences', {
      ...DEFAULT_PREFERENCES,
      demoClock: { demoAtMs: demoMs(DEMO_TODAY.at), realAtMs: realNowMs },
      activeTripId: today.id,
      lastRodId: 'rod-middle',
      lastReelId: 'reel-fixed',
      lastLineId: 'line-nylon10',
    }),
  ];
}
