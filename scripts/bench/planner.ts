/**
 * How good and how quick the planner is: fifty seeded set-ups against an exhaustive search, and its promises against
 * the finest mesh.
 */
import { allFamilies } from '../../core/lures/families';
import { seededRandom } from '../../core/base/random';
import { trials } from '../../core/planning/plan/changes';
import { planRetrieve, type Plan } from '../../core/planning/plan/plan';
import type { PlanRequest } from '../../core/planning/task/request';
import { freeParameters } from '../../core/planning/plan/freedoms';
import { firstSettings, setUpTask, type RetrieveSettings, type PlanTask } from '../../core/planning/task/setup';
import { simulateSettings } from '../../core/planning/plan/track';
import { worth } from '../../core/planning/plan/worth';
import { MESH } from '../../core/simulation/types';
import { lineClasses, LINE_MATERIALS } from '../../core/tackle/line';
import { table } from './report';

const SETUPS = 50;
/** Settings of each freedom on the exhaustive grid, by how many freedoms there are. */
const GRID: Record<number, number> = { 1: 40, 2: 14, 3: 9, 4: 6, 5: 5 };
/** The best of the grid, cast again on the planner's own last mesh. */
const AGAIN = 8;

/** Set-ups as they come: any family that is worked at a depth, any usual water and tackle. */
export function seededRequests(count: number, seed = 20): PlanRequest[] {
  const random = seededRandom(seed);
  const between = (a: number, b: number): number => a + (b - a) * random();
  const one = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]!;
  // Those with something to search: what stays on top, goes straight down or is towed is planned by rule.
  const families = allFamilies().filter((f) => f.mode === 'swim' || f.mode === 'bottom' || f.mode === 'float');
  return Array.from({ length: count }, () => {
    const f = one(families);
    const depthM = between(1.2, 6);
    const material = one(LINE_MATERIALS);
    const lb = one(lineClasses(material).filter((x) => x >= 6 && x <= 30));
    return {
      conditions: {
        species: one(['largemouth-bass', 'smallmouth-bass', 'walleye', 'spotted-seatrout'] as const),
        month: 1 + Math.floor(random() * 12),
        water: {
          setting: 'lake',
          surfaceTempC: between(4, 28),
          clarityM: between(0.3, 3),
          depthM,
          fishDepthM: f.mode === 'bottom' ? depthM - 0.2 : between(0.4, Math.min(depthM, f.depthM[1] + 0.3)),
          ...(random() < 0.3 ? { currentMps: between(0.1, 0.5), currentAngleDeg: one([0, 45, 90, 135, 180]) } : {}),
          cover: { kind: 'none', density: 0 },
        },
        access: one(['bow', 'stern', 'bank', 'wade', 'jetty'] as const),
      },
      lure: { family: f.id },
      rod: {
        lengthM: between(1.9, 2.4),
        minLureKg: 0.004,
        maxLureKg: 0.03,
        action: one(['moderate', 'fast'] as const),
      },
      reel: { ratio: between(5, 7.5), spoolM: 0.045, arborM: 0.03, capacityM: 140 },
      line: { material, strengthLb: lb },
    } satisfies PlanRequest;
  });
}

/** The best worth of a full grid over everything that is free, by the planner's own last mesh. */
export function exhaustive(request: PlanRequest): { worth: number; share: number; tried: number } {
  const p = setUpTask(request);
  const start = firstSettings(p);
  const free = freeParameters(p, start);
  let all: RetrieveSettings[] = [start];
  for (const f of free) {
    const n = f.settings ?? GRID[free.length] ?? 5;
    all = all.flatMap((h) => Array.from({ length: n }, (_, i) => f.at(h, (i + 0.5) / n)));
  }
  const different = [...new Map(all.map((h) => [JSON.stringify(h), h])).values()];
  const sifted = different
    .map((h) => ({ h, w: worth(p, h, simulateSettings(p, h, { mesh: MESH.quick })) }))
    .sort((a, b) => b.w - a.w);
  const last = sifted
    .slice(0, AGAIN)
    .map(({ h }) => {
      const t = simulateSettings(p, h, { mesh: MESH.plan });
      return { worth: worth(p, h, t), share: t.zoneShare };
    })
    .sort((a, b) => b.worth - a.worth)[0]!;
  return { ...last, tried: different.length };
}

/**
 * For each change listed: by how much what it really gives, on the planned path's mesh, beats the top of its range
 * (negative: it does not).
 */
function beatenBy(p: PlanTask, plan: Plan): number[] {
  const own = simulateSettings(p, plan.hands, { mesh: MESH.plan }).zoneShare;
  return trials(p, plan.hands).flatMap(({ change, problem, hands }) => {
    const told = plan.buys.find(
      (b) => b.kind === change.kind && JSON.stringify(b.settings) === JSON.stringify(change.settings),
    );
    // Of a cast that takes long to simulate not every change is looked at.
    return told ? [simulateSettings(problem, hands, { mesh: MESH.plan }).zoneShare - own - told.high] : [];
  });
}

const middle = (v: readonly number[]): number => [...v].sort((a, b) => a - b)[Math.floor(v.length / 2)]!;
const percent = (x: number): string => `${(100 * x).toFixed(1)} %`;

export function plannerBench(): string {
  // All plans first: their time is taken before the long search, beside which a busy machine changes nothing.
  const planned = seededRequests(SETUPS).map((request) => {
    const from = performance.now();
    const plan = planRetrieve(request);
    return { request, plan, settledMs: performance.now() - from };
  });
  process.stderr.write('all planned; now the exhaustive search\n');
  const rows = planned.map(({ request, plan, settledMs }) => {
    const p = setUpTask(request);
    const own = worth(p, plan.hands, plan.track);
    const best = exhaustive(request);
    const fine = simulateSettings(p, plan.hands, { mesh: MESH.fine, workedToM: plan.workedToM });
    // The grid may miss what the search finds: that is no loss.
    const loss = best.worth > 0 ? Math.max(0, 1 - own / best.worth) : 0;
    process.stderr.write(
      `${request.lure.family}: loss ${percent(loss)}, share ${percent(plan.track.zoneShare)} of ${percent(best.share)}, ${best.tried} tried, ${settledMs.toFixed(0)} ms\n`,
    );
    const beats = beatenBy(p, plan);
    return {
      loss,
      best,
      beats,
      plan,
      fine,
      settledMs,
      kept: fine.zoneShare >= plan.zoneShare.low && fine.zoneShare <= plan.zoneShare.high,
    };
  });
  const losses = rows.map((r) => r.loss);
  const shareLoss = rows.map((r) => Math.max(0, r.best.share - r.plan.track.zoneShare));
  const beaten = rows.map((r) => Math.abs(r.fine.zoneShare - r.plan.track.zoneShare));
  const body = table(
    ['over fifty seeded set-ups', 'middle', 'mean', 'worst'],
    [
      ['loss of worth against the best of a full grid', ...told3(losses)],
      ['share of the cast lost against it', ...told3(shareLoss)],
      ['share at the finest mesh, off the planned path by', ...told3(beaten)],
    ],
  );
  const changes = rows.flatMap((r) => r.beats);
  const kept = rows.filter((r) => r.kept).length;
  const tried = rows.map((r) => r.best.tried);
  const ms = rows.map((r) => r.settledMs);
  return `## The planner

Fifty set-ups drawn with a fixed seed (family, water, tackle, stand, current). The exhaustive search casts every combination on a grid over all that is free
(${Math.min(...tried)}–${Math.max(...tried)} casts each), the best ${AGAIN} again on the mesh of the planned path. Worth is what the planner maximises: seconds among the fish for each second of
fishing, less where speed, hang or angle are not what the fish want.

${body}

The share at the finest mesh lies within the promised range in **${kept} of ${SETUPS}**. Of ${changes.length} changes
listed, **${changes.filter((b) => b > 0).length}** beat the top of their range when they are really cast (by ${percent(Math.max(0, ...changes))} of the cast at the most).
Settled plans took ${middle(ms).toFixed(0)} ms in the median here (Node, ${Math.max(...ms).toFixed(0)} ms at the most).`;
}

const told3 = (v: readonly number[]): string[] => [
  percent(middle(v)),
  percent(v.reduce((a, b) => a + b, 0) / v.length),
  percent(Math.max(...v)),
];
