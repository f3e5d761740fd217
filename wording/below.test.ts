import type { TowedPlan } from '../core/planning/below/towed';
import type { VerticalPlan } from '../core/planning/below/vertical';
import { snapJig } from '../core/planning/cadence/library';
import {
  driftSentence,
  dropSentence,
  marksSentence,
  paceSentence,
  passSentence,
  passTitle,
  workedSentence,
  TOWED_TROUBLE,
  unreachedText,
  upSentence,
  VERTICAL_TROUBLE,
} from './below';
import { IMPERIAL, METRIC } from './units';

const v: VerticalPlan = {
  depthM: 6,
  lineM: 6.5,
  countS: { mean: 9, low: 8, high: 11 },
  marks: { whole: 2, restM: 0.5 },
  turnsUp: 2.31,
  angleDeg: 12,
  lostM: 0.4,
  steepDeg: 20,
  heavierKg: null,
  cadence: snapJig(3),
  workedM: [5.6, 6.1],
};

test('the drop, by count, by line and from the bottom', () => {
  expect(dropSentence(v, METRIC)).toBe(
    'Open the spool and count 9 s (8–11 s, as drag and line vary): it is then at 6.0 m.',
  );
  expect(dropSentence({ ...v, countS: { mean: 4, low: 3.8, high: 4.3 } }, METRIC)).not.toContain('vary');
  expect(marksSentence(v, 3, METRIC)).toBe(
    'By the line: let out 2 marks of 3.0 m and 0.5 m more, 6.5 m below the water in all.',
  );
  expect(marksSentence({ ...v, marks: { whole: 1, restM: 0 } }, 3, METRIC)).toContain('let out 1 mark of 3.0 m,');
  expect(marksSentence({ ...v, marks: { whole: 0, restM: 2 } }, 3, METRIC)).toContain('let out 2.0 m,');
  expect(upSentence(v)).toContain('2.3 turns');
  expect(upSentence({ ...v, turnsUp: null })).toBeNull();
});

test('the drift: none, a little, too much with and without a remedy', () => {
  expect(driftSentence({ ...v, angleDeg: 0 }, METRIC)).toBe('It hangs straight down.');
  expect(driftSentence(v, METRIC)).toContain('12° off straight down');
  expect(driftSentence({ ...v, angleDeg: 30, heavierKg: 0.0283 }, IMPERIAL)).toContain('1 oz would hang within 20°');
  expect(driftSentence({ ...v, angleDeg: 30 }, IMPERIAL)).toContain('slow the boat or anchor');
  expect(workedSentence(v, METRIC)).toContain('between 5.6 m and 6.1 m');
});

test('a pass, its pace, and what is out of reach', () => {
  const pass = {
    fishDepthM: 5,
    marks: 3,
    depthM: 4.5,
    lineOutM: 30,
    high: false,
    runsM: [4, 5.2] as const,
    touches: true,
    fasterCostsM: 0.3,
  };
  const t: TowedPlan = { speedMps: 1, groundMps: { with: 1.4, against: 0.6 }, passes: [pass], unreachedM: [9] };
  expect(passTitle(pass, 0, METRIC)).toBe('Pass 1: over 3 marks at 5.0 m');
  expect(passTitle({ ...pass, marks: 0 }, 1, METRIC)).toBe('Pass 2: over fish at 5.0 m');
  expect(passSentence(pass, METRIC)).toContain('A tenth faster and it runs 0.3 m higher.');
  expect(passSentence(pass, METRIC)).toContain('touch bottom');
  expect(passSentence({ ...pass, fasterCostsM: -0.3, touches: false }, METRIC)).toContain('deeper');
  expect(paceSentence(t, METRIC)).toContain('Over ground');
  expect(paceSentence({ ...t, groundMps: { with: 1, against: 1 } }, METRIC)).not.toContain('Over ground');
  expect(paceSentence(t, METRIC)).not.toContain('shallower pass first');
  expect(paceSentence({ ...t, passes: [pass, pass] }, METRIC)).toContain('shallower pass first');
  expect(unreachedText([9], METRIC)).toContain('9.0 m');
  expect(unreachedText([], METRIC)).toBeNull();
  for (const text of [...Object.values(VERTICAL_TROUBLE), ...Object.values(TOWED_TROUBLE)]) expect(text).toMatch(/\.$/);
});
