/**
 * The notation as a surface to touch: each step a cell as wide as it lasts. A touch takes a step in hand; its right
 * edge stretches it, its body is nudged along the line; arrow keys do the same.
 */
import { useEffect, useRef, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Path, Svg } from '../../platform/shapes';
import { cadenceLengthS, type Cadence } from '../../../core/planning/cadence/cadence';
import { nudgeStep, setLength } from '../../../core/planning/cadence/edit';
import { stepHead, stepText } from '../../../wording/cadence';
import { say } from '../../../wording/units';
import { CADENCE_PAGE } from '../../../wording/pages/cadence';
import { Press } from '../../parts/Press';
import { Say } from '../../parts/Say';
import { useTheme } from '../../theme/theme';
import { BASE, CADENCE_HEIGHT, StepSign } from '../StepSign';

/** Room for the longest name at the usual size of text, px. */
const MIN_PX = 58;
/** Two lines of words below the signs, px. */
const WORDS_PX = 50;
const HANDLE_PX = 30;
/** A finger that moves less than this means a touch, px. */
const DRAG_PX = 8;

export interface SurfaceProps {
  cadence: Cadence;
  at: number;
  onTake: (at: number) => void;
  /** What a finger is making of it, many times a second; null: nothing. */
  onUnder: (cadence: Cadence | null) => void;
  /** A finished change; `at`: the step in hand after it. */
  onChange: (next: Cadence, at: number) => void;
  onKey: (e: { key: string; shiftKey: boolean; altKey: boolean; ctrlKey: boolean; metaKey: boolean }) => boolean;
}

interface Drag {
  kind: 'stretch' | 'nudge';
  x: number;
  from: Cadence;
  at: number;
}

export function Surface({ cadence, at, onTake, onUnder, onChange, onKey }: SurfaceProps) {
  const { p, scale } = useTheme();
  const leastPx = MIN_PX * scale;
  const [width, setWidth] = useState(0);
  // What the finger has made of it so far; becomes a change when the finger lifts.
  const [under, setUnder] = useState<{ cadence: Cadence; at: number } | null>(null);
  useEffect(() => onUnder(under?.cadence ?? null), [under, onUnder]);
  const drag = useRef<Drag | null>(null);
  const shown = under?.cadence ?? cadence;
  const taken = under?.at ?? at;
  const totalS = cadenceLengthS(cadence);
  const perS = Math.max(26, width / Math.max(totalS, 0.1));
  const widths = shown.steps.map((s) => Math.max(leastPx, s.durationS * perS));
  const box = useRef<View>(null);

  const takeByKeys = useRef(false);
  useEffect(() => {
    if (!takeByKeys.current) return;
    takeByKeys.current = false;
    (box.current as unknown as HTMLElement | null)?.querySelectorAll<HTMLElement>('[role="radio"]')[at]?.focus();
  }, [at, cadence]);

  const begin =
    (kind: Drag['kind'], i: number) =>
    (e: { clientX: number; pointerId: number; currentTarget: Element; stopPropagation: () => void }) => {
      e.stopPropagation();
      drag.current = { kind, x: e.clientX, from: cadence, at: i };
      e.currentTarget.setPointerCapture?.(e.pointerId);
    };
  const move = (e: { clientX: number }): void => {
    const d = drag.current;
    if (!d) return;
    const dx = e.clientX - d.x;
    if (!under && Math.abs(dx) < DRAG_PX) return;
    if (d.kind === 'stretch')
      setUnder({ cadence: setLength(d.from, d.at, d.from.steps[d.at]!.durationS + dx / perS), at: d.at });
    else {
      // As many places as the finger has passed the middles of.
      let by = 0;
      let left = dx;
      const step = dx > 0 ? 1 : -1;
      for (let i = d.at + step; i >= 0 && i < d.from.steps.length; i += step) {
        const w = Math.max(leastPx, d.from.steps[i]!.durationS * perS);
        if (Math.abs(left) < w / 2) break;
        by += step;
        left -= step * w;
      }
      setUnder(nudgeStep(d.from, d.at, by));
    }
  };
  const end = (): void => {
    if (drag.current && under) onChange(under.cadence, under.at);
    drag.current = null;
    setUnder(null);
  };
  const key = (
    e:
      | KeyboardEvent
      | {
          key: string;
          shiftKey: boolean;
          altKey: boolean;
          ctrlKey: boolean;
          metaKey: boolean;
          preventDefault: () => void;
        },
  ): void => {
    if (!onKey(e)) return;
    takeByKeys.current = true;
    e.preventDefault();
  };

  return (
    <View
      onLayout={(e) => setWidth(e.nativeEvent.layout.width - 4)}
      style={{
        borderWidth: 2 * p.stroke,
        borderColor: p.edge,
        borderRadius: 14,
        backgroundColor: p.card,
        overflow: 'hidden',
      }}
    >
      <ScrollView horizontal tabIndex={-1} contentContainerStyle={{ minWidth: '100%' }}>
        <View
          ref={box}
          role="radiogroup"
          aria-label={CADENCE_PAGE.steps}
          {...({ onKeyDown: key } as object)}
          style={{ flexDirection: 'row' }}
        >
          {shown.steps.map((s, i) => {
            const w = widths[i]!;
            const on = i === taken;
            return (
              <View key={i} style={{ width: w, borderRightWidth: p.stroke, borderRightColor: p.rule }}>
                <Press
                  as="radio"
                  selected={on}
                  label={`Step ${i + 1}: ${stepText(s)}`}
                  tabIndex={on ? 0 : -1}
                  onPress={() => onTake(i)}
                  {...(on
                    ? ({
                        onPointerDown: begin('nudge', i),
                        onPointerMove: move,
                        onPointerUp: end,
                        onPointerCancel: end,
                      } as object)
                    : {})}
                  style={[
                    {
                      backgroundColor: on ? p.mossWash : 'transparent',
                      height: CADENCE_HEIGHT - 16 + WORDS_PX * scale,
                    },
                    on ? ({ touchAction: 'none', cursor: 'grab' } as object) : null,
                  ]}
                >
                  <Svg width={w} height={CADENCE_HEIGHT - 16} aria-hidden>
                    <Path d={`M0 ${BASE}H${w}`} stroke={p.rule} strokeWidth={1.5 * p.stroke} />
                    <StepSign step={{ ...s, handleTurns: s.handleTurns ?? 0 }} x0={4} x1={w - 7} />
                  </Svg>
                  <View style={{ alignItems: 'center', paddingHorizontal: 2 }}>
                    <Say kind="label" numberOfLines={1}>
                      {stepHead(s)}
                    </Say>
                    <Say kind="label" tone="soft" numberOfLines={1}>
                      {say.seconds(s.durationS)}
                    </Say>
                  </View>
                </Press>
                {on ? (
                  <View
                    aria-hidden
                    {...({
                      onPointerDown: begin('stretch', i),
                      onPointerMove: move,
                      onPointerUp: end,
                      onPointerCancel: end,
                    } as object)}
                    style={[
                      {
                        position: 'absolute',
                        right: 0,
                        top: 0,
                        bottom: 0,
                        width: Math.min(HANDLE_PX, w / 2.4),
                        alignItems: 'flex-end',
                      },
                      { touchAction: 'none', cursor: 'ew-resize' } as object,
                    ]}
                  >
                    <View style={{ width: 5, flex: 1, backgroundColor: p.moss }} />
                  </View>
                ) : null}
              </View>
            );
          })}
        </View>
      </ScrollView>
    </View>
  );
}
