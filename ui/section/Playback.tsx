/** Where along the cast the drawing stands, and whether it is playing to the beat. */
import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { useReducedMotion } from '../platform/motion';

interface Playback {
  atS: number | null;
  playing: boolean;
  seek: (s: number | null) => void;
  /** `elapsedS`: the clock to go by; its own when absent. */
  play: (endS: number, elapsedS?: () => number) => void;
  stop: () => void;
}

const PlaybackContext = createContext<Playback>({
  atS: null,
  playing: false,
  seek: () => {},
  play: () => {},
  stop: () => {},
});
export const usePlayback = (): Playback => useContext(PlaybackContext);

export function PlaybackProvider({ children }: { children: ReactNode }) {
  const [atS, setAtS] = useState<number | null>(null);
  const [playing, setPlaying] = useState(false);
  const frame = useRef(0);
  const reduced = useReducedMotion();
  const stop = useCallback(() => {
    cancelAnimationFrame(frame.current);
    setPlaying(false);
  }, []);
  const play = useCallback(
    (endS: number, elapsedS?: () => number) => {
      cancelAnimationFrame(frame.current);
      setPlaying(true);
      const began = performance.now();
      let shown = -1;
      // With reduced motion the picture steps once a second; else a few times a second is enough to follow.
      const everyS = reduced ? 1 : 0.05;
      const tick = () => {
        const t = elapsedS ? elapsedS() : (performance.now() - began) / 1000;
        if (t >= endS) {
          setAtS(endS);
          setPlaying(false);
          return;
        }
        if (t - shown >= everyS) {
          shown = t;
          setAtS(t);
        }
        frame.current = requestAnimationFrame(tick);
      };
      tick();
    },
    [reduced],
  );
  useEffect(() => () => cancelAnimationFrame(frame.current), []);
  const seek = useCallback((s: number | null) => setAtS(s), []);
  const value = useMemo(() => ({ atS, playing, seek, play, stop }), [atS, playing, seek, play, stop]);
  return <PlaybackContext.Provider value={value}>{children}</PlaybackContext.Provider>;
}
