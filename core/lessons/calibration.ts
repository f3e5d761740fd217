/** Whether the model was right: what it expected of the blocks against what came. */
import { total, type Fished } from './fished';
import { luckOf } from './luck';

/** Blocks of which about the same was expected an hour. */
export interface Expectation {
  hours: number;
  expected: number;
  strikes: number;
  /** Strikes that luck alone brings nine times in ten where the model is right. */
  byLuck: readonly [number, number];
  /** Whether what came lies within that. */
  within: boolean;
}

/** How the record stands to the model, in all and from poor hours to good ones. */
export interface Calibration {
  all: Expectation;
  groups: Expectation[];
}

/** So many strikes are expected of a group at least: of fewer nothing can be told. */
const EACH = 3;
const MOST_GROUPS = 4;

function expectationOf(of: readonly Fished[]): Expectation {
  const expected = total(of, (f) => f.expected);
  const strikes = total(of, (f) => f.tally.strikes);
  const byLuck = luckOf(expected);
  return {
    hours: total(of, (f) => f.minutes) / 60,
    expected,
    strikes,
    byLuck,
    within: strikes >= byLuck[0] && strikes <= byLuck[1],
  };
}

/** Null where nothing was expected. */
export function calibrationOf(fished: readonly Fished[]): Calibration | null {
  const all = expectationOf(fished);
  if (all.expected <= 0) return null;
  const groups = Math.max(1, Math.min(MOST_GROUPS, Math.floor(all.expected / EACH)));
  const rate = (f: Fished): number => f.expected / Math.max(f.minutes, 1e-6);
  const sorted = [...fished].sort((a, b) => rate(a) - rate(b) || (a.block.id < b.block.id ? -1 : 1));
  const cut: Fished[][] = [[]];
  let sum = 0;
  for (const f of sorted) {
    if (sum >= (cut.length * all.expected) / groups && cut.length < groups) cut.push([]);
    cut.at(-1)!.push(f);
    sum += f.expected;
  }
  return {
    all,
    groups: cut.filter((of) => of.length > 0).map(expectationOf),
  };
}
