/** Cadences in words: what each step is to the hands, why a way of working is offered, what a wrist cannot do. */
import type { StepKind } from '../core/planning/cadence/cadence';
import type { CadenceFault } from '../core/planning/cadence/check';
import type { LibraryMood } from '../core/planning/cadence/library';
import { roundTo } from '../core/base/numbers';
import { STEP_NAME, capital } from './names';
import { turnsText, windText } from './retrieve';
import { say, type UnitPrefs } from './units';
import type { CadenceStyle } from '../core/lures/styles';

/** What handle and rod do in the step. */
export const STEP_HOW: Record<StepKind, string> = {
  turn: 'Turn the handle evenly, rod still',
  burn: 'Turn as fast as you can keep up',
  twitch: 'Flick the tip a foot and give the slack back',
  pop: 'A sharp pull down the line, then slack',
  snap: 'Snap the wrist on a slack line',
  hop: 'Lift the tip a hand’s breadth and drop it',
  lift: 'Raise the rod and keep it there',
  drop: 'Follow it down, line just not tight',
  sweep: 'Sweep the rod aside, then take up the line',
  drag: 'Pull it along with the rod, then take up the line',
  shake: 'Tremble the tip without moving it on',
  pause: 'Nothing. Let it hang',
};

export const STYLE_WHY: Record<CadenceStyle, string> = {
  steady: 'never stops: for fish that chase, and to cover water',
  bump: 'a steady swimmer that stumbles: the stumble is when they take',
  'stop-and-go': 'runs and stops; a follower bumps into it',
  'twitch-pause': 'darts like something hurt, then hangs where a slow fish can reach it',
  nudge: 'moves without going away, a little above them: for small mouths that will not chase',
  'pop-rest': 'calls from above, then waits to be answered',
  walk: 'side to side on slack: big, busy, seen from far',
  'yo-yo': 'up and down through their depth; they take on the fall',
  hop: 'off the bottom and back, like something that hides',
  drag: 'never leaves the bottom; nothing to chase',
  shake: 'moves without going away: for fish that look and do not come',
  'dead-stick': 'does nothing at all: for the cold and for shut mouths',
  'burn-kill': 'flees and dies: for fish that only take what runs',
};

const FOR_MOOD: Record<LibraryMood, string> = {
  slow: 'Cold or shut',
  middle: 'Neither hot nor cold',
  lively: 'Lively',
};
export const libraryTitle = (mood: LibraryMood | null): string => (mood ? FOR_MOOD[mood] : 'Also possible');

export function faultText(f: CadenceFault, kind: StepKind | null, u: UnitPrefs): string {
  const what = kind ? `${capital(STEP_NAME[kind])} (step ${(f.step ?? 0) + 1})` : 'This cadence';
  switch (f.code) {
    case 'too-fast-turning':
      return `${what}: ${turnsText(f.asked)} turns a second is more than a hand does; ${turnsText(f.most)} at the most.`;
    case 'flick-too-short':
      return `${what}: a flick and its return take at least ${say.seconds(f.most)}.`;
    case 'tip-too-far':
      return `${what}: ${say.depth(f.asked, u)} is further than this rod reaches (${say.depth(f.most, u)}).`;
    case 'tip-too-fast':
      return `${what}: the tip would have to move at ${say.speed(f.asked, u)}; a wrist does ${say.speed(f.most, u)}. Give it more time.`;
    case 'tip-runs-away':
      return `Each round leaves the rod ${say.depth(f.asked, u)} from where it began. Bring it back: a lift wants a fall.`;
    case 'stays-put':
      return 'Nothing takes up line: the lure stays where it is. Add a turn, unless you work it below the rod.';
    case 'too-long':
      return `One round lasts ${say.seconds(Math.round(f.asked))}: longer than anyone keeps in mind.`;
    case 'empty':
      return 'There is nothing in it yet.';
  }
}

/** A step's head where there is little room: "1½ turns", "twitch"; turns that are no quarters say "turn". */
export function stepHead(s: { kind: StepKind; handleTurns?: number }): string {
  const turns = s.kind === 'turn' ? (s.handleTurns ?? 0) : 0;
  return turns > 0 && Number.isInteger(4 * turns) ? windText(turns, true) : STEP_NAME[s.kind];
}

/** A step read aloud with its length and turns: for screen readers and the list beside the drawing. */
export function stepText(s: { kind: StepKind; durationS: number; handleTurns?: number }): string {
  const turns = s.handleTurns ? `, ${roundTo(s.handleTurns, 2)} ${s.handleTurns === 1 ? 'turn' : 'turns'}` : '';
  return `${STEP_NAME[s.kind]} ${say.seconds(s.durationS)}${turns}`;
}
