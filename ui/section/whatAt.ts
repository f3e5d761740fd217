/** What stands at a point of the section: for a finger that asks. */
import type { SectionThing } from '../../wording/sectionKey';
import { barX } from './Answers';
import { leftOf } from './Cover';
import { fishAt } from './FishParts';
import { currentAt, windAt } from './FlowParts';
import { tipPoint, type SectionFrame } from './geometry';
import type { SectionModel } from './model';

/** A thing, which one of its kind, or open water or air at a depth, m (negative over the water). */
export type Found =
  { thing: SectionThing; index: number } | { thing: 'water'; depthM: number } | { thing: 'air'; depthM: number };

/** A finger is this wide, px. */
const FINGER_PX = 16;
const BAND_EDGE_PX = 5;
/** Letters of the drawing at the usual size. */
const LABEL_PX = 13;

const near = (x: number, y: number, px: number, py: number, reach = FINGER_PX): boolean =>
  Math.hypot(px - x, py - y) <= reach;

/** Distance of a point from a piece of a line, px. */
function fromPiece([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay];
  const t = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / Math.max(1e-9, dx * dx + dy * dy)));
  return Math.hypot(ax + t * dx - x, ay + t * dy - y);
}

type Point = readonly [number, number];

const onLine = (at: Point, points: readonly Point[], reach: number): boolean =>
  points.some((p, i) => i > 0 && fromPiece(at, points[i - 1]!, p) <= reach);

/** On the edge of an ellipse, give or take a finger's half. */
const onRing = ([x, y]: Point, [cx, cy]: Point, rx: number, ry: number): boolean =>
  Math.abs(Math.hypot((x - cx) / rx, (y - cy) / ry) - 1) * Math.min(rx, ry) <= FINGER_PX / 2;

/**
 * What is at `x`, `y` (px of the drawing): small things before large ones, those on top before those behind. `sight`:
 * the rings are drawn.
 */
export function whatAt(m: SectionModel, f: SectionFrame, x: number, y: number, sight: boolean): Found {
  const at: Point = [x, y];
  const is = (thing: SectionThing, index = 0): Found => ({ thing, index });
  const fish = fishAt(m, f);
  const mark = m.marks.findIndex((k) => near(x, y, f.x(k.xM), f.y(k.depthM)));
  if (mark >= 0) return is('mark', mark);
  if (m.targetM !== null && Math.abs(f.x(m.targetM) - x) <= FINGER_PX && y < f.surfaceY + 4) return is('aim');
  const layer = m.layers.findIndex((l) => y >= f.y(l.topM) && y < f.y(l.bottomM) && x > f.x(0) + 40);
  if (layer >= 0) return is('layer', layer);
  const bar = m.reaches.findIndex(
    (r, i) =>
      Math.abs(barX(m, f, i) - x) <= FINGER_PX && y > f.surfaceY - 34 && y <= Math.max(f.y(r.bottomM), f.y(r.atM)) + 10,
  );
  if (bar >= 0) return is('reach', bar);
  if (m.path) {
    const points = m.path.xM.map((px, i): Point => [f.x(px), f.y(Math.max(0, m.path!.depthM[i]!))]);
    if (onLine(at, points, FINGER_PX / 1.6)) return is('path');
    if (
      m.other &&
      onLine(
        at,
        m.other.xM.map((px, i): Point => [f.x(px), f.y(m.other!.depthM[i]!)]),
        FINGER_PX / 2,
      )
    )
      return is('other');
  }
  if (m.layers.length === 0 && Math.abs(x - fish[0]) <= 44 && Math.abs(y - fish[1]) <= 16) return is('fish');
  if (sight) {
    const ring = (r: number): boolean =>
      onRing(at, fish, Math.max(6, r * f.pxPerM), Math.max(6, r * f.pxPerDepthM)) && y > f.surfaceY && y < f.bottomY;
    if (ring(m.sightM)) return is('sees');
    if (ring(m.feltM)) return is('feels');
    const dashes = [m.clarityM, Math.LN10 / m.attenuationPerM].some((d) => Math.abs(f.y(d) - y) <= FINGER_PX);
    if (dashes && x >= 56 && x <= 190) return is('sighted');
  }
  if (m.over && y > f.y(m.over.topM) && Math.abs(f.x(m.over.atM) - x) < FINGER_PX) return is('rise');
  if (y >= f.bottomY) return is('bottom');
  if (y < f.surfaceY) {
    if (m.windMps >= 0.5 && near(x, y, ...windAt(f, LABEL_PX), 2 * FINGER_PX)) return is('wind');
    if (x < f.x(0) || near(x, y, ...tipPoint(m, f), 2 * FINGER_PX)) return is('stand');
    return { thing: 'air', depthM: (y - f.surfaceY) / f.pxPerDepthM };
  }
  const [flowX, flowY] = currentAt(m, f);
  if (m.currentMps >= 0.02 && near(x, y, flowX, flowY + 8, 2 * FINGER_PX)) return is('current');
  const range = m.path?.range;
  if (range) {
    const i = m.path!.xM.reduce(
      (best, v, k) => (Math.abs(f.x(v) - x) < Math.abs(f.x(m.path!.xM[best]!) - x) ? k : best),
      0,
    );
    if (m.path!.tS[i]! <= m.path!.workedS && y >= f.y(range.shallowM[i]!) && y <= f.y(range.deepM[i]!))
      return is('range');
  }
  if (m.cover.kind !== 'none' && x > leftOf(m, f)) return is('cover');
  if (y >= f.y(m.bandM[0]) - BAND_EDGE_PX && y <= f.y(m.bandM[1]) + BAND_EDGE_PX) return is('band');
  return { thing: 'water', depthM: (y - f.surfaceY) / f.pxPerDepthM };
}
