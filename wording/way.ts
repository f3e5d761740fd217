/** The way from one place to another, in words. */
import { groundOf, type Degrees } from '../core/base/ground';
import { directionName } from './direction';
import { say, type UnitPrefs } from './units';

/** How far and which way, or nothing: “40 ft north-east”. */
export function movedText(from: Degrees, to: Degrees, u: UnitPrefs): string {
  const g = groundOf(to, from);
  const far = Math.hypot(g.eastM, g.northM);
  if (far < 0.5) return '';
  return `${far < 100 ? say.distance(far, u) : say.far(far, u)} ${directionName((Math.atan2(g.eastM, g.northM) * 180) / Math.PI)}`;
}
