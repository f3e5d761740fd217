import { STEP_KINDS } from '../core/planning/cadence/cadence';
import { CADENCE_FAULTS, cadenceFaults, type CadenceFault } from '../core/planning/cadence/check';
import { freshStep } from '../core/planning/cadence/edit';
import { cadenceLibrary, LIBRARY_MOODS } from '../core/planning/cadence/library';
import { faultText, libraryTitle, STEP_HOW, stepHead, stepText, STYLE_WHY } from './cadence';
import { IMPERIAL, METRIC } from './units';
import { CADENCE_STYLES } from '../core/lures/styles';

const clean = (text: string): void => {
  expect(text).not.toMatch(/NaN|undefined|null|Infinity|\[object/);
  expect(text.trim()).toBe(text);
};

test.each(STEP_KINDS)('a %s is said with its length and how the hands do it', (kind) => {
  clean(stepText(freshStep(kind)));
  clean(STEP_HOW[kind]);
});

test('turning names its turns, one of them alone', () => {
  expect(stepText({ kind: 'turn', durationS: 2, handleTurns: 1 })).toBe('turn 2 s, 1 turn');
  expect([1, 1.5, 0.75, 1.37, 0].map((handleTurns) => stepHead({ kind: 'turn', handleTurns }))).toEqual([
    '1 turn',
    '1½ turns',
    '¾ turn',
    'turn',
    'turn',
  ]);
  expect(stepHead({ kind: 'twitch', handleTurns: 1 })).toBe('twitch');
  expect(stepText({ kind: 'turn', durationS: 2, handleTurns: 1.5 })).toBe('turn 2 s, 1.5 turns');
  expect(stepText({ kind: 'pause', durationS: 5.5 })).toBe('hang 5.5 s');
});

test.each(CADENCE_FAULTS)('%s is said with what can be had', (code) => {
  const fault: CadenceFault = { code, step: 1, cannot: true, asked: 3, most: 2.5 };
  for (const u of [IMPERIAL, METRIC]) {
    clean(faultText(fault, 'twitch', u));
    clean(faultText({ ...fault, step: null }, null, u));
  }
});

test('the step that is at fault is named as the angler counts', () => {
  const steps = [freshStep('turn'), { ...freshStep('twitch'), durationS: 0.1 }];
  const [fault] = cadenceFaults({ steps, loop: true }, { lengthM: 2.1 });
  expect(faultText(fault!, steps[fault!.step!]!.kind, METRIC)).toMatch(/^Twitch \(step 2\):/);
});

test('every way of working has its reason, and every mood its title', () => {
  for (const s of CADENCE_STYLES) clean(STYLE_WHY[s]);
  expect(new Set(LIBRARY_MOODS.map(libraryTitle)).size).toBe(3);
});

test('the library has the lure’s own ways first, the slow one with the longest hang, and every other way once', () => {
  const library = cadenceLibrary(
    ['twitch-pause', 'twitch-pause', 'stop-and-go'],
    { slow: 12, middle: 3, lively: 1 },
    0.8,
  );
  expect(library.slice(0, 3).map((e) => e.mood)).toEqual(['slow', 'middle', 'lively']);
  const hang = (i: number): number =>
    Math.max(...library[i]!.cadence.steps.filter((s) => s.kind === 'pause').map((s) => s.durationS));
  expect(hang(0)).toBeGreaterThan(hang(1));
  expect(hang(1)).toBeGreaterThan(hang(2));
  expect(
    library
      .slice(3)
      .map((e) => e.style)
      .sort(),
  ).toEqual(CADENCE_STYLES.filter((s) => s !== 'twitch-pause' && s !== 'stop-and-go').sort());
});
