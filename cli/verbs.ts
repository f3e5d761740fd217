/** The verbs of the headless command: one document in, one out. Sentences come from wording/, in imperial units. */
import { z } from 'zod';
import { checkWith } from '../core/schemas/check';
import { readBoxCsv, writeBoxCsv } from '../core/exchange/boxCsv';
import { boxSchema, documentLure, lureAt, lureOf, ownLureOf } from '../core/exchange/boxDocument';
import { castsDocument, castsDocumentSchema } from '../core/exchange/castsDocument';
import { conditionsSchema } from '../core/schemas/conditions';
import { coverDocument, coverDocumentSchema } from '../core/exchange/coverDocument';
import { hereSchema, historySchema, logQuestionOf, trialSchema } from '../core/exchange/historyDocument';
import { learnSchema } from '../core/exchange/learnDocument';
import { planSchema, schoolsSchema } from '../core/schemas/plan';
import { skyDocument, skyDocumentSchema } from '../core/exchange/skyDocument';
import { tideDocument, tideSchema } from '../core/exchange/tideDocument';
import { simulateDocument, simulateSchema } from '../core/exchange/simulateDocument';
import { compare, mostFished, PRIOR_WEIGHT_CASTS, ratesOf } from '../core/lessons/learn';
import { learnRanking } from '../core/learning/learned';
import { choosingOf } from '../core/ranking/choosing';
import { familyById } from '../core/lures/families';
import { rankLures, rankWithGrounds } from '../core/ranking/rank';
import { styleFor } from '../core/ranking/working';
import { AGITATIONS } from '../core/mood/guarding';
import type { MoodDistribution } from '../core/mood/states';
import { exportSchema, exportVerb, importSchema, importVerb } from './exchange';
import type { Problem, Result } from '../core/base/problems';
import { ROD_ACTIONS } from '../core/tackle/rod';
import { planHead } from '../core/planning/head/planHead';
import { planRetrieve } from '../core/planning/plan/plan';
import { badRowText, FILE_FAULT } from '../wording/box';
import { FAMILY_OF_NAME } from '../wording/readNames';
import { moodSentences } from '../wording/mood';
import { exclusionSentence, reasonSentence } from '../wording/reasons';
import { IMPERIAL } from '../wording/units';
import { MOODS } from '../core/water/moods';

const rankSchema = conditionsSchema().extend({
  box: boxSchema.nullish(),
  rods: z
    .array(
      z.strictObject({
        minLureKg: z.number().positive(),
        maxLureKg: z.number().positive(),
        lengthM: z.number().positive(),
        action: z.enum(ROD_ACTIONS),
      }),
    )
    .nullish(),
  schools: schoolsSchema().nullish(),
  /** Also what would change its mind, and the ladder. */
  detail: z.boolean().nullish(),
  /** The angler's own log: past blocks, where one is, and whether a trial is asked for. */
  history: historySchema.nullish(),
  here: hereSchema.nullish(),
  trial: trialSchema.nullish(),
});

const moodObject = (p: MoodDistribution) => Object.fromEntries(MOODS.map((m, i) => [m, p[i]]));

function rank(d: z.infer<typeof rankSchema>) {
  const options = { rods: d.rods ?? null, schools: d.schools, lures: d.box?.map(ownLureOf) ?? null };
  const { log, notes } = logQuestionOf(d, d.box ?? []);
  // A season of trials is asked for block by block: it is answered by the table of holds, no cast simulated.
  const quick = !!d.trial && log.history.length > 0;
  const planned = quick ? {} : planHead(d, options, { log });
  const asked = { ...options, planned };
  const r = learnRanking(rankWithGrounds(d, asked), asked, log);
  const more = d.detail ? choosingOf(d, { ...options, planned }) : null;
  const named = (key: string) => (d.box ? { lure: lureAt(d.box, key)?.name ?? null, key } : {});
  const familyOf = (key: string): string => r.ranked.find((x) => x.key === key)!.family;
  return {
    branch: r.branch,
    mood: moodObject(r.mood.distribution),
    ranked: r.ranked.map((x) => ({
      family: x.family,
      ...named(x.key),
      strikesPerHour: x.strikesPerHour,
      low: x.low,
      high: x.high,
      score: x.score,
      prior: x.prior,
      evidence: x.evidence,
      why: x.why.map((w) => ({ factor: w.factor, ln: w.ln, text: reasonSentence(w, IMPERIAL) })),
      rig: x.rig,
      working: {
        weightKg: x.weightKg,
        depthM: x.workingDepthM,
        speedMps: x.speedMps,
        zoneShare: x.zone.share,
        castsPerHour: x.zone.castsPerHour,
        style: styleFor(familyById(x.family), r.mood.mean),
        // False: about, from the table of holds; no cast of it was simulated here.
        planned: x.byPlan !== null,
      },
    })),
    excluded: r.excluded.map((x) => ({ family: x.family, ...named(x.key), reason: exclusionSentence(x, IMPERIAL) })),
    plan: r.plan && {
      start: familyOf(r.plan.start),
      follow: familyOf(r.plan.follow),
      refusal: familyOf(r.plan.refusal),
      casts: r.plan.casts,
      // Roles for which the first lure is worked otherwise: lighter, slower, smaller, another colour.
      reworked: r.plan.reworked,
      gentler: r.plan.gentler,
    },
    ...(more ? { changes: more.turns, ladder: more.ladder } : {}),
    level: r.level,
    trial: r.trial,
    assumed: r.reading.assumed,
    notes,
  };
}

function mood(d: z.infer<ReturnType<typeof conditionsSchema>>) {
  const r = rankLures(d, { families: [], withoutRange: true });
  return {
    mood: moodObject(r.mood.distribution),
    mean: r.mood.mean,
    reasons: [
      ...r.mood.reasons.map((x) => ({ factor: x.factor, shift: x.shift })),
      ...r.mood.signs.map((s) => ({ factor: s.kind, shift: s.shift })),
    ],
    text: moodSentences(r.mood, r.reading, IMPERIAL),
    nextSign: r.mood.nextSign,
    full: r.mood.full,
    guarding: r.mood.guarding && {
      agitation: Object.fromEntries(AGITATIONS.map((a, i) => [a, r.mood.guarding!.distribution[i]])),
      advice: r.mood.guarding.advice,
    },
    assumed: r.reading.assumed,
  };
}

function learnVerb(d: z.infer<typeof learnSchema>) {
  const strikes = d.efforts.reduce((s, e) => s + e.strikes, 0);
  const casts = d.efforts.reduce((s, e) => s + e.casts, 0);
  // Without a stated prior each is shrunk towards the mean of them all.
  const prior = d.prior ?? { meanPerCast: (strikes + 0.5) / (casts + 10), weightCasts: PRIOR_WEIGHT_CASTS };
  const rates = ratesOf(d.efforts, () => prior);
  const compared = mostFished(rates);
  return {
    rates: rates.map((r) => ({
      presentation: r.presentation,
      casts: r.casts,
      perCast: r.perCast,
      hooked: r.hookedShare,
      landed: r.landedShare,
      tooThin: r.tooThin,
    })),
    // Of a longer list the most fished alone, and that is said.
    comparisons: compare(compared),
    ...(compared.length < rates.length ? { compared: compared.length } : {}),
  };
}

const boxVerbSchema = z
  .strictObject({ csv: z.string().max(2_000_000).nullish(), lures: boxSchema.nullish() })
  .refine((d) => !!d.csv !== !!d.lures, { path: ['csv'], message: 'either csv or lures' });

/** A table to the list, with what could not be read; a list to the table. */
function box(d: z.infer<typeof boxVerbSchema>) {
  if (d.lures) return { csv: writeBoxCsv(d.lures.map(lureOf)) };
  const file = readBoxCsv(d.csv!, FAMILY_OF_NAME);
  return {
    lures: file.lures.map(documentLure),
    problems: file.fault
      ? [{ line: 1, text: FILE_FAULT[file.fault] }]
      : file.bad.map((b) => ({ line: b.line, text: badRowText(b) })),
  };
}

interface Verb {
  about: string;
  run(value: unknown): Result<unknown>;
}

const verb = <T>(about: string, schema: z.ZodType<T>, answer: (d: T) => unknown): Verb => ({
  about,
  run(value) {
    const checked = checkWith(schema, value);
    return checked.ok ? { ok: true, value: answer(checked.value) } : checked;
  },
});

export const VERBS: Record<string, Verb> = {
  rank: verb(
    'conditions (and box, rods, schools) → mood, ranked families with reasons, exclusions, plan',
    rankSchema,
    rank,
  ),
  mood: verb('conditions → how the fish feel, why, and which sign to look for', conditionsSchema(), mood),
  plan: verb(
    'conditions, tackle and a lure → cast, countdown, speed, rod, cadence, share in the zone',
    planSchema(),
    (d) => planRetrieve(d),
  ),
  box: verb(
    '{ csv } or { lures } → the box as a list with the lines that could not be read, or as a table',
    boxVerbSchema,
    box,
  ),
  cover: verb(
    'conditions or scenarios, a box, rods and k → the best k set-ups, what each covers, what is left open',
    coverDocumentSchema,
    coverDocument,
  ),
  casts: verb(
    'a piece of cover, conditions and a lure → where to stand, its casts in order, what each promises and leaves',
    castsDocumentSchema,
    castsDocument,
  ),
  simulate: verb(
    'a line-and-lure problem (free-sink, cast-retrieve, vertical-jig, towed-pass, steady-tow, cross-current-bow, hook-set) → its answer',
    simulateSchema,
    simulateDocument,
  ),
  sky: verb(
    'a place, a date and a time zone → sun, twilight, moon and the periods made of them',
    skyDocumentSchema,
    skyDocument,
  ),
  tide: verb('high and low waters, or constituents → heights, turns, current', tideSchema, tideDocument),
  import: verb(
    'a record and a list of catches (CSV) → the record with their days, and what could not be read, by line',
    importSchema,
    importVerb,
  ),
  export: verb('a record → the log as tables, or its spots as GPX or GeoJSON', exportSchema, exportVerb),
  learn: verb('efforts with casts and strikes → rates with 90 % intervals, comparisons', learnSchema, learnVerb),
};

/** A document, or an array of them answered in order. Problems carry the place in the array. */
export function runVerb(v: Verb, input: unknown): Result<unknown> {
  if (!Array.isArray(input)) return v.run(input);
  const problems: Problem[] = [];
  const answers = input.map((one, i) => {
    const r = v.run(one);
    if (r.ok) return r.value;
    problems.push(
      ...r.problems.map((p) => ({
        ...p,
        path: `[${i}]${p.path.startsWith('[') || p.path.startsWith('(') ? '' : '.'}${p.path}`,
      })),
    );
    return null;
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: answers };
}
