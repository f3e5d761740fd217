import { SHELL } from '../../wording/pages/shell';
/** Where the device is, asked for when the angler touches “from here”; what it refuses is said. */

export type Whereabouts = { latDeg: number; lonDeg: number } | { trouble: string };

/** Waits so long for a position, ms. */
const PATIENCE_MS = 15_000;
const NO_ANSWER = SHELL.noPosition;

export async function whereIAm(): Promise<Whereabouts> {
  try {
    const { Accuracy, getCurrentPositionAsync, requestForegroundPermissionsAsync } = await import('expo-location');
    const { granted } = await requestForegroundPermissionsAsync();
    if (!granted) return { trouble: SHELL.positionRefused };
    const late = new Promise<null>((go) => setTimeout(() => go(null), PATIENCE_MS));
    const here = await Promise.race([getCurrentPositionAsync({ accuracy: Accuracy.Balanced }), late]);
    return here ? { latDeg: here.coords.latitude, lonDeg: here.coords.longitude } : { trouble: NO_ANSWER };
  } catch {
    return { trouble: NO_ANSWER };
  }
}
