/** A pin on a spot where the device is: read in at the first touch, with the earth's measures. */
import type { Degrees } from '../../../core/base/ground';
import { nearEnoughToPin } from '../../../core/forecast/pins';
import { MAX_PINS, type Spot } from '../../../core/records/spot';
import { movedText } from '../../../wording/way';
import { PINS } from '../../../wording/pins';
import type { UnitPrefs } from '../../../wording/units';

/** What is to be said of a pin there: that it is put, or why it cannot be. */
export function pinHere(spot: Spot, at: Degrees, units: UnitPrefs): { pinned: string } | { trouble: string } {
  const way = movedText(spot, at, units);
  if (!nearEnoughToPin(spot, at)) return { trouble: PINS.farOff(spot.name, way) };
  return spot.pins.length >= MAX_PINS ? { trouble: PINS.full } : { pinned: PINS.done(spot.name, way) };
}
