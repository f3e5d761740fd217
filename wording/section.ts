/** The section told in words, for those who do not see it. */
import type { Beside } from '../core/planning/task/placing';
import type { HoldingPlace } from '../core/water/holding';
import { COVER_NAME } from './names';
import { say, type UnitPrefs } from './units';
import type { Access, CoverKind } from '../core/water/terms';

export interface SectionFacts {
  depthM: number;
  bandM: readonly [number, number];
  /** Where the lure counts, and whether that is over or under the fish. */
  countsM: readonly [number, number] | null;
  beside: Beside;
  sightM: number;
  feltM: number;
  clarityM: number;
  tipM: number;
  castM: number;
  access: Access;
  currentMps: number;
  currentAngleDeg: number;
  windMps: number;
  windAngleDeg: number;
  cover: { kind: CoverKind; density: number };
  holding: HoldingPlace;
  lureName: string | null;
  zoneShare: number | null;
  targetM: number | null;
  over: { atM: number; topM: number } | null;
  other: { depthM: readonly number[] } | null;
  path: {
    depthM: readonly number[];
    onBottom: readonly boolean[];
    range: { shallowM: readonly number[]; deepM: readonly number[] } | null;
  } | null;
  marks: readonly unknown[];
  reaches: readonly { name: string; topM: number; bottomM: number; atM: number; snag: number }[];
  layers: readonly { topM: number; bottomM: number; perCast: number; casts: number }[];
}

export function holdingPhrase(place: HoldingPlace, kind: CoverKind): string {
  const outer: Partial<Record<CoverKind, string>> = {
    wood: 'tight to the outer limbs',
    brush: 'along the edge of the brush',
    pads: 'on the edge of the pads',
    dock: 'at the outer posts',
    rock: 'on the outer rocks',
    oyster: 'along the edge of the shell',
    reeds: 'on the outside of the reeds',
    'submerged-grass': 'over and along the grass',
    'matted-grass': 'at the rim of the mat',
  };
  const inner: Partial<Record<CoverKind, string>> = {
    wood: 'inside, under the trunk',
    brush: 'down inside the brush',
    pads: 'under the pads',
    dock: 'in the shade under the deck',
    rock: 'down between the rocks',
    oyster: 'in the gaps of the shell',
    reeds: 'well inside the reeds',
    'submerged-grass': 'down in the grass',
    'matted-grass': 'under the mat',
  };
  if (place === 'on-bed') return 'on their beds';
  if (place === 'open') return 'out in the open';
  if (place === 'outer-edge') return outer[kind] ?? 'on the edge';
  if (place === 'inside') return inner[kind] ?? 'inside the cover';
  return kind === 'none' ? 'deep and slow' : 'deep and tight to the cover';
}

/** More across the cast than along it. */
export const isAcross = (angleDeg: number): boolean => Math.abs(Math.cos((angleDeg * Math.PI) / 180)) < 0.6;

export const flowText = (what: 'current' | 'wind', mps: number, angleDeg: number, u: UnitPrefs): string =>
  `${what} ${what === 'wind' ? say.wind(mps, u) : say.speed(mps, u)}${isAcross(angleDeg) ? ', across' : ''}`;

/** Towards the angler, away, or across, for those who do not see the arrow. */
const wayText = (angleDeg: number): string =>
  isAcross(angleDeg) ? 'across the cast' : Math.cos((angleDeg * Math.PI) / 180) > 0 ? 'towards you' : 'away from you';

/** A band that counts, and whether it lies over or under the fish: "5½–7½ ft, under the fish". */
export const bandText = (bandM: readonly [number, number], beside: Beside, u: UnitPrefs): string =>
  `${say.depthBand(bandM, u)}${beside ? `, ${beside} the fish` : ''}`;

/** Where a lure that is worked over or under the fish counts; null: among them. */
export const countsAt = ({ countsM, beside }: Pick<SectionFacts, 'countsM' | 'beside'>, u: UnitPrefs): string | null =>
  countsM && beside ? `at ${bandText(countsM, beside, u)}` : null;

export function describeSection(s: SectionFacts, u: UnitPrefs): string {
  const parts = [
    `Section through the water: ${say.depth(s.depthM, u)} deep, ${s.cover.kind === 'none' ? 'open water' : `${COVER_NAME[s.cover.kind]} at the far end`}${s.access === 'ice' ? ', under ice' : ''}.`,
    `Fish expected ${say.depthBand(s.bandM, u)} down, ${holdingPhrase(s.holding, s.cover.kind)}; one sees a lure from about ${say.depth(s.sightM, u)} and feels a thumping one from ${say.depth(s.feltM, u)}. A white lure goes out of sight at ${say.depth(s.clarityM, u)}.`,
  ];
  if (s.currentMps >= 0.02) parts.push(`Current ${say.speed(s.currentMps, u)}, ${wayText(s.currentAngleDeg)}.`);
  if (s.windMps >= 0.5) parts.push(`Wind ${say.wind(s.windMps, u)}, ${wayText(s.windAngleDeg)}.`);
  if (s.path && s.lureName)
    parts.push(
      `${s.lureName} runs down to ${say.depth(Math.max(0, ...s.path.depthM), u)} on a ${say.distance(s.castM, u)} cast with the rod tip ${say.depth(s.tipM, u)} up${s.zoneShare === null ? '' : `, ${say.percent(s.zoneShare)} of the cast ${countsAt(s, u) ?? 'among the fish'}`}.`,
    );
  if (s.targetM !== null) parts.push(`A flag marks what you aim at, ${say.distance(s.targetM, u)} off.`);
  if (s.over !== null)
    parts.push(
      `On the way, ${say.distance(s.over.atM, u)} off, it rises to ${say.depth(s.over.topM, u)} below the surface.`,
    );
  if (s.path?.range) {
    const deepest = (d: readonly number[]): string => say.depth(Math.max(0, ...d), u);
    parts.push(`Its deepest may be anything from ${deepest(s.path.range.shallowM)} to ${deepest(s.path.range.deepM)}.`);
  }
  if (s.other)
    parts.push(`The plan put aside, the thin line, runs down to ${say.depth(Math.max(0, ...s.other.depthM), u)}.`);
  if (s.path?.onBottom.some(Boolean)) parts.push('It touches the bottom.');
  if (s.reaches.length > 0)
    parts.push(
      `${s.reaches.map((r, i) => `${i + 1} ${r.name} works at ${r.atM < 0.05 ? 'the top' : say.depth(r.atM, u)}${r.snag > 0.12 ? ' and hangs up often' : ''}`).join('; ')}.`,
    );
  if (s.layers.length > 0)
    parts.push(
      `Strikes in 100 casts by depth: ${s.layers.map((l) => `${say.depthBand([l.topM, l.bottomM], u)}: ${(100 * l.perCast).toFixed(1)} from ${l.casts} casts`).join('; ')}.`,
    );
  if (s.marks.length > 0) parts.push(`${s.marks.length} marks from the log.`);
  return parts.join(' ');
}
