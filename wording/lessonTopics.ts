/** The topics of the Lessons: each a question, its answer in a sentence or two, and the numbers behind it. */
import type { Calibration } from '../core/lessons/calibration';
import type { Funnel, Outcome } from '../core/lessons/funnel';
import type { ByTime, Effort, Light } from '../core/lessons/hours';
import type { DepthLayer } from '../core/lessons/layers';
import { castsToTell, compare, THIN_CASTS } from '../core/lessons/learn';
import type { LureAccount } from '../core/lessons/ledger';
import type { LikeNow } from '../core/lessons/like';
import type { Pattern } from '../core/lessons/patterns';
import { FEW_STRIKES, type PhaseRate } from '../core/lessons/phases';
import type { DayOfSeason } from '../core/lessons/season';
import { PLAIN, standingOut, type Share } from '../core/lessons/standingOut';
import type { TrialOutcome, TrialReport } from '../core/lessons/trials';
import { CLEAR_EDGES_M, KNOWN_MIN, liesIn, nearest, WARM_EDGES_C, type WaterCell } from '../core/lessons/waterMap';
import { counted, few } from './count';
import { capital, list, PHASE_NAME, TIDE_NAME } from './names';
import { hoursText, strikesText } from './reasons';
import { castsText } from './strikes';
import { hourText } from './time';
import { trialTold, type LureName } from './trials';
import { moneyText, say, type UnitPrefs } from './units';

/** Numbers in rows; the first of a row says what it is of. */
export interface Table {
  label: string;
  head: readonly string[];
  rows: readonly (readonly string[])[];
}

/** What a topic says. */
export interface Told {
  answer: string;
  tables: readonly Table[];
  /** How to read the picture. */
  note?: string;
}

export const TOPICS = {
  like: 'Hours like now',
  patterns: 'Strikes by pattern',
  compare: 'Which beats which',
  model: 'Was the model right?',
  phases: 'When in the cast',
  depths: 'How deep',
  hours: 'Which hour',
  waters: 'How warm, how clear',
  funnel: 'From cast to landed',
  ledger: 'What the lures cost',
  season: 'The season',
  trials: 'What you tried',
} as const;
export type TopicId = keyof typeof TOPICS;

/** While the model is asked. */
export const ASKING = 'Asking the model what it expected…';
/** Where it did not answer. */
export const AS_LOGGED = 'What was expected is as it was noted with each block: the model could not be asked again.';

const inHours = (minutes: number): string => (minutes > 0 ? hoursText(minutes / 60) : '–');
const perHour = (strikes: number, minutes: number): string => (minutes > 0 ? few((strikes * 60) / minutes) : '–');

/**
 * What stands out and how sure that is: `what` names a part, `more` the effort that would tell. Null where nothing can
 * be compared.
 */
function standsOut(
  parts: readonly Share[],
  what: (at: number) => string,
  more: (times: number) => string,
): string | null {
  const found = standingOut(parts);
  if (!found) return null;
  const strikes = parts.reduce((sum, p) => sum + p.strikes, 0);
  const { strikes: own } = parts[found.at]!;
  const most = `${what(found.at)}: ${own} of ${counted(strikes, 'strike')}`;
  if (found.sure >= PLAIN) return `Best ${most}. ${say.percent(found.sure)} sure that it is more than luck.`;
  const wait =
    found.enoughAt === null
      ? 'It may well be luck: the parts are too much alike to tell.'
      : `It may still be luck: ${more(found.enoughAt - 1)} more of the same would tell.`;
  return `So far best ${most}. ${wait}`;
}

const moreHours =
  (minutes: number) =>
  (times: number): string =>
    `about ${Math.max(1, Math.round((times * minutes) / 60))} h`;
const moreCasts =
  (casts: number) =>
  (times: number): string =>
    `about ${Math.max(10, Math.round((times * casts) / 10) * 10)} casts`;

export type DayName = (d: { startedAtMs: number; waterId: string }) => { day: string; water: string };

export function likeTold(like: LikeNow | null, allMinutes: number, name: DayName): Told {
  if (!like)
    return {
      answer: 'Nothing in your log was fished in hours like these: no water so warm, so clear, in such a light.',
      tables: [],
    };
  const { low, high, mean } = like.perHour;
  return {
    answer: `In hours like now you draw about ${say.rate(mean)} strikes an hour (${say.rate(low)} to ${say.rate(high)}); the model expects ${say.rate(like.expectedPerHour)}. The ${hoursText(allMinutes / 60)} you fished tell as much about now as ${hoursText(like.hours)} of it would.`,
    tables: [
      {
        label: 'The days that tell most',
        head: ['Day', 'Water', 'Fished', 'Strikes', 'Counts as'],
        rows: like.days.slice(0, 6).map((d) => {
          const { day, water } = name(d);
          return [day, water, hoursText(d.hours), String(d.strikes), hoursText(d.counts)];
        }),
      },
    ],
    note: 'An hour counts by how near its water was to today’s in warmth, clarity and light; on another water half.',
  };
}

export function patternsTold(patterns: readonly Pattern[]): Told {
  const told = patterns.filter((x) => !x.tooThin);
  const best = [...told].sort((a, b) => b.perCast.mean - a.perCast.mean)[0];
  const thin = patterns.length - told.length;
  const thinText = thin > 0 ? ` ${counted(thin, 'pattern has', 'patterns have')} fewer than ${THIN_CASTS} casts.` : '';
  return {
    answer: best
      ? `${best.lureName} leads with ${few(100 * best.perCast.mean)} strikes in 100 casts (${few(100 * best.perCast.low)} to ${few(100 * best.perCast.high)}).${thinText}`
      : `Not enough yet: no pattern has ${THIN_CASTS} casts.`,
    tables: [],
    note: 'A pattern is one lure worked one way. The dot is the best guess, the bar holds the truth nine times in ten, the tick is what the model expected.',
  };
}

/** Patterns that are compared, the most fished first. */
const COMPARED = 4;
const LIKE_AS_NOT = 0.75;

export function compareTold(patterns: readonly Pattern[]): Told {
  const chosen = patterns.filter((x) => !x.tooThin).slice(0, COMPARED);
  if (chosen.length < 2)
    return { answer: `Not enough yet to compare: two patterns need ${THIN_CASTS} casts each.`, tables: [] };
  const of = (id: string): Pattern => chosen.find((x) => x.presentation === id)!;
  const pairs = compare(chosen)
    .map((c) =>
      c.aBeatsB >= 0.5
        ? { better: of(c.a), other: of(c.b), sure: c.aBeatsB }
        : { better: of(c.b), other: of(c.a), sure: 1 - c.aBeatsB },
    )
    .sort((a, b) => b.sure - a.sure);
  const first = pairs[0]!;
  const name = names(chosen);
  return {
    answer:
      first.sure >= LIKE_AS_NOT
        ? `${name(first.better)} beats ${name(first.other)}: ${say.percent(first.sure)} sure.`
        : `Nothing to choose between them yet: at most ${say.percent(first.sure)} sure of any pair.`,
    tables: [
      {
        label: 'Pairs of patterns',
        head: ['Better', 'Than', 'Sure', 'Casts more of each to tell'],
        rows: pairs.map(({ better, other, sure }) => {
          const more = castsToTell(better.posterior, other.posterior);
          return [
            name(better),
            name(other),
            say.percent(sure),
            more === 0 ? 'none' : more === null ? 'over 3000' : `about ${more}`,
          ];
        }),
      },
    ],
    note: 'With many pairs, one in ten that looks 90 % sure is luck.',
  };
}

/** Patterns of one lure are told apart by how it is worked. */
function names(patterns: readonly Pattern[]): (x: Pattern) => string {
  const same = (x: Pattern): Pattern[] => patterns.filter((o) => o.lureName === x.lureName);
  return (x) => (same(x).length > 1 ? `${x.lureName} (${1 + same(x).indexOf(x)})` : x.lureName);
}

export function modelTold(c: Calibration | null): Told {
  if (!c) return { answer: 'Nothing was expected yet.', tables: [] };
  const { all, groups } = c;
  const [low, high] = all.byLuck;
  const verdict = all.within
    ? `That is within what luck does (${low} to ${high}).`
    : all.strikes > high
      ? `That is more than luck does (${low} to ${high}): your log lifts what is expected of you.`
      : `That is fewer than luck leaves (${low} to ${high}): your log lowers what is expected of you.`;
  const off = groups.filter((g) => !g.within).length;
  const byGroup =
    groups.length < 2
      ? ' Too little yet to tell poor hours from good ones.'
      : off === 0
        ? ' It holds from the poorest hours to the best.'
        : ` In ${off} of ${groups.length} sorts of hours it is off by more than luck.`;
  return {
    answer: `The model expected ${few(all.expected)} strikes in these ${hoursText(all.hours)}; you drew ${all.strikes}. ${verdict}${byGroup}`,
    tables: [
      {
        label: 'From poor hours to good ones',
        head: ['Expected an hour', 'Fished', 'Expected', 'Drawn', 'By luck'],
        rows: groups.map((g) => [
          say.rate(g.expected / g.hours),
          hoursText(g.hours),
          few(g.expected),
          String(g.strikes),
          `${g.byLuck[0]}–${g.byLuck[1]}`,
        ]),
      },
    ],
    note: 'Your blocks, sorted by what was expected of an hour. The bar is what you drew an hour, the dot what was expected: where they meet, the model is right. Below each its strikes.',
  };
}

export function phasesTold(rates: readonly PhaseRate[]): Told {
  const shown = rates.filter((r) => r.perHour !== null);
  const strikes = shown.reduce((sum, r) => sum + r.strikes, 0);
  if (strikes === 0)
    return { answer: 'No strike has its moment yet: one touch after a strike says when it came.', tables: [] };
  const seconds = shown.reduce((sum, r) => sum + r.seconds, 0);
  const at = (i: number): string => {
    const r = shown[i]!;
    return `${r.phase === 'boat' ? PHASE_NAME.boat : `on the ${PHASE_NAME[r.phase]}`}, in ${say.percent(r.seconds / seconds)} of the time`;
  };
  return {
    answer:
      standsOut(
        shown.map((r) => ({ strikes: r.strikes, effort: r.seconds })),
        at,
        moreHours(seconds / 60),
      ) ?? `${strikesText(strikes)} with its moment: nothing to compare yet.`,
    tables: [
      {
        label: 'Strikes by part of the cast',
        head: ['Part', 'Strikes', 'Time in it', 'An hour of it'],
        rows: shown.map((r) => [
          capital(PHASE_NAME[r.phase]),
          String(r.strikes),
          hoursText(r.seconds / 3600),
          few(r.perHour!),
        ]),
      },
    ],
    note: `Strikes for each hour spent in that part of the cast; the number on a bar is how many strikes made it. A pale bar rests on fewer than ${FEW_STRIKES} and may be luck.`,
  };
}

const depthName = (l: DepthLayer, u: UnitPrefs): string =>
  l.bottomM > 100 ? `below ${say.depth(l.topM, u)}` : say.depthBand([l.topM, l.bottomM], u);

export function depthsTold(layers: readonly DepthLayer[], u: UnitPrefs): Told {
  const casts = layers.reduce((sum, l) => sum + l.casts, 0);
  const strikes = layers.reduce((sum, l) => sum + l.strikes, 0);
  return {
    answer:
      standsOut(
        layers.map((l) => ({ strikes: l.strikes, effort: l.casts })),
        (i) => `at ${depthName(layers[i]!, u)}, in ${castsText(layers[i]!.casts)}`,
        moreCasts(casts),
      ) ?? `${capital(strikesText(strikes))} in ${castsText(casts)}: nothing to compare yet.`,
    tables: [
      {
        label: 'Strikes by the depth fished',
        head: ['Depth', 'Casts', 'Strikes', 'In 100 casts', 'Expected'],
        rows: layers.map((l) => [
          depthName(l, u),
          String(l.casts),
          String(l.strikes),
          few((100 * l.strikes) / l.casts),
          few(l.expected),
        ]),
      },
    ],
    note: `Strikes in 100 casts by the middle of the depth that the lure was worked at; the dot is what was expected. Below each depth its strikes; a pale bar rests on fewer than ${THIN_CASTS} casts.`,
  };
}

export const LIGHT_NAME: Record<Light, string> = { dark: 'night', low: 'low sun', high: 'day' };
/** An hour of the clock: "6 am", "18:00". */
export const clockHour = (hour: number, u: Pick<UnitPrefs, 'speed'>): string => hourText(hour * 3_600_000, 'UTC', u);

const effortOf = (e: Effort): Share => ({ strikes: e.strikes, effort: e.minutes });
const timeRow = (name: string, e: Effort): string[] => [
  name,
  hoursText(e.minutes / 60),
  String(e.strikes),
  perHour(e.strikes, e.minutes),
];

export function hoursTold({ hours, lights, tides }: ByTime, u: UnitPrefs): Told {
  const minutes = hours.reduce((sum, h) => sum + h.minutes, 0);
  const strikes = hours.reduce((sum, h) => sum + h.strikes, 0);
  const hour = standsOut(
    hours.map(effortOf),
    (i) => `from ${clockHour(hours[i]!.hour, u)} to ${clockHour((hours[i]!.hour + 1) % 24, u)}`,
    moreHours(minutes),
  );
  const behind = (what: string, parts: readonly ({ name: string } & Effort)[]): string =>
    parts.length > 1
      ? ` By ${what}: ${list(parts.map((p) => `${p.name} ${p.strikes} in ${hoursText(p.minutes / 60)}`))}.`
      : '';
  return {
    answer: `${hour ?? `${capital(strikesText(strikes))} in ${inHours(minutes)}: nothing to compare yet.`}${behind(
      'light',
      lights.map((l) => ({ ...l, name: LIGHT_NAME[l.light] })),
    )}${behind(
      'the tide',
      tides.map((t) => ({ ...t, name: TIDE_NAME[t.tide] })),
    )}`,
    tables: [
      {
        label: 'Strikes by the hour',
        head: ['From', 'Light', 'Fished', 'Strikes', 'An hour'],
        rows: hours.map((h) => [
          clockHour(h.hour, u),
          LIGHT_NAME[h.light],
          hoursText(h.minutes / 60),
          String(h.strikes),
          perHour(h.strikes, h.minutes),
        ]),
      },
      ...(tides.length > 0
        ? [
            {
              label: 'Strikes by the tide',
              head: ['Tide', 'Fished', 'Strikes', 'An hour'],
              rows: tides.map((t) => timeRow(capital(TIDE_NAME[t.tide]), t)),
            },
          ]
        : []),
    ],
    note: 'Strikes an hour by the clock of the water; the number on a bar is how many strikes made it. Low sun is under 10°, or just below the horizon.',
  };
}

/** A band between two edges of a list: its ends are open. */
function bandText(
  edges: readonly number[],
  [from, to]: readonly [number, number],
  text: (x: number) => string,
): string {
  if (from === edges[0]) return `under ${text(to)}`;
  if (to === edges.at(-1)) return `over ${text(from)}`;
  return `${text(from).replace(/ \S+$/, '')}–${text(to)}`;
}
export const warmText = (band: readonly [number, number], u: UnitPrefs): string =>
  bandText(WARM_EDGES_C, band, (c) => say.temp(c, u));
export const clearText = (band: readonly [number, number], u: UnitPrefs): string =>
  bandText(CLEAR_EDGES_M, band, (m) => say.depth(m, u));

const tookText = (c: WaterCell): string => {
  const took = c.byLure.filter((l) => l.strikes > 0).slice(0, 2);
  return took.length > 0 ? list(took.map((l) => `${l.lureName} (${l.strikes})`)) : 'nothing yet';
};

export function watersTold(
  { cells, unread }: { cells: readonly WaterCell[]; unread: number },
  now: { tempC: number; clarityM: number } | null,
  u: UnitPrefs,
): Told {
  if (cells.length === 0) return { answer: 'No block has its water temperature and clarity yet.', tables: [] };
  const here = now && cells.find((c) => liesIn(c, now.tempC, now.clarityM));
  const water = (c: WaterCell): string => `${warmText(c.warmC, u)}, clarity ${clearText(c.clearM, u)}`;
  const came = (c: WaterCell): string =>
    `${strikesText(c.strikes)} in ${inHours(c.minutes)}, ${few(c.expected)} expected${c.strikes > 0 ? `, on ${tookText(c)}` : ''}`;
  const near = now && !here ? nearest(cells, now) : null;
  const today = here
    ? `Water like today’s (${water(here)}): ${came(here)}. `
    : near
      ? `Water like today’s is new to your log. The nearest, ${water(near)}: ${came(near)}. `
      : '';
  const minutesOf = (from: number): number =>
    cells.filter((c) => c.warmC[0] === from).reduce((sum, c) => sum + c.minutes, 0);
  const unknown = WARM_EDGES_C.slice(0, -1).flatMap((from, i) =>
    minutesOf(from) < KNOWN_MIN ? [warmText([from, WARM_EDGES_C[i + 1]!], u)] : [],
  );
  const gaps =
    unknown.length > 0
      ? `Not known: water ${list(unknown)}, where you fished less than an hour.`
      : 'You know it from cold to warm.';
  return {
    answer: `${today}${gaps}${unread > 0 ? ` ${counted(unread, 'block')} without a reading not counted.` : ''}`,
    tables: [
      {
        label: 'Strikes by warmth and clarity',
        head: ['Water', 'Fished', 'Strikes', 'Expected', 'What they took'],
        rows: cells.map((c) => [
          capital(water(c)),
          inHours(c.minutes),
          String(c.strikes),
          few(c.expected),
          tookText(c),
        ]),
      },
    ],
    note: 'Strikes and the hours they took. Green: more than was expected; brown: fewer; pale: less than an hour.',
  };
}

const outcomeRow = (name: string, o: Outcome): string[] => [
  name,
  String(o.strikes),
  String(o.bumps + o.missed),
  String(o.lost),
  String(o.landed),
];
const OUTCOME_HEAD = ['Struck', 'Not hooked', 'Came off', 'Landed'] as const;
const likely = (x: { low: number; high: number }): string =>
  `likely ${say.percent(x.low).replace(' %', '')}–${say.percent(x.high)}`;

export function funnelTold(f: Funnel): Told {
  if (f.strikes === 0) return { answer: `No strike in ${castsText(f.casts)} yet.`, tables: [] };
  const short = f.bumps + f.missed + f.lost;
  const where = [
    f.missed > 0 ? `${f.missed} missed the hook` : '',
    f.bumps > 0 ? `${f.bumps} only bumped it` : '',
    f.lost > 0 ? `${f.lost} came off` : '',
  ].filter((x) => x !== '');
  const lost = f.byPhase.map((x) => ({ strikes: x.bumps + x.missed + x.lost, effort: x.strikes }));
  const worst = standingOut(lost);
  const most =
    worst && worst.sure >= PLAIN
      ? ` Most are lost ${f.byPhase[worst.at]!.phase === 'boat' ? PHASE_NAME.boat : `on the ${PHASE_NAME[f.byPhase[worst.at]!.phase]}`}.`
      : short > 0 && f.byPhase.length > 1
        ? ' No part of the cast loses more than another, as far as can be told.'
        : '';
  return {
    answer: `Of ${counted(f.strikes, 'strike')} you hooked ${f.hooked} and landed ${f.landed}.${short > 0 ? ` Of the others ${list(where)}.` : ''}${most}`,
    tables: [
      {
        label: 'Step by step',
        head: ['Step', 'Number', 'Of the step before'],
        rows: [
          ['Cast', String(f.casts), '–'],
          ['Followed', String(f.follows), '–'],
          ['Struck', String(f.strikes), f.casts > 0 ? `${few((100 * f.strikes) / f.casts)} in 100` : '–'],
          ['Hooked', String(f.hooked), `${say.percent(f.hooked / f.strikes)}, ${likely(f.hookedShare)}`],
          [
            'Landed',
            String(f.landed),
            f.hooked > 0 ? `${say.percent(f.landed / f.hooked)}, ${likely(f.landedShare)}` : '–',
          ],
        ],
      },
      ...(f.byPhase.length > 0
        ? [
            {
              label: 'By part of the cast',
              head: ['Part', ...OUTCOME_HEAD],
              rows: f.byPhase.map((x) => outcomeRow(capital(PHASE_NAME[x.phase]), x)),
            },
          ]
        : []),
      {
        label: 'By lure',
        head: ['Lure', ...OUTCOME_HEAD],
        rows: f.byLure.map((x) => outcomeRow(x.lureName, x)),
      },
    ],
  };
}

export function ledgerTold(accounts: readonly LureAccount[], u: Pick<UnitPrefs, 'money'>): Told {
  const sum = (of: (a: LureAccount) => number): number => accounts.reduce((total, a) => total + of(a), 0);
  const [lost, snags, landed, hours] = [
    sum((a) => a.lost),
    sum((a) => a.snags),
    sum((a) => a.landed),
    sum((a) => a.minutes) / 60,
  ];
  const cost = sum((a) => a.costMinor ?? 0);
  const unpriced = accounts.filter((a) => a.costMinor === null).length;
  const fish = landed > 0 ? `, ${moneyText(cost / landed, u)} for each fish landed` : '';
  const price = unpriced > 0 ? ` ${counted(unpriced, 'lost lure has', 'lost lures have')} no price in the Kit.` : '';
  return {
    answer:
      lost === 0
        ? `No lure lost in ${hoursText(hours)}, with ${counted(snags, 'snag')}.`
        : `${counted(lost, 'lure')} lost in ${hoursText(hours)}${cost > 0 ? `: ${moneyText(cost, u)} in all${fish}` : ''}.${price}`,
    tables: [
      {
        label: 'Lure by lure',
        head: ['Lure', 'Fished', 'Strikes (landed)', 'Snags (lost)', 'Cost', 'A fish'],
        rows: accounts.map((a) => [
          a.lureName,
          hoursText(a.minutes / 60),
          `${a.strikes} (${a.landed})`,
          `${a.snags} (${a.lost})`,
          a.costMinor === null ? 'no price' : a.costMinor > 0 ? moneyText(a.costMinor, u) : '–',
          a.costMinor !== null && a.costMinor > 0 && a.landed > 0 ? moneyText(a.costMinor / a.landed, u) : '–',
        ]),
      },
    ],
    note: 'Costs are those of lost lures, at the price that stands in the Kit.',
  };
}

export function seasonTold(days: readonly DayOfSeason[], name: DayName): Told {
  const sum = (of: (d: DayOfSeason) => number): number => days.reduce((total, d) => total + of(d), 0);
  const blanks = days.filter((d) => d.strikes === 0).length;
  const strikes = sum((d) => d.strikes);
  return {
    answer: `${counted(days.length, 'day')}, ${inHours(sum((d) => d.minutes))}: ${strikesText(strikes)}, ${few(sum((d) => d.expected))} expected.${blanks > 0 ? ` ${counted(blanks, 'blank')}, which count as much.` : ''}`,
    tables: [
      {
        label: 'Day by day',
        head: ['Day', 'Water', 'Fished', 'Strikes (landed)', 'Expected'],
        rows: [...days].reverse().map((d) => {
          const { day, water } = name(d);
          return [day, water, inHours(d.minutes), `${d.strikes} (${d.landed})`, few(d.expected)];
        }),
      },
    ],
    note: 'Strikes an hour, day by day; the dot is what was expected. Below each day its strikes; 0 is a blank.',
  };
}

const OUTCOME_TEXT: Record<TrialOutcome, string> = {
  running: 'still running',
  'cut-short': 'ended too soon to tell',
  better: 'better than the other',
  worse: 'worse than the other',
  open: 'too few to tell them apart',
};

export function trialsTold(
  trials: readonly TrialReport[],
  lureName: LureName,
  dayOf: (t: TrialReport) => string,
): Told {
  if (trials.length === 0)
    return {
      answer: 'No trial yet. “Worth a try” on Lures offers one when your log leaves something to find out.',
      tables: [],
    };
  const newest = trials[0]!;
  return {
    answer: `${counted(trials.length, 'trial')}. The last, of the ${lureName(newest.trial.lureId)}. ${trialTold(newest, lureName)}`,
    tables: [
      {
        label: 'Trials',
        head: ['Day', 'Lure', 'Casts', 'Strikes', 'Expected (the other)', 'Outcome'],
        rows: trials.map((t) => [
          dayOf(t),
          lureName(t.trial.lureId),
          `${t.casts} of ${t.trial.casts}`,
          String(t.strikes),
          `${few(t.expected)} (${few(t.against)})`,
          OUTCOME_TEXT[t.outcome],
        ]),
      },
    ],
  };
}

export const GRID_TEXTS = {
  said: 'A map of strikes by warmth and clarity: its numbers are in the table below.',
  clarity: 'Clarity',
} as const;
export const gridCellText = (c: WaterCell): string => `in ${inHours(c.minutes)}`;
