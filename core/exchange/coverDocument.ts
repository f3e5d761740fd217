/** `cover`: conditions of one day, or scenarios of one's own; a box; rods; how many may go. */
import * as z from 'zod';
import { planRods } from '../rods/plan';
import { dayScenarios, type Scenario } from '../rods/scenarios';
import { boxSchema, lureAt, ownLureOf } from './boxDocument';
import { conditionsSchema } from '../schemas/conditions';
import { lineSpecSchema, rodSpecSchema, schoolsSchema } from '../schemas/plan';

/** The question of `cover`: a day, or scenarios of one's own with weights; the box, rods, and how many may come. */
export const coverDocumentSchema = z
  .strictObject({
    /** One day: moods, light, depth and cover around it are made from it. */
    conditions: conditionsSchema().nullish(),
    scenarios: z
      .array(
        z.strictObject({
          conditions: conditionsSchema(),
          weight: z.number().positive(),
          name: z.string().max(60).nullish(),
        }),
      )
      .min(1)
      .max(500)
      .nullish(),
    box: boxSchema.nullish(),
    /** Each with the line on it, if said. */
    rods: z
      .array(rodSpecSchema().extend({ line: lineSpecSchema().nullish() }))
      .max(12)
      .nullish(),
    schools: schoolsSchema().nullish(),
    k: z.number().int().min(1).max(8),
  })
  .refine((d) => !!d.conditions !== !!d.scenarios, {
    path: ['scenarios'],
    message: 'either conditions of one day, or scenarios',
  });
export type CoverDocument = z.infer<typeof coverDocumentSchema>;

function scenariosOf(d: CoverDocument): Scenario[] {
  if (d.conditions) return dayScenarios(d.conditions);
  const all = d.scenarios!.reduce((s, x) => s + x.weight, 0);
  return d.scenarios!.map((x) => ({
    conditions: x.conditions,
    weight: x.weight / all,
    moodMean: null,
    stage: null,
    name: x.name ?? null,
  }));
}

/** The answer of `cover`: the best k set-ups, what each covers, what is left open. */
export function coverDocument(d: CoverDocument) {
  const plan = planRods({
    scenarios: scenariosOf(d),
    k: d.k,
    lures: d.box?.map(ownLureOf) ?? null,
    rods: d.rods?.map(({ line: _, ...rod }) => rod) ?? null,
    lines: d.rods?.map((r) => r.line ?? null) ?? null,
    schools: d.schools,
  });
  const lureOf = (key: string) => {
    const own = lureAt(d.box, key);
    return own ? { family: own.family as string, lure: own.name ?? null, key } : { family: key, lure: null, key };
  };
  return {
    setUps: plan.setUps.map((s) => ({
      ...lureOf(s.key),
      rod: s.rod,
      share: s.share,
      covers: s.covers,
      missed: s.missed,
      swaps: s.swaps.map((x) => ({ ...lureOf(x.key), loss: x.loss })),
    })),
    strikesPerHour: plan.perHour,
    possiblePerHour: plan.possiblePerHour,
    exact: plan.exact,
    needLb: plan.needLb,
    uncovered: plan.uncovered.map((u) => ({ scenario: u.scenario, share: u.share, better: lureOf(u.better) })),
    scenarios: plan.scenarios.map((s, i) => ({ index: i, name: s.name, weight: s.weight, ...(s.stage ?? {}) })),
  };
}
