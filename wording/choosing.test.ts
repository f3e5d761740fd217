import { breakEvens } from '../core/ranking/breakEven';
import { choosingOf } from '../core/ranking/choosing';
import { ledgerOf } from '../core/ranking/cost';
import { familyById } from '../core/lures/families';
import { FAMILIES, type FamilyId } from '../core/lures/family';
import { rankLures } from '../core/ranking/rank';
import { rigReasons } from '../core/ranking/rigReasons';
import { DEFAULT_SCHOOLS, SCHOOL_IDS, SCHOOLS } from '../core/ranking/schools';
import { schoolEffects } from '../core/ranking/schoolEffects';
import { simpleThree } from '../core/ranking/simple';
import { EVERYDAY } from '../core/lures/families/everyday';
import { chooseJoints } from '../core/ranking/joints';
import { PAIRING_FAULTS } from '../core/ranking/pairing';
import { planRods } from '../core/rods/plan';
import { dayScenarios, lacksOf } from '../core/rods/scenarios';
import { ROW_FAULTS } from '../core/exchange/boxCsv';
import type { Conditions } from '../core/water/conditions';
import { speciesProfile } from '../core/water/species';
import { badRowText, readText } from './box';
import { breakEvenSentence, compareSentence, factorLeads, rungSentence } from './choosing';
import { FAMILY_NAME } from './names';
import { FAMILY_OF_NAME } from './readNames';
import { PACK_ALWAYS, packForFish } from './packing';
import { faultSentence, jointSentences, rigReasonText } from './rig';
import {
  dearCheapSentence,
  hopeSentence,
  lackSentence,
  ledgerSentence,
  lossText,
  missedSentence,
  openSentence,
  ownSetSentence,
  scenariosText,
  scenarioText,
} from './rods';
import { effectSentence, SCHOOL_WORDS } from './schools';
import { familyTables } from './familyTable';
import { IMPERIAL, METRIC } from './units';
import { ACCESSES, SPECIES } from '../core/water/terms';
import { resolveConditions } from '../core/water/resolve';

const nameOf = (key: string): string => FAMILY_NAME[key as FamilyId] ?? key;
const WATERS: Conditions[] = [
  {
    species: 'largemouth-bass',
    month: 6,
    water: {
      setting: 'lake',
      surfaceTempC: 20,
      depthM: 4,
      cover: { kind: 'wood', density: 0.5, branchDiameterM: 0.01 },
    },
  },
  {
    species: 'red-drum',
    month: 9,
    water: { setting: 'tidal-creek', surfaceTempC: 24, cover: { kind: 'oyster', density: 0.6 }, bottom: 'shell' },
  },
  { species: 'walleye', month: 1, access: 'ice', water: { setting: 'ice' } },
  { species: 'smallmouth-bass', month: 5, behaviour: 'guarding', water: { setting: 'lake', surfaceTempC: 16 } },
  { species: 'bluefish', month: 8, access: 'jetty', water: { setting: 'jetty', surfaceTempC: 21 } },
];

/** A sentence a friend would say: ends, starts, and carries no code, no hole, no number gone wrong. */
function clean(text: string): void {
  expect(text).not.toMatch(/undefined|NaN|Infinity|null|\[object|\.\.(?!\.)| {2}/);
  for (const code of FAMILIES)
    if (code.includes('-') && !FAMILY_NAME[code].includes(code))
      expect([code, text.includes(` ${code} `) ? text : '']).toEqual([code, '']);
  expect(text.length).toBeGreaterThan(3);
}

test.each(WATERS)('$species: everything beside the ranking is said cleanly, in either units', (c) => {
  const { ranked, reading } = rankLures(c, { withoutRange: true });
  const { turns, ladder, leader } = choosingOf(c, {});
  const effects = schoolEffects(c, {});
  for (const u of [IMPERIAL, METRIC]) {
    for (const t of turns) clean(breakEvenSentence(t, nameOf, leader!, u));
    ladder.forEach((r, i) => {
      const next = ladder[i + 1];
      for (const upwards of [true, false]) clean(rungSentence(r, next ? nameOf(next.key) : null, 'cast', upwards));
    });
    clean(compareSentence(ranked[0]!, ranked[1]!, nameOf));
    const species = speciesProfile(c.species);
    for (const x of ranked) {
      for (const r of rigReasons(x.rig, familyById(x.family), reading, species, x.weighing, DEFAULT_SCHOOLS)) {
        const t = rigReasonText(r, u);
        clean(`${t.what}, ${t.why}.${t.runnerUp ?? ''}`);
      }
      for (const material of ['braid', 'fluorocarbon', 'nylon'] as const)
        jointSentences(
          chooseJoints(familyById(x.family), { material, strengthLb: 15 }, species, reading, DEFAULT_SCHOOLS),
          u,
        ).forEach(clean);
      clean(
        ledgerSentence(ledgerOf(x, EVERYDAY[x.family].priceMinor, 5, null), EVERYDAY[x.family].priceMinor, 5, IMPERIAL),
      );
    }
    for (const e of effects) clean(effectSentence(e, nameOf, u));
  }
});

test('the bars of a comparison make the difference', () => {
  const { ranked } = rankLures(WATERS[0]!, { withoutRange: true });
  const [a, b] = [ranked[0]!, ranked[7]!];
  expect(factorLeads(a, b).reduce((s, x) => s + x.lead, 0)).toBeCloseTo(Math.log(a.score / b.score), 9);
  expect(compareSentence(a, b, nameOf)).toBe(compareSentence(b, a, nameOf));
});

test('a lead that is named changes hands on the side that is named', () => {
  for (const t of breakEvens(WATERS[0]!)) {
    const text = breakEvenSentence(t, nameOf, 'x', IMPERIAL);
    expect(t.way === 'up' ? t.at > t.from : t.at < t.from).toBe(true);
    if (t.reading === 'surfaceTempC') expect(text).toMatch(t.way === 'up' ? /above/ : /below/);
  }
});

test('every school and every way of it has its words and its reason', () => {
  for (const id of SCHOOL_IDS)
    for (const way of SCHOOLS[id]) {
      const words = (SCHOOL_WORDS[id].ways as Record<string, { title: string; why: string }>)[way]!;
      clean(words.title);
      expect(words.why).toMatch(/\.$/);
    }
});

test('dear against cheap: it pays where it brings more than it costs', () => {
  const priced = (name: string, costPerHourMinor: number, score: number) => ({
    name,
    score,
    ledger: {
      lostPerHour: 1,
      costPerHourMinor,
      costPerStrikeMinor: costPerHourMinor / score,
      lostInDay: 5,
      costInDayMinor: 5 * costPerHourMinor,
    },
  });
  expect(dearCheapSentence(priced('dear one', 300, 4), priced('cheap one', 100, 1), IMPERIAL)).toMatch(
    /3\.0 times as much.*4\.0 times the fish: it pays/,
  );
  expect(dearCheapSentence(priced('cheap one', 100, 1), priced('dear one', 300, 2), IMPERIAL)).toMatch(
    /would have to bring.*should bring 2\.0 times/,
  );
  expect(dearCheapSentence(priced('a', 0, 1), priced('b', 0, 1), IMPERIAL)).toBeNull();
});

test('few rods in words', () => {
  const scenarios = dayScenarios(WATERS[0]!);
  const p = planRods({ scenarios, k: 3 });
  clean(hopeSentence(p, 4));
  for (const s of p.setUps) {
    clean(
      scenariosText(
        s.covers.map((j) => scenarios[j]!),
        scenarios,
      ),
    );
    clean(missedSentence(s.missed));
  }
  const one = planRods({ scenarios, k: 1 });
  for (const o of one.uncovered) clean(openSentence(scenarios[o.scenario]!, o.share, o.better, nameOf));
  for (const l of lacksOf(scenarios, { lures: [] })) clean(lackSentence(l, scenarios));
  expect(scenariosText(scenarios, scenarios)).toBe('a bit of everything');
  expect([lossText(0), lossText(0.2), lossText(-0.1), ownSetSentence(0.001)]).toEqual([
    'nothing lost',
    '20 % less',
    '10 % more',
    'Your own choice: as good as the best set.',
  ]);
  expect(scenarioText({ ...scenarios[0]!, stage: null, name: 'dawn' })).toBe('dawn');
});

test('what does not go together, and what to pack, for every fish and stand', () => {
  for (const code of PAIRING_FAULTS)
    clean(
      faultSentence(
        { code, facts: { weightKg: 0.01, minKg: 0.005, maxKg: 0.02, hasLb: 8, needLb: 20, cover: 'pads' } },
        IMPERIAL,
      ),
    );
  for (const species of SPECIES)
    for (const access of ACCESSES) {
      const list = [...packForFish(speciesProfile(species), access), ...PACK_ALWAYS];
      expect(new Set(list).size).toBe(list.length);
    }
  expect(packForFish(speciesProfile('bluefish'), 'surf').join()).toContain('Wire');
  expect(packForFish(speciesProfile('walleye'), 'ice').join()).toContain('No ice is safe');
});

test('a bad line of a file is told with its number and what was there', () => {
  for (const fault of ROW_FAULTS) clean(badRowText({ line: 7, fault, had: 'x', near: null, raw: {} }));
  expect(badRowText({ line: 7, fault: 'unknown-family', had: 'poper', near: 'popper', raw: {} })).toBe(
    'Line 7: “poper” is no kind of lure known here; did you mean popper?',
  );
  expect(readText(1, 1)).toBe('1 lure can be read; 1 line cannot.');
  expect(FAMILY_OF_NAME.size).toBe(FAMILIES.length);
});

test('kept simple: three that are easy, apart in kind, and never one that is left in the box', () => {
  for (const c of WATERS) {
    const { ranked } = rankLures(c, { withoutRange: true });
    const three = simpleThree(ranked);
    expect(three.length).toBeGreaterThan(0);
    expect(new Set(three.map((x) => x.family)).size).toBe(three.length);
    for (const x of three) expect(ranked).toContain(x);
  }
  expect(simpleThree([])).toEqual([]);
  expect(resolveConditions(WATERS[0]!).species).toBe('largemouth-bass');
});

test('the written tables name every kind once in each', () => {
  const text = familyTables(FAMILIES.map(familyById), SPECIES.map(speciesProfile));
  for (const f of FAMILIES) expect(text.split(`| ${FAMILY_NAME[f]} |`).length - 1).toBe(4);
  clean(text.replace(/ {2}/g, ' '));
});
