/**
 * The spots of a water from above, in metres, without a map: moved with a finger, the mouse or the arrow keys, closer
 * and further by keys, wheel or two fingers. While it is moved, only the finished picture is shifted.
 */
import { useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { middleOf, type Degrees } from '../../../core/base/ground';
import type { Shore } from '../../../core/records/shore';
import type { Spot } from '../../../core/records/spot';
import { capital } from '../../../wording/names';
import { planLabel, SPOT_PLAN } from '../../../wording/places';
import { say } from '../../../wording/units';
import { Button } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { G, Path, Rect, Svg } from '../../platform/shapes';
import { Halo } from '../../section/Halo';
import { useTheme } from '../../theme/theme';
import type { Drawing } from './drawing';
import { clampScale, fitAll, movedBy, pixelOf, roundLengthM, type PlanFrame } from './frame';
import { BEYOND, Marks } from './Marks';

const HEIGHT_PX = 340;
const STEP = 1.5;
/** Close over a spot some eighty metres are across a phone. */
const CLOSE_M_PER_PX = 0.22;
const KEY_PX = 40;
/** A touch that moves no further than this picks a spot, the nearest within reach of it, px. */
const STILL_PX = 7;
const REACH_PX = 26;
/** A point of a line lies close to the next: a touch on it is nearer. */
const POINT_REACH_PX = 14;
const WHEEL = 0.002;
/** Lengths that a scale is round in, m. */
const YARD_M = 0.9144;
const MILE_M = 1609.344;

interface SpotsPlanProps {
  spots: readonly Spot[];
  shores: readonly Shore[];
  /** The line that is being drawn. */
  drawn?: Drawing;
  selectedId: string | null;
  onSelect: (id: string | null) => void;
  /** Instead of picking a spot: a touch says where, and which point of the line that is drawn it touched. */
  onPoint?: (at: Degrees, near: number | null) => void;
  /** Where the one in hand is to be put: a cross stands in the middle, and this is told where it is. */
  onMiddle?: (at: Degrees) => void;
  /** Where a plan with nothing on it begins: the water's own position. */
  from: Degrees | null;
  /** It begins close over this place; absent: with everything in sight. */
  closeOver?: Degrees;
  /** Where the wind comes from, ° from north, and how it is told; absent: nobody knows. */
  wind?: { fromDeg: number; text: string };
}

export function SpotsPlan({
  spots,
  shores,
  drawn,
  selectedId,
  onSelect,
  onPoint,
  onMiddle,
  from,
  closeOver,
  wind,
}: SpotsPlanProps) {
  const { p, units } = useTheme();
  const [width, setWidth] = useState(0);
  const [frame, setFrame] = useState<PlanFrame | null>(
    closeOver ? { middle: { latDeg: closeOver.latDeg, lonDeg: closeOver.lonDeg }, mPerPx: CLOSE_M_PER_PX } : null,
  );
  const height = HEIGHT_PX;
  const sheet = useRef<View>(null);
  const fingers = useRef(new Map<number, readonly [number, number]>());
  const held = useRef<{ from: readonly [number, number]; span: number; moved: boolean } | null>(null);
  const all = useMemo(() => {
    const places = [...spots, ...shores.flatMap((s) => s.points)];
    const middle = middleOf(places) ?? from;
    return middle && width > 0 ? fitAll(places, middle, width, height) : null;
  }, [spots, shores, from, width, height]);
  const f = frame ?? all;
  const tells = onMiddle !== undefined;
  const told = useRef(onMiddle);
  useEffect(() => {
    told.current = onMiddle;
  });
  const last = useRef<Degrees | null>(null);
  // Where the cross stands is told when it begins to matter, and whenever it has moved: who is told draws this anew.
  useEffect(() => {
    const at = tells && f ? f.middle : null;
    if (at && (at.latDeg !== last.current?.latDeg || at.lonDeg !== last.current.lonDeg)) told.current?.(at);
    last.current = at;
  }, [tells, f]);

  /** Shows the sheet shifted and scaled about the middle of the fingers, without drawing it anew. */
  const shift = (dx: number, dy: number, scale: number): void => {
    const style = (sheet.current as unknown as HTMLElement | null)?.style;
    if (style)
      style.transform = dx === 0 && dy === 0 && scale === 1 ? '' : `translate(${dx}px, ${dy}px) scale(${scale})`;
  };
  const zoom = (by: number): void => {
    if (f) setFrame({ ...f, mPerPx: clampScale(f.mPerPx * by) });
  };
  const middleOfFingers = (): readonly [number, number] => {
    const at = [...fingers.current.values()];
    return [at.reduce((s, a) => s + a[0], 0) / at.length, at.reduce((s, a) => s + a[1], 0) / at.length];
  };
  const spanOfFingers = (): number => {
    const [a, b] = [...fingers.current.values()];
    return a && b ? Math.hypot(a[0] - b[0], a[1] - b[1]) : 0;
  };
  const grip = (): void => {
    held.current = { from: middleOfFingers(), span: spanOfFingers(), moved: held.current?.moved ?? false };
  };
  /** Where the fingers have brought the sheet since they took hold. */
  const pulled = (): { dx: number; dy: number; scale: number } => {
    const h = held.current!;
    const [x, y] = middleOfFingers();
    const span = spanOfFingers();
    return { dx: x - h.from[0], dy: y - h.from[1], scale: h.span > 0 && span > 0 ? span / h.span : 1 };
  };
  const settle = (): void => {
    if (!f || !held.current) return;
    const { dx, dy, scale } = pulled();
    shift(0, 0, 1);
    if (dx === 0 && dy === 0 && scale === 1) return;
    setFrame({ ...movedBy(f, -dx, -dy), mPerPx: clampScale(f.mPerPx / scale) });
  };
  const pick = (x: number, y: number): void => {
    if (!f) return;
    /** Which of them was touched. */
    const touched = (of: readonly Degrees[], reach: number): number | null => {
      const far = of.map((s) => {
        const [sx, sy] = pixelOf(s, f, width, height);
        return Math.hypot(sx - x, sy - y);
      });
      const nearest = Math.min(...far);
      return nearest <= reach ? far.indexOf(nearest) : null;
    };
    if (onPoint) {
      onPoint(movedBy(f, x - width / 2, y - height / 2).middle, touched(drawn?.points ?? [], POINT_REACH_PX));
      return;
    }
    const near = touched(spots, REACH_PX);
    onSelect(near === null ? null : spots[near]!.id);
  };
  const point = (e: PointerEvent): readonly [number, number] => [e.clientX, e.clientY];
  const surface = {
    onPointerDown: (e: PointerEvent & { currentTarget: HTMLElement }) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      if (fingers.current.size > 0) settle();
      fingers.current.set(e.pointerId, point(e));
      grip();
    },
    onPointerMove: (e: PointerEvent) => {
      if (!fingers.current.has(e.pointerId) || !held.current) return;
      fingers.current.set(e.pointerId, point(e));
      const { dx, dy, scale } = pulled();
      if (Math.hypot(dx, dy) > STILL_PX || fingers.current.size > 1) held.current.moved = true;
      if (held.current.moved) shift(dx, dy, scale);
    },
    onPointerUp: (e: PointerEvent & { currentTarget: HTMLElement }) => {
      if (!fingers.current.has(e.pointerId) || !held.current) return;
      const still = !held.current.moved && fingers.current.size === 1;
      if (!still) settle();
      fingers.current.delete(e.pointerId);
      if (fingers.current.size > 0) grip();
      else held.current = null;
      if (!still) return;
      const box = e.currentTarget.getBoundingClientRect();
      pick(e.clientX - box.left, e.clientY - box.top);
    },
    onPointerCancel: (e: PointerEvent) => {
      shift(0, 0, 1);
      fingers.current.delete(e.pointerId);
      held.current = null;
    },
    onWheel: (e: WheelEvent) => {
      // The wheel alone goes down the page; two fingers on a touch pad, or the control key, bring it closer.
      if (!e.ctrlKey) return;
      e.preventDefault();
      zoom(Math.exp(e.deltaY * WHEEL));
    },
    onKeyDown: (e: KeyboardEvent) => {
      if (!f) return;
      const way: Record<string, readonly [number, number]> = {
        ArrowLeft: [-KEY_PX, 0],
        ArrowRight: [KEY_PX, 0],
        ArrowUp: [0, -KEY_PX],
        ArrowDown: [0, KEY_PX],
      };
      const move = way[e.key];
      if (move) setFrame(movedBy(f, e.shiftKey ? move[0] / 8 : move[0], e.shiftKey ? move[1] / 8 : move[1]));
      else if (e.key === '+' || e.key === '=') zoom(1 / STEP);
      else if (e.key === '-') zoom(STEP);
      else if (e.key === '0') setFrame(null);
      else return;
      e.preventDefault();
    },
  };
  const roomM = f ? f.mPerPx * width * 0.4 : 0;
  const scaleM = f ? roundLengthM(roomM, units.depth === 'ft' ? (roomM < MILE_M / 2 ? YARD_M : MILE_M) : 1) : 0;
  return (
    <View style={{ gap: 8 }}>
      <View
        style={{ height, borderRadius: 12, overflow: 'hidden', backgroundColor: p.water[1] }}
        onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}
      >
        {f ? (
          <View
            {...({
              ...surface,
              tabIndex: 0,
              role: 'application',
              style: { position: 'absolute', inset: 0, touchAction: 'none', userSelect: 'none', cursor: 'grab' },
            } as object)}
            aria-label={`${planLabel(spots.length, say.far(f.mPerPx * width, units))}${wind ? ` ${capital(wind.text)}.` : ''}`}
          >
            <View
              ref={sheet}
              style={{
                position: 'absolute',
                left: -width * BEYOND,
                top: -height * BEYOND,
                width: width * (1 + 2 * BEYOND),
                height: height * (1 + 2 * BEYOND),
              }}
            >
              <Svg width={width * (1 + 2 * BEYOND)} height={height * (1 + 2 * BEYOND)}>
                <Marks
                  spots={spots}
                  shores={shores}
                  drawn={drawn}
                  selectedId={selectedId}
                  frame={f}
                  width={width}
                  height={height}
                />
              </Svg>
            </View>
            <View style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}>
              <Svg width={width} height={height}>
                {onMiddle ? (
                  <Path
                    d={`M${width / 2 - 18} ${height / 2}h36M${width / 2} ${height / 2 - 18}v36`}
                    stroke={p.copper}
                    strokeWidth={3}
                  />
                ) : null}
                <Path d="M22 40V14M15 22l7-9 7 9" stroke={p.onWater} strokeWidth={2.5} fill="none" />
                <Halo x={22} y={56} size={13} text="N" anchor="middle" />
                {wind ? <WindOnPlan {...wind} colour={p.onWater} /> : null}
                <Rect x={14} y={height - 20} width={scaleM / f.mPerPx} height={4} fill={p.onWater} />
                <Halo x={14} y={height - 28} size={14} text={say.far(scaleM, units)} />
              </Svg>
            </View>
          </View>
        ) : null}
      </View>
      {spots.length === 0 ? <Say>{SPOT_PLAN.none}</Say> : null}
      {f ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <Button title="Closer" onPress={() => zoom(1 / STEP)} />
          <Button title="Further" onPress={() => zoom(STEP)} />
          <Button title="All of them" onPress={() => setFrame(null)} />
        </View>
      ) : null}
    </View>
  );
}

/** The wind as an arrow that flies with it, beside north. */
const WindOnPlan = ({ fromDeg, text, colour }: { fromDeg: number; text: string; colour: string }) => (
  <G>
    <G transform={`translate(62 27) rotate(${fromDeg})`}>
      <Path
        d="M0 -14V14M-6 6L0 14L6 6M0 -14L-5 -19M0 -8L-5 -13"
        stroke={colour}
        strokeWidth={2.5}
        strokeLinecap="round"
        fill="none"
      />
    </G>
    <Halo x={84} y={32} size={13} text={text} />
  </G>
);
