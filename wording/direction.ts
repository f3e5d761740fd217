import { groundOf, type Degrees } from '../core/base/ground';
import { say, type UnitPrefs } from './units';

const COMPASS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;

/** A direction in degrees from north, clockwise, by its nearest name of eight. */
export const directionName = (deg: number): string => COMPASS[((Math.round(deg / 45) % 8) + 8) % 8]!;

/** How far and which way, or nothing: “40 ft north-east”. */
export function movedText(from: Degrees, to: Degrees, u: UnitPrefs): string {
  const g = groundOf(to, from);
  const far = Math.hypot(g.eastM, g.northM);
  if (far < 0.5) return '';
  return `${far < 100 ? say.distance(far, u) : say.far(far, u)} ${directionName((Math.atan2(g.eastM, g.northM) * 180) / Math.PI)}`;
}
