/**
 * The wind over a piece of cover: it carries and holds up a cast, bows it off its mark, and blows a boat onto what it
 * fishes or off it. prior: judgement throughout, within what practised anglers say.
 */
import { clamp } from '../base/numbers';
import type { Piece } from '../records/piece';
import type { Flow } from '../water/pieces';
import { flowOf, type Point } from './shape';

/** The way it blows, as one looks at the piece from open water, and its speed, m/s. */
export interface WindOver {
  to: Flow;
  mps: number;
}
export const NO_WIND: WindOver = { to: 'none', mps: 0 };

/** Of the reach, for each m/s behind a cast or against it; and no less or more than this. */
const CARRIES = 0.025;
const REACH: readonly [number, number] = [0.5, 1.2];
/** A wind of so much across doubles what one misses by, m/s. */
const BOWS_MPS = 8;
/** A boat that is blown onto the piece at so many m/s is at odds with it: it promises so much less. */
const BLOWN = { mps: 10, most: 0.25 } as const;

/** What it does to a cast in this direction (a unit vector): times the reach, times the miss. */
export function windOnCast(p: Pick<Piece, 'kind'>, { to, mps }: WindOver, u: Point): { reach: number; miss: number } {
  const w = flowOf({ kind: p.kind, flow: to });
  if (!w || mps <= 0) return { reach: 1, miss: 1 };
  const behind = (w.x * u.x + w.y * u.y) * mps;
  const across = Math.abs(w.x * u.y - w.y * u.x) * mps;
  return { reach: clamp(1 + CARRIES * behind, REACH[0], REACH[1]), miss: 1 + across / BOWS_MPS };
}

/** What is left of a boat's casts when the wind blows it this way (a unit vector to the piece). */
export function windOnBoat(p: Pick<Piece, 'kind'>, { to, mps }: WindOver, u: Point): number {
  const w = flowOf({ kind: p.kind, flow: to });
  const onto = w ? Math.max(0, w.x * u.x + w.y * u.y) * mps : 0;
  return 1 - BLOWN.most * clamp(onto / BLOWN.mps, 0, 1);
}

/** Steps of the reading of the wind's way, °. */
const WAY_STEP_DEG = 45;

/**
 * The same wind as the day reads it, by who faces his cast in this direction (a unit vector): 0 in his face, 180 at his
 * back, 90 from his right, −90 from his left, °, to 45. Null: it is not told.
 */
export function windFacedDeg(p: Pick<Piece, 'kind'>, to: Flow, u: Point): number | null {
  const w = flowOf({ kind: p.kind, flow: to });
  if (!w) return null;
  const behind = w.x * u.x + w.y * u.y;
  // y is to the right as one looks in: what lies to the right of a cast is its direction turned by a quarter.
  const toRight = w.y * u.x - w.x * u.y;
  const deg = (Math.atan2(-toRight, -behind) * 180) / Math.PI;
  const step = Math.round(deg / WAY_STEP_DEG) * WAY_STEP_DEG;
  return step === -180 ? 180 : step + 0;
}
