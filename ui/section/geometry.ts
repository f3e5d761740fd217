/**
 * Metres to pixels. The target end is at the right, the angler at the left; depth is drawn larger than distance and
 * says so by its scale.
 */
import type { SectionModel } from './model';

export interface SectionFrame {
  width: number;
  height: number;
  /** Pixel row of the surface and of the bottom at its deepest. */
  surfaceY: number;
  bottomY: number;
  x: (m: number) => number;
  y: (depthM: number) => number;
  pxPerDepthM: number;
  pxPerM: number;
}

const LEFT = 30;

export function frameOf(m: Pick<SectionModel, 'depthM' | 'castM'>, width: number, height: number): SectionFrame {
  const peat = Math.max(26, height * 0.14);
  const sky = Math.min(height * 0.3, Math.max(58, height * 0.22));
  const surfaceY = sky;
  const bottomY = height - peat;
  const pxPerDepthM = (bottomY - surfaceY) / m.depthM;
  const span = Math.max(m.castM, 6) + 2.5;
  const pxPerM = (width - LEFT) / span;
  return {
    width,
    height,
    surfaceY,
    bottomY,
    pxPerDepthM,
    pxPerM,
    x: (v) => LEFT + v * pxPerM,
    y: (d) => surfaceY + d * pxPerDepthM,
  };
}

/** Round depths for the scale at the side, m or ft steps in metres. */
export function depthTicks(depthM: number, stepM: number): number[] {
  const out: number[] = [];
  for (let d = stepM; d < depthM * 0.97; d += stepM) out.push(d);
  return out;
}

/** A step that gives three to five ticks, from the given choices (in metres). */
export function tickStep(depthM: number, choices: readonly number[]): number {
  return choices.find((c) => depthM / c <= 4.6) ?? choices[choices.length - 1]!;
}

/** An SVG path through points, straight pieces. */
export function polyline(points: readonly (readonly [number, number])[]): string {
  return points.map(([x, y], i) => `${i ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
}

/** A wavy surface line. */
export function wave(width: number, y: number, amplitude: number, length = 26): string {
  let d = `M0 ${y}`;
  for (let x = 0; x < width; x += length) d += `q${length / 4} ${-amplitude} ${length / 2} 0t${length / 2} 0`;
  return d;
}

/** An ellipse, cut off flat at two pixel rows: what reaches around a fish ends at the surface and at the bottom. */
export function cutEllipse(cx: number, cy: number, rx: number, ry: number, topY: number, bottomY: number): string {
  const top = Math.max(topY, cy - ry);
  const bottom = Math.min(bottomY, cy + ry);
  const half = (y: number): number => rx * Math.sqrt(Math.max(0, 1 - ((y - cy) / ry) ** 2));
  const to = (x: number, y: number): string => `${x.toFixed(1)} ${y.toFixed(1)}`;
  const arc = `A${rx.toFixed(1)} ${ry.toFixed(1)} 0 0 1 `;
  return `M${to(cx + half(top), top)}${arc}${to(cx + half(bottom), bottom)}L${to(cx - half(bottom), bottom)}${arc}${to(cx - half(top), top)}z`;
}

/** Where the rod tip is drawn: at its height on the depth scale, but never out of the picture. */
export const tipPoint = (m: Pick<SectionModel, 'tipM'>, f: SectionFrame): [number, number] => [
  f.x(0) + 22,
  Math.max(12, f.surfaceY - Math.max(8, m.tipM * Math.min(f.pxPerDepthM, 26))),
];
