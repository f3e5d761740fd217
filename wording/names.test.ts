import { FAMILIES, COLOURS, HOOKS, NOISES, TRAILERS } from '../core/lures/family';
import { FACTORS } from '../core/ranking/score';
import { GUARDING_FACTORS } from '../core/ranking/guarding';
import { PHASES, STEP_KINDS } from '../core/planning/cadence/cadence';
import { DEMO_LINES, DEMO_LURES, DEMO_REELS, DEMO_RODS } from '../demo/tackle';
import { DEMO_SEASON, DEMO_SPOTS, DEMO_TODAY, DEMO_WATERS, demoMs } from '../demo/season';
import * as names from './names';
import { CADENCE_STYLES } from '../core/lures/styles';
import { MOODS } from '../core/water/moods';
import { EVENT_KINDS } from '../core/records/event';
import { TIP_POSITIONS } from '../core/tackle/stand';
import { ACCESSES, BOTTOMS, COVER_KINDS, FORAGES, FRONTS, SETTINGS, SIGN_KINDS, SPECIES } from '../core/water/terms';

describe.each([
  ['families', FAMILIES, names.FAMILY_NAME],
  ['species', SPECIES, names.SPECIES_NAME],
  ['settings', SETTINGS, names.SETTING_NAME],
  ['cover', COVER_KINDS, names.COVER_NAME],
  ['bottoms', BOTTOMS, names.BOTTOM_NAME],
  ['fronts', FRONTS, names.FRONT_NAME],
  ['places to stand', ACCESSES, names.ACCESS_NAME],
  ['forage', FORAGES, names.FORAGE_NAME],
  ['moods', MOODS, names.MOOD_NAME],
  ['signs', SIGN_KINDS, names.SIGN_NAME],
  ['colours', COLOURS, names.COLOUR_NAME],
  ['trailers', TRAILERS, names.TRAILER_NAME],
  ['hooks', HOOKS, names.HOOK_NAME],
  ['noises', NOISES, names.NOISE_NAME],
  ['tips', TIP_POSITIONS, names.TIP_NAME],
  ['factors', [...new Set([...FACTORS, ...GUARDING_FACTORS, 'called', 'log'])], names.FACTOR_NAME],
  ['styles', CADENCE_STYLES, names.STYLE_NAME],
  ['steps', STEP_KINDS, names.STEP_NAME],
  ['phases', PHASES, names.PHASE_NAME],
  ['events', EVENT_KINDS, names.EVENT_NAME],
] as [string, readonly string[], Record<string, string>][])('the names of %s', (_kind, codes, table) => {
  test('every code has plain words of its own', () => {
    for (const c of codes) expect([c, (table[c] ?? '').length > 1]).toEqual([c, true]);
    expect(new Set(codes.map((c) => table[c])).size).toBe(codes.length);
    expect(Object.keys(table).sort()).toEqual([...codes].sort());
  });
  test('no code leaks into the words', () => {
    for (const c of codes) if (c.includes('-')) expect(table[c]).not.toBe(c);
  });
});

describe('the tables of the demo world', () => {
  test('ids and names are single', () => {
    for (const list of [DEMO_LURES, DEMO_RODS, DEMO_REELS, DEMO_LINES, DEMO_WATERS, DEMO_SPOTS]) {
      expect(new Set(list.map((x) => x.id)).size).toBe(list.length);
      expect(new Set(list.map((x) => x.name)).size).toBe(list.length);
    }
  });
  test('every day fishes a water and lures that exist, in the order of the season', () => {
    const waters = new Set(DEMO_WATERS.map((w) => w.id));
    const lures = new Set(DEMO_LURES.map((l) => l.id));
    let last = 0;
    for (const d of [...DEMO_SEASON, { ...DEMO_TODAY, blocks: [] }]) {
      expect(waters.has(d.waterId)).toBe(true);
      for (const b of d.blocks) expect([b.lure, lures.has(`lure-${b.lure}`)]).toEqual([b.lure, true]);
      expect(demoMs(d.at)).toBeGreaterThan(last);
      last = demoMs(d.at);
    }
  });
  test('spots lie on waters', () => {
    for (const s of DEMO_SPOTS) expect(DEMO_WATERS.some((w) => w.id === s.waterId)).toBe(true);
  });
});
