/** The lure that is counted, as the model has it: by itself, so that a page can say it without the simulator. */
import { familyById } from '../../lures/families';
import type { FamilyId } from '../../lures/family';
import { lurePhysics } from '../../lures/physics';
import { DEFAULT_VISCOSITY_M2S } from '../../simulation/lineDrag';
import { linePhysics, type LineSpec } from '../../tackle/line';
import { FRESH_KG_M3 } from '../../water/fluid';
import type { Tried } from './calibrate';

/** How high a tip is held while one counts a sink or feels for the bottom, m. */
const COUNTING_TIP_M = 1;

/** The lure as the model has it, on this line, in fresh water at 16 °C: what counts are compared with. */
export const triedLure = (family: FamilyId, weightKg: number, line: LineSpec): Tried => ({
  lure: lurePhysics(familyById(family), weightKg),
  line: linePhysics(line),
  tipHeightM: COUNTING_TIP_M,
  waterDensityKgM3: FRESH_KG_M3,
  viscosityM2s: DEFAULT_VISCOSITY_M2S,
});
