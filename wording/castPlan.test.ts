import { bestStand, planFrom } from '../core/castplan/plan';
import { targetsOf } from '../core/castplan/shape';
import { EXAMPLE_PIECES, exampleQuestion } from '../core/fixtures/pieces';
import { PIECE_KINDS } from '../core/water/pieces';
import {
  castLine,
  castName,
  castPlanNotes,
  doneText,
  holdText,
  leftOutText,
  orderText,
  planViewText,
  signsText,
} from './castPlan';
import { targetName } from './pieces';
import { IMPERIAL, METRIC } from './units';

const clean = (text: string): void => {
  expect(text).not.toMatch(/undefined|NaN|null|Infinity|\bthat place\b|-\d/);
  expect(text).not.toMatch(/[a-z]-(left|right)\b/);
};

test('every place of every piece has a name of its own', () => {
  for (const kind of PIECE_KINDS) {
    const names = targetsOf({ kind, lengthM: 20, widthM: 6, gaps: true, outline: null }).map((t) =>
      targetName(kind, t.id, false),
    );
    expect(new Set(names).size).toBe(names.length);
    names.forEach(clean);
  }
});

test.each(EXAMPLE_PIECES.map((x) => [x.piece.name, x] as const))('%s: every sentence can be read', (_name, x) => {
  const q = exampleQuestion(x);
  const plan = planFrom(q, bestStand(q)!);
  for (const u of [IMPERIAL, METRIC]) {
    clean(holdText(x.piece, plan, q.access, u));
    clean(planViewText(x.piece, plan, q.access, u));
    for (const c of plan.casts) clean(`${castName(x.piece, c, x.access)}: ${castLine(x.piece, c, x.access, u)}`);
  }
  [orderText(plan), ...leftOutText(x.piece, plan, x.access), ...castPlanNotes(x.piece, q.access, q.currentMps)].forEach(
    clean,
  );
  expect(doneText(plan)).toBe(`${plan.casts.length} casts to go`);
});

test('what the marks in the picture are is said once there are any', () => {
  const q = exampleQuestion(EXAMPLE_PIECES[0]!);
  const stand = bestStand(q)!;
  const untouched = planFrom(q, stand);
  const [first, second] = untouched.casts.map((c) => c.target.id);
  const after = (cast: readonly string[], resting: readonly string[]) =>
    planFrom(q, stand, { cast, hooked: [], resting } as never);
  expect(signsText(untouched)).toBeNull();
  expect(signsText(after([first!], []))).toBe('In the picture a tick is a cast made.');
  expect(signsText(after([first!], [second!]))).toBe(
    'In the picture a tick is a cast made, two bars a place that rests.',
  );
  const { piece, access } = { piece: EXAMPLE_PIECES[0]!.piece, access: q.access };
  expect(planViewText(piece, after([first!], [second!]), access, IMPERIAL)).toContain('Left alone: ');
});

test('from the bank left is right', () => {
  expect(targetName('laydown', 'outer-left', false)).toBe('the outer limbs on the left');
  expect(targetName('laydown', 'outer-left', true)).toBe('the outer limbs on the right');
});

test('by hand: how far, how far past, to which side, and what it hangs up on', () => {
  const { piece } = EXAMPLE_PIECES[0]!;
  const target = { id: 'outer-left' as const, x: 1, y: -2, in: 0.1, along: false };
  const cast = { target, distanceM: 12, pastM: 2.5, leftDeg: 9.2, landing: target, chance: 0.1, snag: 0.25 };
  expect(castLine(piece, cast, 'bow', METRIC)).toBe(
    '12 m off, throw 2.5 m past it, 9° left of its outer end, hangs up about one cast in 4',
  );
  expect(castLine(piece, { ...cast, pastM: 0, leftDeg: -1, snag: 0 }, 'bow', METRIC)).toBe(
    '12 m off, right at it: there is no open water behind it',
  );
});
