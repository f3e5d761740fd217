/** The browser's own slider: drags under a thumb, steps with the arrow keys, is told by a screen reader. Shows every value on the way, stores the last. */
import { useState, type ChangeEvent, type SyntheticEvent } from 'react';
import { useTheme } from '../theme/theme';

interface SliderProps {
  label: string;
  value: number;
  range: readonly [number, number];
  /** What it says for a value, for those who hear it. */
  text: string;
  /** While it is dragged. */
  onDrag: (v: number) => void;
  /** Let go. */
  onDone: (v: number) => void;
  /** Stepped by an arrow key: a step of the value's own. */
  onStep: (way: 1 | -1) => void;
}

const STEPS = 400;
const WAY: Record<string, 1 | -1> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

export function Slider({ label, value, range: [lo, hi], text, onDrag, onDone, onStep }: SliderProps) {
  const { p } = useTheme();
  // The thumb belongs to the finger while it is held; what the value becomes on its grid comes after.
  const [held, setHeld] = useState<number | null>(null);
  const at = (position: number): number => lo + ((hi - lo) * position) / STEPS;
  const done = (e: SyntheticEvent<HTMLInputElement>): void => {
    if (held === null) return;
    setHeld(null);
    onDone(at(Number(e.currentTarget.value)));
  };
  return (
    <input
      type="range"
      min={0}
      max={STEPS}
      step={1}
      value={held ?? Math.round((STEPS * (Math.min(hi, Math.max(lo, value)) - lo)) / (hi - lo))}
      aria-label={label}
      aria-valuetext={text}
      style={{ width: '100%', minHeight: 48, margin: 0, accentColor: p.moss, cursor: 'pointer', touchAction: 'pan-y' }}
      onChange={(e: ChangeEvent<HTMLInputElement>) => {
        const position = Number(e.currentTarget.value);
        setHeld(position);
        onDrag(at(position));
      }}
      onPointerUp={done}
      onPointerCancel={done}
      onKeyDown={(e) => {
        const way = WAY[e.key];
        if (!way) return;
        e.preventDefault();
        onStep(way);
      }}
      onBlur={done}
    />
  );
}
