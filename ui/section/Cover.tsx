/**
 * The cover, drawn at the target end: wood, brush, pads, grass, reeds, dock, rock, oyster. Denser cover draws more of
 * it.
 */
import { G, Path } from '../platform/shapes';
import { useTheme } from '../theme/theme';
import { drawnBy, type PartProps } from './drawnBy';
import type { SectionFrame } from './geometry';
import type { SectionModel } from './model';
import type { CoverKind } from '../../core/water/terms';

/** Fixed scatter so that the drawing never flickers. */
const scatter = (i: number, k: number): number =>
  (((Math.sin((i + 1) * 12.9898 + k * 78.233) * 43758.5453) % 1) + 1) % 1;

/** Many small things drawn alike: one shape for each way of drawing them, however many there are. */
class Joined<Style> {
  private readonly byStyle = new Map<Style, string>();
  add(style: Style, d: string): this {
    this.byStyle.set(style, (this.byStyle.get(style) ?? '') + d);
    return this;
  }
  map<T>(draw: (d: string, style: Style) => T): T[] {
    return [...this.byStyle].map(([style, d]) => draw(d, style));
  }
}

/** `n` things, joined by how they are drawn. */
function joined<Style>(n: number, one: (i: number) => readonly [Style, string]): Joined<Style> {
  const out = new Joined<Style>();
  for (let i = 0; i < n; i++) out.add(...one(i));
  return out;
}

const many = (m: SectionModel, atFull: number): number =>
  Math.max(1, Math.round(atFull * Math.max(m.cover.density, 0.15)));

/** Where the cover begins, px from the left; it goes on to the right edge. */
export const leftOf = (m: SectionModel, f: SectionFrame): number => f.x(m.castM * 0.62);

/** A tree lying out from the far bank: the trunk slants down to the left, limbs hang from it. */
function Wood({ m, f }: PartProps) {
  const { p } = useTheme();
  const limbs = many(m, 18);
  const thick = Math.max(1, f.height / 320) * p.stroke;
  const x0 = f.width + 6;
  const y0 = f.surfaceY - 34;
  const x1 = f.x(m.castM * 0.74);
  const y1 = f.surfaceY + (f.bottomY - f.surfaceY) * 0.66;
  // Half a pixel of width tells two limbs apart; colour and width together are told by one number, negative for those
  // further away.
  const limb = (i: number): readonly [number, string] => {
    const t = 0.3 + (0.65 * (i + 0.5)) / limbs;
    const [x, y] = [x0 + (x1 - x0) * t, y0 + (y1 - y0) * t];
    const len = (0.1 + 0.13 * scatter(i, 5)) * (f.bottomY - f.surfaceY) * (1.15 - t * 0.5) + 10;
    const down = i % 2 === 0;
    const width = Math.round(2 * (3.4 - t * 1.4)) / 2;
    return [
      i % 3 === 1 ? -width : width,
      `M${x} ${y}q${down ? -4 : -len * 0.4} ${down ? len * 0.5 : -2} ${down ? -len * 0.25 : -len} ${down ? len : -len * 0.25}`,
    ];
  };
  return (
    <G strokeLinecap="round" fill="none">
      {joined(limbs, limb).map((d, width) => (
        <Path key={width} d={d} stroke={width < 0 ? p.coverFar : p.cover} strokeWidth={Math.abs(width) * thick} />
      ))}
      <Path d={`M${x0} ${y0}L${x1} ${y1}`} stroke={p.cover} strokeWidth={8 * thick} />
    </G>
  );
}

/** A sunken pile of branches standing on the bottom. */
function Brush({ m, f }: PartProps) {
  const { p } = useTheme();
  const limbs = many(m, 16);
  const mid = (f.x(m.castM * 0.72) + f.width) / 2;
  const h = Math.min(90, (f.bottomY - f.surfaceY) * 0.5);
  const limb = (i: number): readonly [boolean, string] => {
    const lean = (i / Math.max(1, limbs - 1) - 0.5) * 2;
    const len = h * (0.6 + 0.4 * scatter(i, 6));
    return [
      i % 3 === 0,
      `M${mid + lean * 14} ${f.bottomY + 6}q${lean * 14} ${-len * 0.6} ${lean * 46} ${-len}m${-lean * 16} ${len * 0.45}l${lean * 22 + 6} ${-len * 0.3}`,
    ];
  };
  return (
    <G strokeLinecap="round" fill="none">
      {joined(limbs, limb).map((d, far) => (
        <Path key={String(far)} d={d} stroke={far ? p.coverFar : p.cover} strokeWidth={3 * p.stroke} />
      ))}
    </G>
  );
}

/** Leaves on the surface and what they stand on. */
function Floating({ m, f }: PartProps) {
  const { p } = useTheme();
  const pads = m.cover.kind === 'pads';
  const left = leftOf(m, f);
  const deep = f.bottomY - f.surfaceY;
  const parts = joined(2 * many(m, pads ? 16 : 40), (k) => {
    const i = k >> 1;
    const x = left + scatter(i, 1) * (f.width - left);
    const w = pads ? 22 + 12 * scatter(i, 2) : 26;
    return k % 2 === 0
      ? [
          'stem',
          `M${x} ${f.surfaceY}q${(scatter(i, 4) - 0.5) * 20} ${deep * 0.5} ${(scatter(i, 3) - 0.5) * 24} ${deep}`,
        ]
      : ['leaf', `M${x - w / 2} ${f.surfaceY - 1}q${w / 2} ${-6} ${w} 0q${-w / 2} ${5} ${-w} 0z`];
  });
  return parts.map((d, part) =>
    part === 'stem' ? (
      <Path key={part} d={d} stroke={p.coverFar} strokeWidth={(pads ? 1.5 : 2.5) * p.stroke} fill="none" />
    ) : (
      <Path key={part} d={d} fill={p.moss} />
    ),
  );
}

/** Blades from the bottom up to their tops: grass below the surface, reeds above it. */
function Blades({ m, f }: PartProps) {
  const { p } = useTheme();
  const left = leftOf(m, f) - 30;
  const top = m.cover.kind === 'reeds' ? f.surfaceY - 30 : f.y(Math.max(0.05, m.cover.topDepthM));
  const blades = joined(many(m, 60), (i) => {
    const x = left + scatter(i, 1) * (f.width - left);
    const h = (f.bottomY - top) * (0.75 + 0.25 * scatter(i, 2));
    return [
      i % 3 === 0,
      `M${x} ${f.bottomY + 4}q${8 * (scatter(i, 3) - 0.5)} ${-h / 2} ${14 * (scatter(i, 4) - 0.5)} ${-h}`,
    ];
  });
  return blades.map((d, far) => (
    <Path
      key={String(far)}
      d={d}
      stroke={far ? p.coverFar : p.moss}
      strokeWidth={2.2 * p.stroke}
      fill="none"
      strokeLinecap="round"
    />
  ));
}

function Dock({ m, f }: PartProps) {
  const { p } = useTheme();
  const left = f.x(m.castM * 0.78);
  const piles = [0.8, 0.88, 0.96].map((k) => `M${f.x(m.castM * k)} ${f.surfaceY - 12}V${f.bottomY + 6}`);
  return (
    <>
      <Path d={`M${left} ${f.surfaceY - 20}H${f.width}v9H${left}z`} fill={p.cover} />
      <Path d={piles.join('')} stroke={p.cover} strokeWidth={6 * p.stroke} />
    </>
  );
}

/** Boulders, or shells standing on edge. */
function Hard({ m, f }: PartProps) {
  const { p } = useTheme();
  const rock = m.cover.kind === 'rock';
  const left = leftOf(m, f) - 40;
  const stones = joined(many(m, rock ? 9 : 22), (i) => {
    const x = left + scatter(i, 1) * (f.width - left);
    const s = rock ? 16 + 26 * scatter(i, 2) : 7 + 9 * scatter(i, 2);
    return [
      i % 2 === 0,
      rock
        ? `M${x - s} ${f.bottomY + 6}q${s * 0.1} ${-s} ${s * 0.8} ${-s * 0.95}q${s * 0.9} ${-s * 0.15} ${s * 1.2} ${s * 0.95}z`
        : `M${x - s / 2} ${f.bottomY + 5}l${s * 0.2} ${-s * 1.5}l${s * 0.25} ${s * 0.6}l${s * 0.25} ${-s * 0.9}l${s * 0.3} ${s * 1.8}z`,
    ];
  });
  return stones.map((d, far) => <Path key={String(far)} d={d} fill={far ? p.coverFar : p.cover} />);
}

const ofCover = (m: SectionModel): unknown[] => [m.cover.kind, m.cover.density, m.castM];
const FloatingPart = drawnBy(Floating, ofCover);
const BladesPart = drawnBy(Blades, ofCover);
const HardPart = drawnBy(Hard, ofCover);
const PART = {
  wood: drawnBy(Wood, ofCover),
  brush: drawnBy(Brush, ofCover),
  pads: FloatingPart,
  'matted-grass': FloatingPart,
  // The only one whose height is a depth of its own.
  'submerged-grass': drawnBy(Blades, (m, f) => [...ofCover(m), f.y(m.cover.topDepthM)]),
  reeds: BladesPart,
  dock: drawnBy(Dock, ofCover),
  rock: HardPart,
  oyster: HardPart,
} satisfies Record<Exclude<CoverKind, 'none'>, unknown>;

export function CoverPart(props: PartProps) {
  const { kind } = props.m.cover;
  if (kind === 'none') return null;
  const Part = PART[kind];
  return <Part {...props} />;
}
