/**
 * Default cadences by style and mood. Lengths follow the wanted pause of the species in that mood; handle speed sets
 * the turns, which are such as a hand can count. prior: judgement.
 */
import { clamp, toHalf } from '../../base/numbers';
import { CADENCE_STYLES, type CadenceStyle } from '../../lures/styles';
import type { Cadence, Step } from './cadence';

/** Whether the hang is a length of its own in this way of working. */
export const hangs = (style: CadenceStyle): boolean => style !== 'steady' && style !== 'bump' && style !== 'walk';

/** What a cadence is made for. */
export interface CadenceWish {
  style: CadenceStyle;
  /** 0 shut … 4 aggressive. */
  moodMean: number;
  /** The hang the fish wants, s. */
  pauseS: number;
  /** Handle turns a second while turning. */
  turnsPerS: number;
}

/** Hangs and moves of the tip are kept to tenths so that a beat can be learned by heart. */
const tenth = (s: number): number => Math.round(s * 10) / 10;

/** Turns of the handle as a hand counts them, the nearest: quarters under one, halves from there on; at least ¼. */
export const countedTurns = (turns: number): number =>
  turns < 0.875 ? Math.max(0.25, Math.round(turns * 4) / 4) : toHalf(turns);

/** Turns of the handle that take up what a pop has moved the lure. */
const POP_TURNS = 0.4;

/** A burst: as much quicker than the usual pace, and at the most, turns/s. */
const BURN_TIMES = 1.6;
const BURN_MOST = 3;

/** The cadence of a style for a mood on 0–4, a wanted hang, s, and a handle speed, turns/s. */
export function defaultCadence(w: CadenceWish): Cadence {
  const lively = clamp(w.moodMean / 4, 0, 1);
  const pause: Step = { kind: 'pause', durationS: tenth(clamp(w.pauseS, 0.5, 20)) };
  /** About so long, as long as counted turns take at that speed, turns/s; the handle at rest: just so long. */
  const wind = (kind: 'turn' | 'burn', s: number, perS: number): Step => {
    if (perS <= 0) return { kind, durationS: s, handleTurns: 0 };
    const handleTurns = countedTurns(s * perS);
    return { kind, durationS: handleTurns / perS, handleTurns };
  };
  const turn = (s: number): Step => wind('turn', s, w.turnsPerS);
  // Each pop leaves slack, and the hand takes it up.
  const pop: Step = { kind: 'pop', durationS: 0.5, handleTurns: POP_TURNS };
  // Moved from the wrist, hardly a hand's breadth.
  const nudge: Step = { kind: 'twitch', durationS: 0.4, tip: { backM: 0.06, upM: 0.08, sideM: 0 } };
  const loop = (...steps: Step[]): Cadence => ({ steps, loop: true });
  switch (w.style) {
    case 'steady':
      return loop(turn(4));
    case 'bump':
      return loop(turn(2.5), { kind: 'twitch', durationS: 0.5 });
    case 'stop-and-go':
      return loop(turn(1.5 + lively), pause);
    case 'twitch-pause':
      return loop(
        turn(1),
        ...Array.from({ length: lively > 0.35 ? 2 : 1 }, (): Step => ({ kind: 'twitch', durationS: 0.5 })),
        pause,
      );
    case 'nudge':
      return loop(nudge, nudge, nudge, pause, turn(1));
    case 'pop-rest':
      return loop(pop, ...(lively > 0.4 ? [pop] : []), turn(0.6), pause);
    case 'walk':
      return loop({ kind: 'snap', durationS: tenth(0.8 - 0.3 * lively), handleTurns: 0.35 });
    case 'yo-yo':
      return loop(
        { kind: 'lift', durationS: 0.6 },
        { kind: 'drop', durationS: tenth(clamp(w.pauseS * 0.5, 1, 3)) },
        turn(0.8),
      );
    case 'hop':
      return loop({ kind: 'hop', durationS: 0.5 }, pause, turn(1.2));
    case 'drag':
      return loop({ kind: 'drag', durationS: tenth(2 - lively) }, turn(1.2), pause);
    case 'shake':
      return loop({ kind: 'shake', durationS: 2 }, pause, turn(1));
    case 'dead-stick':
      return loop({ ...pause, durationS: tenth(clamp(w.pauseS * 1.5, 3, 20)) }, turn(0.4));
    case 'burn-kill':
      return loop(wind('burn', 1.5, Math.min(BURN_MOST, BURN_TIMES * w.turnsPerS)), {
        kind: 'pause',
        durationS: tenth(clamp(w.pauseS * 0.4, 0.5, 2)),
      });
  }
}

/** The moods a cadence of the family's is meant for, most shut first. */
export const LIBRARY_MOODS = ['slow', 'middle', 'lively'] as const;
export type LibraryMood = (typeof LIBRARY_MOODS)[number];
const MOOD_MEAN: Record<LibraryMood, number> = { slow: 0.7, middle: 2, lively: 3.3 };

/** A ready cadence. */
export interface LibraryEntry {
  style: CadenceStyle;
  /** What it is for; null: nothing this lure is usually worked with, but it can be. */
  mood: LibraryMood | null;
  cadence: Cadence;
}

/** Every way of working, those of the family first, each with the hang that fish of its mood want, s. */
export function cadenceLibrary(
  styles: readonly CadenceStyle[],
  pauseS: Record<LibraryMood, number>,
  turnsPerS: number,
): LibraryEntry[] {
  const own = LIBRARY_MOODS.map((mood, i): LibraryEntry => ({
    style: styles[i]!,
    mood,
    cadence: defaultCadence({ style: styles[i]!, moodMean: MOOD_MEAN[mood], pauseS: pauseS[mood], turnsPerS }),
  }));
  const rest = CADENCE_STYLES.filter((s) => !styles.includes(s)).map((style): LibraryEntry => ({
    style,
    mood: null,
    cadence: defaultCadence({ style, moodMean: MOOD_MEAN.middle, pauseS: pauseS.middle, turnsPerS }),
  }));
  return [...own, ...rest];
}

/** Snap-jigging below the rod: a sharp lift, followed down on a line just not tight, and a wait at the mark. */
export const snapJig = (pauseS: number): Cadence => ({
  steps: [
    { kind: 'snap', durationS: 0.4, tip: { backM: 0, upM: 0.45, sideM: 0 }, slack: false },
    { kind: 'drop', durationS: 1.2, tip: { backM: 0, upM: -0.45, sideM: 0 } },
    { kind: 'pause', durationS: tenth(clamp(pauseS, 0.5, 20)) },
  ],
  loop: true,
});

/**
 * How what hangs straight down is worked, m and s: a tremble and a wait, left alone with a slow lift now and then, or
 * snapped.
 */
export function belowCadence(style: CadenceStyle, pauseS: number): Cadence {
  const hang = (s: number): Step => ({ kind: 'pause', durationS: tenth(clamp(s, 0.5, 20)) });
  if (style === 'shake') return { steps: [{ kind: 'shake', durationS: 2 }, hang(pauseS)], loop: true };
  if (style === 'dead-stick') {
    const slow = (kind: 'lift' | 'drop', upM: number): Step => ({
      kind,
      durationS: 1.5,
      tip: { backM: 0, upM, sideM: 0 },
    });
    return { steps: [hang(Math.max(8, 2 * pauseS)), slow('lift', 0.2), slow('drop', -0.2)], loop: true };
  }
  return snapJig(pauseS);
}
