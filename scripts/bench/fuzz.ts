/**
 * Every way in, knocked at with what has gone wrong: so many documents for each, made with a seed, every one of them
 * really let in. FUZZ_DOORS (names, by commas) and FUZZ_COUNT shorten it.
 */
import { seededRandom } from '../../core/base/random';
import { applyPuts, emptyBook } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { Broken, fileDoors, HEAVY_VERBS, VERB_DOORS, type Door } from '../../cli/fuzz/doors';
import { table } from './report';

const SEED = 20261130;
const MUTANTS = Number(process.env.FUZZ_COUNT ?? 50_000);
const SLOW_MS = 5000;
const ONLY = process.env.FUZZ_DOORS?.split(',');

/** Time of the processor since then, ms: other work on the machine does not count. */
const cpuMs = (since: NodeJS.CpuUsage): number => {
  const { user, system } = process.cpuUsage(since);
  return (user + system) / 1000;
};

function knock(door: Door): string[] {
  const random = seededRandom(SEED);
  const n = { thrown: 0, broken: 0, slow: 0, refused: 0, told: 0, whole: 0 };
  let slowest = 0;
  const seen = new Set<string>();
  const count = MUTANTS;
  const from = performance.now();
  for (let i = 0; i < count; i++) {
    const given = door.next(random);
    const began = process.cpuUsage();
    try {
      n[door.meet(given)]++;
    } catch (e) {
      n[e instanceof Broken ? 'broken' : 'thrown']++;
      const what = String(e).slice(0, 160);
      if (!seen.has(what) && seen.size < 10) {
        seen.add(what);
        console.error(`${door.name}, ${i}: ${what}\n  ${String(given).slice(0, 400)}`);
      }
    }
    const took = cpuMs(began);
    slowest = Math.max(slowest, took);
    if (took > SLOW_MS && ++n.slow < 6)
      console.error(`${door.name}, ${i}: ${Math.round(took)} ms\n  ${String(given).slice(0, 900)}`);
  }
  console.error(
    `${door.name}: ${count} in ${Math.round((performance.now() - from) / 1000)} s, slowest ${Math.round(slowest)} ms`,
  );
  return [
    door.name,
    count.toLocaleString('en'),
    n.thrown,
    n.broken,
    n.slow,
    `${Math.round(slowest)} ms`,
    n.refused,
    n.told,
    n.whole,
  ].map((x) => (typeof x === 'number' ? x.toLocaleString('en') : x));
}

const HEAD = [
  'what',
  'mutants',
  'thrown',
  'out of range, gone, unnamed',
  'over 5 s of the processor',
  'slowest',
  'refused',
  'left out, told',
  'taken',
];
const those = (doors: readonly Door[]): string =>
  table(HEAD, doors.filter((d) => !ONLY || ONLY.includes(d.name)).map(knock));

export const fuzzFilesBench = (): string => `## Files gone wrong

Of each kind so many, one to four places changed (prototype keys, wild zones, dates that are none, dangling and doubled ids, newer versions, deep nesting,
byte order marks, cells like formulas) or noise, seed ${SEED}; every one let in. Of what is taken each record is in its shape and can be stored; each line stands or is told.

${those(fileDoors(applyPuts(emptyBook(), buildDemoWorld(0))))}
`;

const simulates = (d: Door): boolean => HEAVY_VERBS.has(d.name);

export const fuzzVerbsBench = (): string => `## Documents gone wrong

The same for the verbs of the headless command that simulate nothing. Of what is answered each number is finite and in its range.

${those(VERB_DOORS.filter((d) => !simulates(d)))}
`;

export const fuzzCastsBench = (): string => `## Casts asked for by documents gone wrong

The same for the verbs that simulate. One in fifty \`rank\` and \`plan\` asks for all that takes seconds; the others have a season of trials,
or everything set by hand and a short cast.

${those(VERB_DOORS.filter(simulates))}
`;
