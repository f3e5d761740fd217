/** Which readings are otherwise than before. */
import { say, type UnitPrefs } from './units';

type Read = Partial<
  Record<'windMps' | 'surfaceTempC' | 'currentMps' | 'depthM' | 'clarityM' | 'fishDepthM', number | null>
>;

/** What is read otherwise than before, each with its two values: “clarity 5 ft → 2 ft”. */
export function readingsMoved(then: Read, now: Read, u: UnitPrefs): string[] {
  const went = (key: keyof Read, name: string, text: (v: number) => string): string[] => {
    const [x, y] = [then[key], now[key]];
    return typeof x === 'number' && typeof y === 'number' && text(x) !== text(y)
      ? [`${name} ${text(x)} → ${text(y)}`]
      : [];
  };
  return [
    ...went('windMps', 'wind', (v) => say.wind(v, u)),
    ...went('surfaceTempC', 'water', (v) => say.temp(v, u)),
    ...went('currentMps', 'current', (v) => say.speed(v, u)),
    ...went('depthM', 'depth', (v) => say.depth(v, u)),
    ...went('clarityM', 'clarity', (v) => say.depth(v, u)),
    ...went('fishDepthM', 'fish', (v) => say.depth(v, u)),
  ];
}
