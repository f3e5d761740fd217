/** Where the device is, asked for when the angler touches “from here”; what it refuses is said. */
import type { LocationOptions } from 'expo-location';
import { SHELL } from '../../wording/pages/shell';

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
    // What the device knew of an earlier place must not be told as this one; a browser does unless it is told not to.
    const asked: LocationOptions & PositionOptions = { accuracy: Accuracy.High, maximumAge: 0 };
    const here = await Promise.race([getCurrentPositionAsync(asked), late]);
    return here ? { latDeg: here.coords.latitude, lonDeg: here.coords.longitude } : { trouble: NO_ANSWER };
  } catch {
    return { trouble: NO_ANSWER };
  }
}
