/** What may be pinned at a spot. */
import { distanceM, type Degrees } from '../base/ground';

/** Further from its spot a pin belongs to another one, m. */
const PIN_WITHIN_M = 800;
export const nearEnoughToPin = (spot: Degrees, at: Degrees): boolean => distanceM(spot, at) <= PIN_WITHIN_M;
