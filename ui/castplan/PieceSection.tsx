/** A piece of cover from the side: the bottom, how high the cover stands, and where its casts go. */
import { useState } from 'react';
import { View } from 'react-native';
import { alongOf, depthOfM, floorAtM, spanOf, topAtM } from '../../core/castplan/profile';
import type { CastPlan } from '../../core/castplan/plan';
import type { Piece } from '../../core/records/piece';
import { sideViewText } from '../../wording/castPlan';
import { say } from '../../wording/units';
import { G, Path, Rect, Svg, SvgText } from '../platform/shapes';
import { Halo } from '../section/Halo';
import type { Palette } from '../theme/palette';
import { FONT, useTheme } from '../theme/theme';

const HEIGHT_PX = 210;
/** Of the height: the sky, and the ground below the deepest water. */
const SKY = 0.2;
const GROUND = 0.16;
/** Beside the piece, as a share of its length, and at the least, m. */
const BESIDE = { share: 0.3, leastM: 2.5 } as const;
const STEPS = 60;
const DISC_PX = 11;
/** Signs nearer than this lie over one another, px. */
const APART_PX = 2 * DISC_PX;
/** Half a letter of their numbers, px. */
const LETTER_PX = 3.6;
/** So much above the water is as high as the picture goes, m. */
const HIGH_M = 1;

interface Frame {
  at: (u: number, depthM: number) => readonly [number, number];
  us: readonly number[];
  deepestM: number;
}

function frameOf(piece: Piece, plan: CastPlan, width: number): Frame {
  const span = spanOf(piece);
  const beside = Math.max(BESIDE.leastM, BESIDE.share * span);
  const targets = plan.casts.map((c) => alongOf(piece, c.target));
  const from = Math.min(-beside, ...targets.map((u) => u - 1));
  const to = Math.max(span + beside, ...targets.map((u) => u + 1));
  const us = Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS);
  const deepestM = Math.max(...us.map((u) => floorAtM(piece, u)));
  const perDepth = (HEIGHT_PX * (1 - SKY - GROUND)) / deepestM;
  const perHeight = (HEIGHT_PX * SKY) / HIGH_M;
  return {
    us,
    deepestM,
    at: (u, depthM) => [
      (width * (u - from)) / (to - from),
      HEIGHT_PX * SKY + depthM * (depthM < 0 ? perHeight : perDepth),
    ],
  };
}

const pathOf = (points: readonly (readonly [number, number])[]): string =>
  `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;

/** What stands in the water there. */
function Cover({ piece, f, p }: { piece: Piece; f: Frame; p: Palette }) {
  const span = spanOf(piece);
  const inside = Array.from({ length: 25 }, (_, i) => (span * i) / 24);
  const top = inside.flatMap((u) => {
    const t = topAtM(piece, u);
    return t === null ? [] : [f.at(u, t)];
  });
  if (top.length === 0) return null;
  const bottom = inside.map((u) => f.at(u, floorAtM(piece, u))).reverse();
  const posts = [0.1, 0.35, 0.6, 0.85].map((k) => k * span);
  switch (piece.kind) {
    case 'laydown':
      return (
        <G stroke={p.cover} strokeLinecap="round" fill="none">
          <Path d={pathOf(top)} strokeWidth={6} />
          {posts.map((u) => {
            const [x, y] = f.at(u, topAtM(piece, u)!);
            const [, low] = f.at(u, floorAtM(piece, u));
            return <Path key={u} d={`M${x} ${y}l-9 ${0.55 * (low - y)}M${x} ${y}l-12 -12`} strokeWidth={2.5} />;
          })}
        </G>
      );
    case 'dock':
      return (
        <G stroke={p.cover} fill="none">
          <Path d={pathOf(top)} strokeWidth={6} />
          {posts.map((u) => (
            <Path key={u} d={pathOf([f.at(u, topAtM(piece, u)!), f.at(u, floorAtM(piece, u))])} strokeWidth={3} />
          ))}
        </G>
      );
    case 'pads-edge':
    case 'grass-line':
      return (
        <G stroke={p.moss} fill="none">
          {inside.map((u, i) => {
            const [x, y] = f.at(u, topAtM(piece, u)!);
            const [, low] = f.at(u, floorAtM(piece, u));
            return (
              <Path key={u} d={`M${x} ${low}Q${x + (i % 2 ? 4 : -4)} ${(low + y) / 2} ${x} ${y}`} strokeWidth={2} />
            );
          })}
          {piece.kind === 'pads-edge' ? <Path d={pathOf(top)} strokeWidth={6} strokeDasharray="11 4" /> : null}
        </G>
      );
    default:
      return (
        <Path
          d={`${pathOf([...top, ...bottom])}Z`}
          fill={piece.kind === 'brush-pile' ? p.coverFar : p.peatLine}
          stroke={p.cover}
          strokeWidth={2}
          strokeDasharray={piece.kind === 'brush-pile' ? '4 3' : undefined}
        />
      );
  }
}

interface Sign {
  x: number;
  y: number;
  /** The casts that go there, by their numbers. */
  ns: number[];
}

/** Numbers of the casts where they go; from the side several go to one place. */
function signsOf(piece: Piece, plan: CastPlan, f: Frame): Sign[] {
  const out: Sign[] = [];
  for (const [i, { target }] of plan.casts.entries()) {
    const [x, y] = f.at(alongOf(piece, target), depthOfM(piece, target));
    const there = out.find((d) => Math.abs(d.y - y) < APART_PX && Math.abs(d.x - x) < 1.5 * APART_PX);
    if (there) there.ns.push(i + 1);
    else out.push({ x, y, ns: [i + 1] });
  }
  return out;
}

export function PieceSection({ piece, plan }: { piece: Piece; plan: CastPlan }) {
  const { p, units } = useTheme();
  const [width, setWidth] = useState(0);
  const f = width > 0 ? frameOf(piece, plan, width) : null;
  const bottom = f ? f.us.map((u) => f.at(u, floorAtM(piece, u))) : [];
  const water = HEIGHT_PX * SKY;
  return (
    <View
      style={{ borderRadius: 12, overflow: 'hidden', minHeight: HEIGHT_PX, backgroundColor: p.card }}
      onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}
    >
      {f ? (
        <Svg width={width} height={HEIGHT_PX} role="img" aria-label={sideViewText(piece, units)}>
          <Rect x={0} y={water} width={width} height={HEIGHT_PX - water} fill={p.water[1]} />
          <Path d={`M0 ${water}H${width}`} stroke={p.onWater} strokeWidth={1.5} />
          <Path d={`${pathOf(bottom)}L${width} ${HEIGHT_PX}L0 ${HEIGHT_PX}Z`} fill={p.peat} />
          <Cover piece={piece} f={f} p={p} />
          {signsOf(piece, plan, f)
            .reverse()
            .map(({ x, y, ns }) => {
              const text = ns.join(', ');
              const half = Math.max(DISC_PX, 4 + text.length * LETTER_PX);
              const left = Math.max(2, Math.min(width - 2 * half - 2, x - half));
              const next = ns[0] === 1;
              return (
                <G key={text}>
                  <Rect
                    x={left}
                    y={y - DISC_PX}
                    width={2 * half}
                    height={2 * DISC_PX}
                    rx={DISC_PX}
                    fill={next ? p.copper : p.card}
                    stroke={next ? p.onCopper : p.ink}
                    strokeWidth={1.5}
                  />
                  <SvgText
                    x={left + half}
                    y={y + 5}
                    textAnchor="middle"
                    fontSize={14}
                    fontFamily={FONT.dataBold}
                    fill={next ? p.onCopper : p.ink}
                  >
                    {text}
                  </SvgText>
                </G>
              );
            })}
          <Halo x={8} y={f.at(0, f.deepestM)[1] + 18} size={13} text={say.depth(f.deepestM, units)} />
        </Svg>
      ) : null}
    </View>
  );
}
