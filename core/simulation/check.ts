/** What a line-and-lure problem may be: outside these ranges the laws do not hold, and a number would mislead. */
import type { Problem } from '../base/problems';
import type { LurePhysics, RetrieveInput } from './types';
import type { LinePhysics } from '../tackle/line';

type Range = readonly [least: number, most: number];

/** Legal ranges, SI; wide enough for any tackle that is thrown, dropped or towed. */
export const LEGAL_RANGES = {
  waterDensityKgM3: [900, 1300],
  viscosityM2s: [5e-7, 3e-6],
  massKg: [1e-5, 2],
  volumeM3: [1e-9, 2e-3],
  dragAreaM2: [1e-7, 0.1],
  liftAreaM2: [0, 0.1],
  addedMass: [0, 3],
  diameterM: [3e-5, 5e-3],
  densityKgM3: [300, 12_000],
  stiffnessN: [1, 1e6],
  normalDrag: [0.01, 10],
  dragScale: [0.05, 20],
  tangentialDrag: [0, 1],
  lengthM: [0.05, 500],
  placeM: [-500, 500],
  startS: [0, 36_000],
  durationS: [1e-3, 3600],
  speedMps: [0, 10],
  flowMps: [-10, 10],
  windMps: [-40, 40],
  rodStiffnessNpm: [1, 1e4],
  halfHeightM: [1e-3, 0.3],
  floorDepthM: [0.01, 500],
} as const satisfies Record<string, Range>;

/** Line may be stretched this much at the start, as a share of its length. */
const MAX_STRETCH = 0.3;

/** Every value that is out of its range or no number, by its path; empty when the problem can be solved. */
export function inputProblems(i: RetrieveInput): Problem[] {
  const out: Problem[] = [];
  const within = (path: string, v: number, [least, most]: Range): void => {
    if (!(v >= least && v <= most)) out.push({ code: 'out-of-range', path, expected: `${least} to ${most}` });
  };
  const vector = (path: string, v: readonly number[], range: Range): void =>
    v.forEach((x, k) => within(`${path}[${k}]`, x, range));
  const body = (path: string, b: LurePhysics): void => {
    for (const k of ['massKg', 'volumeM3', 'dragAreaM2', 'liftAreaM2', 'addedMass'] as const)
      within(`${path}.${k}`, b[k], LEGAL_RANGES[k]);
  };
  const line = (path: string, l: LinePhysics): void => {
    for (const k of ['diameterM', 'densityKgM3', 'stiffnessN', 'tangentialDrag'] as const)
      within(`${path}.${k}`, l[k], LEGAL_RANGES[k]);
    if (l.normalDrag !== null) within(`${path}.normalDrag`, l.normalDrag, LEGAL_RANGES.normalDrag);
    if (l.dragScale !== undefined) within(`${path}.dragScale`, l.dragScale, LEGAL_RANGES.dragScale);
  };
  within('waterDensityKgM3', i.waterDensityKgM3, LEGAL_RANGES.waterDensityKgM3);
  if (i.viscosityM2s !== undefined) within('viscosityM2s', i.viscosityM2s, LEGAL_RANGES.viscosityM2s);
  body('lure', i.lure);
  line('line', i.line);
  if (i.leader) {
    line('leader.line', i.leader.line);
    within('leader.lengthM', i.leader.lengthM, [
      LEGAL_RANGES.lengthM[0],
      Math.min(LEGAL_RANGES.lengthM[1], 0.95 * i.lineLengthM),
    ]);
    if (i.leader.body) {
      body('leader.body', i.leader.body);
      within('leader.body.halfHeightM', i.leader.body.halfHeightM, LEGAL_RANGES.halfHeightM);
    }
  }
  vector('tipM', i.tipM, LEGAL_RANGES.placeM);
  vector('lureM', i.lureM, LEGAL_RANGES.placeM);
  vector('currentMps', i.currentMps, LEGAL_RANGES.flowMps);
  if (i.windMps) vector('windMps', i.windMps, LEGAL_RANGES.windMps);
  within('lineLengthM', i.lineLengthM, LEGAL_RANGES.lengthM);
  const distance = Math.hypot(...i.tipM.map((t, k) => t - i.lureM[k]!));
  if (distance > i.lineLengthM * (1 + MAX_STRETCH))
    out.push({
      code: 'line-too-short',
      path: 'lineLengthM',
      expected: `at least ${(distance / (1 + MAX_STRETCH)).toFixed(2)}, the lure lies that far off`,
    });
  i.reel.forEach((e, k) => {
    within(`reel[${k}].startS`, e.startS, LEGAL_RANGES.startS);
    within(`reel[${k}].speedMps`, e.speedMps, LEGAL_RANGES.speedMps);
    within(`reel[${k}].rampS`, e.rampS, [0, LEGAL_RANGES.durationS[1]]);
    if (k > 0 && e.startS < i.reel[k - 1]!.startS)
      out.push({ code: 'out-of-order', path: `reel[${k}].startS`, expected: 'not before the entry above' });
  });
  i.tipMoves.forEach((m, k) => {
    within(`tipMoves[${k}].startS`, m.startS, LEGAL_RANGES.startS);
    within(`tipMoves[${k}].durationS`, m.durationS, LEGAL_RANGES.durationS);
    vector(`tipMoves[${k}]`, [m.dxM, m.dyM ?? 0, m.dzM], LEGAL_RANGES.placeM);
  });
  if (i.rodStiffnessNpm) within('rodStiffnessNpm', i.rodStiffnessNpm, LEGAL_RANGES.rodStiffnessNpm);
  if (i.floorDepthM !== undefined) within('floorDepthM', i.floorDepthM, LEGAL_RANGES.floorDepthM);
  return out;
}
