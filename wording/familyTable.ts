/** Every kind of lure with all that the ranking, the rig and the simulator know of it, as Markdown tables. */
import { EVERYDAY } from '../core/lures/families/everyday';
import type { Family } from '../core/lures/family';
import { SHAPE_OF_FORAGE } from '../core/ranking/matches';
import type { SpeciesProfile } from '../core/water/species';
import { COVER_NAME, FAMILY_NAME, HOOK_NAME, SPECIES_NAME, STYLE_NAME, WAY_NAME } from './names';
import { COVER_KINDS, type CoverKind } from '../core/water/terms';

const n = (x: number, d = 0): string => x.toFixed(d);
const range = ([a, b]: readonly [number, number], d: number): string => `${n(a, d)}–${n(b, d)}`;
const three = (v: readonly [number, number, number], k: number, d = 0): string => v.map((x) => n(k * x, d)).join(' / ');
const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

function warmth({ tempC }: Family): string {
  const best = tempC.from !== undefined ? `over ${tempC.from}` : tempC.to !== undefined ? `under ${tempC.to}` : 'any';
  return tempC.neverBelow === undefined ? best : `${best}, never under ${tempC.neverBelow}`;
}

/** Fish whose mouth takes its middle length and who eat what it looks like. */
const FOOD = 0.7;
const suits = (f: Family, p: SpeciesProfile): boolean =>
  f.lengthM[1] >= p.preyLengthM[0] &&
  f.lengthM[1] <= p.preyLengthM[1] * 1.6 &&
  p.forage.some((x) => (f.shapes[SHAPE_OF_FORAGE[x]] ?? 0) >= FOOD);

/** What it glances off, %. */
const knocks = ({ deflects: { bottom, ...on } }: Family): string =>
  [covers(on), bottom === undefined ? '' : `hard bottom ${n(100 * bottom)}`].filter((x) => x && x !== '–').join(', ') ||
  '–';

const covers = (values: Partial<Record<CoverKind, number>>): string =>
  COVER_KINDS.filter((k) => values[k] !== undefined)
    .map((k) => `${COVER_NAME[k]} ${n(100 * values[k]!)}`)
    .join(', ') || '–';

export function familyTables(families: readonly Family[], species: readonly SpeciesProfile[]): string {
  const name = (f: Family): string => FAMILY_NAME[f.id];
  return [
    '## What it is',
    table(
      ['kind', 'worked', 'weight, g', 'length, mm', 'depth, m', 'speed, m/s', 'hook', 'ease, 0–1', 'usual price'],
      families.map((f) => [
        name(f),
        WAY_NAME[f.mode],
        three(f.weightKg, 1000, 1),
        three(f.lengthM, 1000),
        range(f.depthM, 1),
        range(f.speedMps, 2),
        HOOK_NAME[f.hook] + (f.weedlessToo && f.hook !== 'weedless' ? ' (weedless too)' : ''),
        n(EVERYDAY[f.id].ease, 2),
        n(EVERYDAY[f.id].priceMinor / 100, 2),
      ]),
    ),
    '## What fish know of it',
    table(
      [
        'kind',
        'action',
        'thump',
        'rattle',
        'flash',
        'taken for',
        'warmth, °C',
        'low light',
        'chop, m',
        'longest hang, s',
      ],
      families.map((f) => [
        name(f),
        n(f.action, 2),
        n(f.thump, 2),
        n(f.rattle, 2),
        n(f.flash, 2),
        Object.entries(f.shapes)
          .map(([k, v]) => `${k} ${n(v, 1)}`)
          .join(', '),
        warmth(f),
        n(f.lowLight, 2),
        f.chopLimitM === null ? '–' : n(f.chopLimitM, 2),
        n(f.longestPauseS),
      ]),
    ),
    '## How it is worked, and for which fish',
    table(
      ['kind', 'shut', 'middling', 'lively', 'fish whose mouth and food it suits'],
      families.map((f) => [
        name(f),
        ...f.styles.map((s) => STYLE_NAME[s]),
        species
          .filter((p) => suits(f, p))
          .map((p) => SPECIES_NAME[p.id])
          .join(', ') || '–',
      ]),
    ),
    '## In cover, and in the water',
    table(
      [
        'kind',
        'fish in the cover it can be shown to, %',
        'firm snags a cast at full density, %',
        'glances off, %',
        'drag area, cm²',
        'lip, cm²',
        'build',
      ],
      families.map((f) => [
        name(f),
        covers(f.coverReach),
        covers(f.snag),
        knocks(f),
        n(1e4 * f.dragAreaM2, 1),
        n(1e4 * f.liftAreaM2, 1),
        f.build.kind === 'head'
          ? `lead head, body ${n(1000 * f.build.bodyKg)} g${f.soft ? ', soft' : ''}`
          : `one piece, ${n(f.build.gravity, 2)} × water${f.soft ? ', soft' : ''}`,
      ]),
    ),
  ].join('\n\n');
}
