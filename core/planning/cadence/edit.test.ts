import * as fc from 'fast-check';
import { cadenceFaults, CADENCE_FAULTS } from './check';
import { STEP_KINDS, type Cadence, type Step } from './cadence';
import {
  copyStep,
  edit,
  freshStep,
  insertStep,
  MAX_STEPS,
  nudgeStep,
  redo,
  REMEMBERED,
  removeStep,
  setLength,
  setLoop,
  setTurns,
  startHistory,
  stretchAll,
  undo,
  type History,
} from './edit';

const turn: Step = { kind: 'turn', durationS: 1, handleTurns: 1.2 };
const hang: Step = { kind: 'pause', durationS: 4 };
const twitch: Step = { kind: 'twitch', durationS: 0.5 };
const c: Cadence = { steps: [turn, twitch, hang], loop: true };
const kinds = (x: Cadence): string[] => x.steps.map((s) => s.kind);

describe('edits', () => {
  test('put in, copy, take out, move', () => {
    expect(kinds(insertStep(c, 0, hang))).toEqual(['turn', 'pause', 'twitch', 'pause']);
    expect(kinds(insertStep(c, -1, hang))).toEqual(['pause', 'turn', 'twitch', 'pause']);
    expect(kinds(copyStep(c, 1))).toEqual(['turn', 'twitch', 'twitch', 'pause']);
    expect(kinds(removeStep(c, 1))).toEqual(['turn', 'pause']);
    expect(nudgeStep(c, 0, 2)).toMatchObject({ at: 2, cadence: { steps: [twitch, hang, turn] } });
    expect(nudgeStep(c, 2, 5)).toEqual({ at: 2, cadence: c });
  });
  test('whole turns stay whole, halves halves, quarters quarters; never none', () => {
    const with_ = (handleTurns: number): Cadence => ({ ...c, steps: [{ ...turn, handleTurns }] });
    expect(setLength(with_(2), 0, 1.3).steps[0]!.handleTurns).toBe(3);
    expect(setLength(with_(1), 0, 0.2).steps[0]!.handleTurns).toBe(1);
    expect(setLength(with_(1.5), 0, 1.4).steps[0]!.handleTurns).toBe(2);
    expect(setLength(with_(0.75), 0, 2).steps[0]!.handleTurns).toBe(1.5);
    expect(setLength(with_(0.25), 0, 0.1).steps[0]!.handleTurns).toBe(0.25);
    expect(setLength(with_(0), 0, 2).steps[0]!.handleTurns).toBe(0);
  });
  test('turning keeps its speed when it is stretched', () => {
    expect(setLength(c, 0, 2).steps[0]).toEqual({ kind: 'turn', durationS: 2, handleTurns: 2.4 });
    expect(setLength(c, 2, 0).steps[2]!.durationS).toBe(0.1);
    expect(setTurns(c, 0, -1).steps[0]!.handleTurns).toBe(0);
  });
  test('all of it slower: the flick of a wrist stays a flick', () => {
    expect(stretchAll(c, 1.5).steps.map((s) => s.durationS)).toEqual([1.5, 0.5, 6]);
  });
  test('a cadence has at least one step and at most sixty', () => {
    const one: Cadence = { steps: [turn], loop: false };
    expect(removeStep(one, 0)).toBe(one);
    let full = one;
    for (let i = 0; i < 100; i++) full = copyStep(full, 0);
    expect(full.steps).toHaveLength(MAX_STEPS);
  });
  test.each(STEP_KINDS)('a fresh %s can be done by hand', (kind) => {
    const s = freshStep(kind, 0.8);
    const faults = cadenceFaults({ steps: [s], loop: false }, { lengthM: 2.1 });
    expect(faults.filter((f) => f.cannot)).toEqual([]);
  });
});

test('whatever is done is undone step by step to the very beginning, and done again', () => {
  const action = fc.oneof(
    fc.record({ do: fc.constant('insert' as const), at: fc.nat(6), kind: fc.constantFrom(...STEP_KINDS) }),
    fc.record({ do: fc.constant('remove' as const), at: fc.nat(6) }),
    fc.record({ do: fc.constant('nudge' as const), at: fc.nat(6), by: fc.integer({ min: -3, max: 3 }) }),
    fc.record({ do: fc.constant('length' as const), at: fc.nat(6), s: fc.double({ min: 0, max: 30, noNaN: true }) }),
    fc.record({ do: fc.constant('loop' as const), loop: fc.boolean() }),
  );
  fc.assert(
    fc.property(fc.array(action, { maxLength: 40 }), (actions) => {
      const states: Cadence[] = [c];
      let h: History = startHistory(c);
      for (const a of actions) {
        const n = h.now;
        const next =
          a.do === 'insert'
            ? insertStep(n, a.at, freshStep(a.kind))
            : a.do === 'remove'
              ? removeStep(n, a.at)
              : a.do === 'nudge'
                ? nudgeStep(n, a.at, a.by).cadence
                : a.do === 'length'
                  ? setLength(n, a.at, a.s)
                  : setLoop(n, a.loop);
        const before = h;
        h = edit(h, next);
        if (h !== before) states.push(h.now);
      }
      for (let i = states.length - 1; i > 0; i--) {
        expect(h.now).toEqual(states[i]);
        h = undo(h);
      }
      expect(h.now).toEqual(c);
      expect(undo(h)).toBe(h);
      for (let i = 1; i < states.length; i++) h = redo(h);
      expect(h.now).toEqual(states[states.length - 1]);
      expect(redo(h)).toBe(h);
      expect(h.now.steps.every((s) => s.durationS >= 0.1)).toBe(true);
    }),
    { seed: 5, numRuns: 150 },
  );
});

test('a new change after an undo forgets what was undone', () => {
  const h = edit(undo(edit(startHistory(c), setLoop(c, false))), setLength(c, 2, 6));
  expect(h.future).toEqual([]);
  expect(redo(h)).toBe(h);
});

test('what changes nothing is no change; of many changes the oldest are forgotten', () => {
  const h = edit(startHistory(c), setLoop(c, !c.loop));
  expect(h.past).toEqual([c]);
  expect(edit(h, setLoop(c, !c.loop))).toBe(h);
  let long = h;
  for (let n = 0; n < REMEMBERED + 3; n++) long = edit(long, setLoop(c, n % 2 === 0 ? c.loop : !c.loop));
  expect(long.past).toHaveLength(REMEMBERED);
});

describe('what hands cannot do', () => {
  const rod = { lengthM: 2.1 };
  const codes = (steps: Step[], loop = true): string[] => cadenceFaults({ steps, loop }, rod).map((f) => f.code);
  test.each([
    ['too-fast-turning', [{ kind: 'turn', durationS: 1, handleTurns: 3 }]],
    ['flick-too-short', [{ kind: 'twitch', durationS: 0.1 }, turn]],
    ['tip-too-far', [{ kind: 'sweep', durationS: 2, tip: { backM: 2, upM: 1, sideM: 0 } }, turn]],
    ['tip-too-fast', [{ kind: 'pop', durationS: 0.5, tip: { backM: 1.2, upM: 0, sideM: 0 } }, turn]],
    ['tip-runs-away', [{ kind: 'lift', durationS: 1 }, turn]],
    ['stays-put', [hang]],
    ['too-long', [{ kind: 'pause', durationS: 119 }, { kind: 'pause', durationS: 90 }, turn]],
    ['empty', []],
  ] as [string, Step[]][])('%s', (code, steps) => {
    expect(codes(steps)).toContain(code);
  });
  test('every fault has its case above', () => {
    expect([...CADENCE_FAULTS].sort()).toEqual(
      [
        'too-fast-turning',
        'flick-too-short',
        'tip-too-far',
        'tip-too-fast',
        'tip-runs-away',
        'stays-put',
        'too-long',
        'empty',
      ].sort(),
    );
  });
  test('a burn may be quicker than turning; a lift with its fall comes home; once is once', () => {
    expect(codes([{ kind: 'burn', durationS: 1, handleTurns: 3 }])).toEqual([]);
    expect(codes([{ kind: 'lift', durationS: 0.6 }, { kind: 'drop', durationS: 1.5 }, turn])).toEqual([]);
    expect(codes([{ kind: 'lift', durationS: 1 }], false)).toEqual([]);
  });
});
