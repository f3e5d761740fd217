/** The plan of a water's spots on a picture: which metre stands where, and which names fit. */
import { groundOf, placeOf, type Degrees, type Ground } from '../../../core/base/ground';

/** What the picture shows: its middle and how many metres a pixel is. */
export interface PlanFrame {
  middle: Degrees;
  mPerPx: number;
}

/** Around what is drawn, px; and no closer than this at the first sight, m across. */
const MARGIN_PX = 44;
const MIN_SPAN_M = 240;
/** As close and as far as one can go, m a pixel. */
const MIN_M_PER_PX = 0.05;
const MAX_M_PER_PX = 2000;

export const clampScale = (mPerPx: number): number => Math.max(MIN_M_PER_PX, Math.min(MAX_M_PER_PX, mPerPx));

/** All of the places in the picture. */
export function fitAll(places: readonly Degrees[], middle: Degrees, width: number, height: number): PlanFrame {
  const flat = places.map((x) => groundOf(x, middle));
  const reach = (of: (g: Ground) => number): number =>
    2 * flat.reduce((most, g) => Math.max(most, Math.abs(of(g))), MIN_SPAN_M / 2);
  const room = (px: number): number => Math.max(40, px - 2 * MARGIN_PX);
  return {
    middle,
    mPerPx: clampScale(Math.max(reach((g) => g.eastM) / room(width), reach((g) => g.northM) / room(height))),
  };
}

/** Where a place stands in the picture, px from its upper left corner. */
export function pixelOf(place: Degrees, f: PlanFrame, width: number, height: number): readonly [number, number] {
  const g = groundOf(place, f.middle);
  return [width / 2 + g.eastM / f.mPerPx, height / 2 - g.northM / f.mPerPx];
}

/** The frame moved by so many pixels: what was drawn there comes to the middle. */
export const movedBy = (f: PlanFrame, rightPx: number, downPx: number): PlanFrame => ({
  ...f,
  middle: placeOf({ eastM: rightPx * f.mPerPx, northM: -downPx * f.mPerPx }, f.middle),
});

/** A length that is round in its own unit, for the scale: at most `maxM`. */
export function roundLengthM(maxM: number, unitM: number): number {
  const n = maxM / unitM;
  const ten = 10 ** Math.floor(Math.log10(n));
  return unitM * ten * (n / ten >= 5 ? 5 : n / ten >= 2 ? 2 : 1);
}

/** A name beside a mark. */
export interface Label {
  id: string;
  text: string;
  x: number;
  y: number;
}
const LETTER_PX = 7.6;
const LINE_PX = 18;
const MAX_LABELS = 60;

/** The names that fit beside their marks without lying over another name or mark; the first ones first. */
export function labelsThatFit(
  marks: readonly { id: string; name: string; at: readonly [number, number] }[],
  width: number,
  height: number,
): Label[] {
  const inside = marks.filter(({ at: [x, y] }) => x > -20 && y > -20 && x < width + 20 && y < height + 20);
  const taken: (readonly [number, number, number, number])[] = inside.map(({ at: [x, y] }) => [x - 9, y - 9, 18, 18]);
  const out: Label[] = [];
  for (const m of inside) {
    if (out.length >= MAX_LABELS) break;
    const [x, y] = m.at;
    const w = m.name.length * LETTER_PX;
    const free = [
      [x + 13, y - LINE_PX / 2],
      [x - 13 - w, y - LINE_PX / 2],
      [x - w / 2, y + 11],
      [x - w / 2, y - 11 - LINE_PX],
    ].find(
      ([left, top]) =>
        left! >= 2 &&
        left! + w <= width - 2 &&
        top! >= 2 &&
        top! + LINE_PX <= height - 2 &&
        taken.every(([l, t, tw, th]) => left! + w < l || left! > l + tw || top! + LINE_PX < t || top! > t + th),
    );
    if (!free) continue;
    taken.push([free[0]!, free[1]!, w, LINE_PX]);
    out.push({ id: m.id, text: m.name, x: free[0]!, y: free[1]! + LINE_PX - 4 });
  }
  return out;
}
