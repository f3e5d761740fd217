/** The simulated cast: the path, its part among the fish, the line and the lure at the moment shown. */
import { inBand } from '../../core/planning/task/inBand';
import { Circle, G, Path } from '../platform/shapes';
import { useTheme } from '../theme/theme';
import { polyline, tipPoint, type SectionFrame } from './geometry';
import { Halo } from './Halo';
import { LureShape } from './LureShape';
import { indexAt } from './moment';
import type { SectionModel } from './model';

export function CastPath({
  m,
  f,
  atS,
  label,
}: {
  m: SectionModel;
  f: SectionFrame;
  atS: number | null;
  label: number;
}) {
  const { p } = useTheme();
  const path = m.path!;
  const points = path.xM.map((x, i): [number, number] => [f.x(x), f.y(Math.max(0, path.depthM[i]!))]);
  // What is only reeled in may run anywhere: no range is drawn for it.
  const worked = path.xM.filter((_, k) => path.tS[k]! <= path.workedS + 1e-9);
  const edge = (depths: readonly number[]): [number, number][] =>
    worked.map((x, k) => [f.x(x), f.y(Math.max(0, Math.min(depths[k]!, m.depthM)))]);
  const may = path.range ? [...edge(path.range.shallowM), ...edge(path.range.deepM).reverse()] : [];
  const touches = stretches(path.onBottom).map(([a, b]) => points.slice(a, b + 1));
  const longest = touches.reduce<[number, number][]>((x, y) => (y.length > x.length ? y : x), []);
  const inZone = path.depthM.map((d, k) => path.tS[k]! <= path.workedS && inBand(d, m.countsM ?? m.bandM));
  const widest =
    path.range && f.height >= 220
      ? widestGap(path.range, points, f, points[indexAt(path.tS, atS, inZone)] ?? [0, 0], worked.length)
      : null;
  const other = m.other
    ? m.other.xM.map((x, k): [number, number] => [
        f.x(Math.min(x, m.castM)),
        f.y(Math.max(0, Math.min(m.other!.depthM[k]!, m.depthM))),
      ])
    : [];
  const pieces: [number, number][][] = [];
  points.forEach((pt, i) => {
    if (!inZone[i]) return;
    if (i > 0 && inZone[i - 1]) pieces[pieces.length - 1]!.push(pt);
    else pieces.push([pt]);
  });
  const i = indexAt(path.tS, atS, inZone);
  const lure = points[i] ?? [0, 0];
  // Where it is furthest from the lure there is room for its name.
  const named = other.reduce(
    (a, b) => (b[0] > 60 && b[0] < f.width - 60 && Math.abs(b[0] - lure[0]) > Math.abs(a[0] - lure[0]) ? b : a),
    other[Math.floor(other.length / 2)] ?? [0, 0],
  );
  const tip = tipPoint(m, f);
  const xz = path.lineXZ[i] ?? [];
  const line: [number, number][] = [];
  for (let k = 0; k + 1 < xz.length; k += 2) {
    const z = xz[k + 1]!;
    line.push([f.x(xz[k]!), z <= 0 ? f.y(-z) : f.surfaceY - z * ((f.surfaceY - tip[1]) / Math.max(m.tipM, 0.2))]);
  }
  if (line.length > 0) line[line.length - 1] = tip;
  const ground: [number, number] | null =
    longest.length > 10 ? [longest[Math.floor(longest.length / 2)]![0], f.bottomY - 10] : null;
  return (
    <G strokeLinecap="round" strokeLinejoin="round" fill="none">
      {may.length > 0 ? <Path d={`${polyline(may)}z`} fill={p.copper} opacity={p.dark ? 0.3 : 0.26} /> : null}
      {other.length > 1 ? (
        <>
          <Path d={polyline(other)} stroke={p.halo} strokeWidth={4 * p.stroke} opacity={0.4} />
          <Path d={polyline(other)} stroke={p.onWater} strokeWidth={2 * p.stroke} />
          <Halo x={named[0]} y={named[1] - 8} size={label} text="put aside" anchor="middle" />
        </>
      ) : null}
      <Path d={polyline(points)} stroke={p.halo} strokeWidth={5 * p.stroke} opacity={0.5} />
      <Path
        d={polyline(points)}
        stroke={p.dark ? p.copper : '#F0A06A'}
        strokeWidth={2.6 * p.stroke}
        strokeDasharray="1 6"
      />
      {pieces.map((piece, k) => (
        <Path key={k} d={polyline(piece)} stroke={p.copper} strokeWidth={5 * p.stroke} />
      ))}
      {touches.map((piece, k) => (
        <Path
          key={`b${k}`}
          d={polyline(piece.map(([x, y]) => [x, y + 5]))}
          stroke={p.onWater}
          strokeWidth={2.4 * p.stroke}
          strokeDasharray="1 5"
        />
      ))}
      {widest && !(ground && meet(widest, ground, label)) ? (
        <Halo x={widest[0]} y={widest[1]} size={label} text="may run here" anchor="end" />
      ) : null}
      {ground ? <Halo x={ground[0]} y={ground[1]} size={label} text="touches bottom" anchor="middle" /> : null}
      <Path
        d={polyline(line.length > 1 ? line : [lure, tip])}
        stroke={p.line}
        strokeWidth={1.4 * p.stroke}
        opacity={0.9}
      />
      <Circle cx={lure[0]} cy={lure[1]} r={17} fill={p.onWater} opacity={0.18} />
      {m.family ? (
        <LureShape family={m.family} x={lure[0]} y={lure[1]} length={34} fill={p.onWater} stroke={p.halo} />
      ) : null}
    </G>
  );
}

/** First and last of each unbroken run of true. */
function stretches(flags: readonly boolean[]): [number, number][] {
  const out: [number, number][] = [];
  flags.forEach((on, i) => {
    if (!on) return;
    const last = out[out.length - 1];
    if (last && last[1] === i - 1) last[1] = i;
    else out.push([i, i]);
  });
  return out;
}

/**
 * Whether words that end at one place would run into words around another: a letter is about half as wide as it is
 * high. The ground is then said, the range drawn alone: the key has its words.
 */
const meet = (end: readonly [number, number], middle: readonly [number, number], label: number): boolean =>
  Math.abs(end[1] - middle[1]) < 1.4 * label && Math.abs(end[0] - 3.2 * label - middle[0]) < 7.5 * label;

/** The words keep this clear of the lure, px. */
const LURE_PX = 80;

/**
 * Beside the deep side of the range, in a picture with room for it, where it reaches furthest below the path; null
 * where that is too narrow to point at.
 */
function widestGap(
  range: { deepM: readonly number[] },
  points: readonly (readonly [number, number])[],
  f: SectionFrame,
  lure: readonly [number, number],
  worked: number,
): [number, number] | null {
  let at = -1;
  let most = 22;
  range.deepM.forEach((d, i) => {
    if (i >= worked) return;
    const gap = f.y(d) - points[i]![1];
    if (gap > most && points[i]![0] > 130 && Math.abs(points[i]![0] - 50 - lure[0]) > LURE_PX) [at, most] = [i, gap];
  });
  return at < 0 ? null : [points[at]![0] - 8, points[at]![1] + 0.75 * most];
}
