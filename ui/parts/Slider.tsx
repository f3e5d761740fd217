/**
 * The browser's own slider: drags under a thumb, steps with the arrow keys, is told by a screen reader. Shows every
 * value on the way, stores the last.
 */
import { useEffect, useRef } from 'react';
import { useTheme } from '../theme/theme';

interface SliderProps {
  label: string;
  value: number;
  range: readonly [number, number];
  /** What it says for a value, for those who hear it. */
  text: (v: number) => string;
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
  const input = useRef<HTMLInputElement>(null);
  const held = useRef(false);
  const position = Math.round((STEPS * (Math.min(hi, Math.max(lo, value)) - lo)) / (hi - lo));
  const at = (e: { currentTarget: HTMLInputElement }): number =>
    lo + ((hi - lo) * Number(e.currentTarget.value)) / STEPS;
  // The thumb belongs to the finger while it is held, and is not drawn by us: a move costs no drawing of the control
  // itself.
  useEffect(() => {
    if (input.current && !held.current) input.current.value = String(position);
  }, [position]);
  const done = (e: { currentTarget: HTMLInputElement }): void => {
    if (!held.current) return;
    held.current = false;
    onDone(at(e));
  };
  return (
    <input
      ref={input}
      type="range"
      min={0}
      max={STEPS}
      step={1}
      defaultValue={position}
      aria-label={label}
      aria-valuetext={text(value)}
      style={{ width: '100%', minHeight: 48, margin: 0, accentColor: p.moss, cursor: 'pointer', touchAction: 'pan-y' }}
      onInput={(e) => {
        held.current = true;
        const v = at(e);
        e.currentTarget.setAttribute('aria-valuetext', text(v));
        onDrag(v);
      }}
      onPointerUp={done}
      onPointerCancel={done}
      onBlur={done}
      onKeyDown={(e) => {
        const way = WAY[e.key];
        if (!way) return;
        e.preventDefault();
        onStep(way);
      }}
    />
  );
}
