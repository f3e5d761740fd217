/** The beat of a plan by sight, sound and buzz: one clock for all three, the sound's own where there is one. */
import { useCallback, useEffect, useRef, useState } from 'react';
import { cuesOf } from '../../core/planning/beat/cues';
import { playBeat, type BeatPlayer } from '../../core/planning/beat/player';
import type { Plan } from '../../core/planning/plan/plan';
import { useActions, usePrefs } from '../day/contexts';
import { keepAwake } from '../platform/awake';
import { buzz, openSounder, type Sounder } from '../platform/sound';
import { usePlayback } from '../section/Playback';

export type BeatNote = 'no-sound' | 'hidden' | null;

export function useBeat(plan: Plan) {
  const prefs = usePrefs();
  const { atS, playing, play, stop: stopPicture, seek } = usePlayback();
  const [note, setNote] = useState<BeatNote>(null);
  const under = useRef<{ player: BeatPlayer; end: () => void } | null>(null);
  const { sound, buzz: buzzing } = prefs.beat;
  const { logCast } = useActions();

  const stop = useCallback(() => {
    under.current?.end();
    under.current = null;
    stopPicture();
  }, [stopPicture]);

  const start = useCallback(
    async (fromS = 0) => {
      stop();
      setNote(null);
      const sounder: Sounder | null = sound ? await openSounder() : null;
      if (sound && !sounder) setNote('no-sound');
      const nowS = sounder ? sounder.nowS : () => performance.now() / 1000;
      const waiting = new Set<ReturnType<typeof setTimeout>>();
      const player = playBeat(
        cuesOf(plan.track.beats, plan.hands.countdownS),
        {
          nowS,
          every: (ms, run) => {
            const t = setInterval(run, ms);
            return () => clearInterval(t);
          },
          sound: (cue, at) => {
            sounder?.play(cue.kind, at);
            if (!buzzing) return;
            const t = setTimeout(
              () => {
                waiting.delete(t);
                buzz(cue.kind);
              },
              Math.max(0, 1000 * (at - nowS())),
            );
            waiting.add(t);
          },
        },
        fromS,
      );
      const awake = keepAwake();
      const onHide = (): void => {
        if (document.visibilityState !== 'hidden') return;
        setNote('hidden');
        stop();
      };
      document.addEventListener('visibilitychange', onHide);
      under.current = {
        player,
        end: () => {
          player.stop();
          waiting.forEach(clearTimeout);
          awake();
          sounder?.close();
          document.removeEventListener('visibilitychange', onHide);
        },
      };
      play(plan.track.castS, player.positionS);
    },
    [plan, sound, buzzing, play, stop],
  );

  useEffect(() => stop, [stop]);
  // The cast is over by itself: the sound's device is given back, and the cast counts where that is wished.
  const { counts } = prefs.beat;
  useEffect(() => {
    if (!playing && under.current) {
      under.current.end();
      under.current = null;
      if (counts) logCast();
    }
  }, [playing, counts, logCast]);

  /** Where the cast is this instant, for a tap; null while nothing plays. */
  const positionS = useCallback((): number | null => under.current?.player.positionS() ?? null, []);
  return { atS, playing, start, stop, seek, note, positionS };
}
