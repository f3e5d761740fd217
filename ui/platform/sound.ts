/**
 * Short sounds at exact moments of the sound's own clock, the phone's buzz, and a screen that stays awake; each may be
 * missing on a device.
 */
import type { CueKind } from '../../core/planning/beat/cues';

/** Pitch, Hz, length, s, and loudness: told apart by ear with a motor running. */
const TONE: Record<CueKind, { hz: number; lengthS: number; loud: number; shape: OscillatorType }> = {
  count: { hz: 740, lengthS: 0.05, loud: 0.25, shape: 'sine' },
  turn: { hz: 330, lengthS: 0.045, loud: 0.35, shape: 'triangle' },
  flick: { hz: 1250, lengthS: 0.07, loud: 0.45, shape: 'square' },
  hang: { hz: 165, lengthS: 0.28, loud: 0.5, shape: 'sine' },
};
const BUZZ_MS: Record<CueKind, number> = { count: 15, turn: 12, flick: 45, hang: 120 };
/** A sound that has not started by then never will, ms. */
const PATIENCE_MS = 400;

export interface Sounder {
  nowS: () => number;
  play: (kind: CueKind, atS: number) => void;
  close: () => void;
}

/** Null where the device cannot, or may not, sound. To be called from a touch. */
export async function openSounder(): Promise<Sounder | null> {
  if (typeof AudioContext === 'undefined') return null;
  const context = new AudioContext();
  await Promise.race([context.resume(), new Promise((r) => setTimeout(r, PATIENCE_MS))]).catch(() => undefined);
  const began = context.currentTime;
  await new Promise((r) => setTimeout(r, 60));
  if (context.state !== 'running' || context.currentTime === began) {
    void context.close();
    return null;
  }
  return {
    nowS: () => context.currentTime,
    play: (kind, atS) => {
      const { hz, lengthS, loud, shape } = TONE[kind];
      const tone = context.createOscillator();
      const gain = context.createGain();
      tone.type = shape;
      tone.frequency.value = hz;
      const from = Math.max(atS, context.currentTime);
      gain.gain.setValueAtTime(0, from);
      gain.gain.linearRampToValueAtTime(loud, from + 0.005);
      gain.gain.exponentialRampToValueAtTime(0.001, from + lengthS);
      tone.connect(gain).connect(context.destination);
      tone.start(from);
      tone.stop(from + lengthS + 0.02);
    },
    close: () => void context.close(),
  };
}

export const canBuzz = (): boolean => typeof navigator !== 'undefined' && typeof navigator.vibrate === 'function';
export const buzz = (kind: CueKind): void => {
  if (canBuzz()) navigator.vibrate(BUZZ_MS[kind]);
};
