/** A piece of cover drawn corner by corner on squared paper, as one looks at it from open water. */
import { useState } from 'react';
import { View } from 'react-native';
import { clamp, roundTo } from '../../core/base/numbers';
import { canBeSketched, laidDown, outlineOf, sizeOf } from '../../core/castplan/outline';
import { isEdge, type Point } from '../../core/castplan/shape';
import { MAX_OUTLINE, type Piece } from '../../core/records/piece';
import { PIECE_LENGTH_M, PIECE_WIDTH_M } from '../../core/water/pieces';
import { crossText, SKETCH, sketchedText } from '../../wording/pages/sketch';
import { FT, say, type UnitPrefs } from '../../wording/units';
import { Part, Row } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { Circle, Path, Rect, Svg } from '../platform/shapes';
import { Halo } from '../section/Halo';
import { useTheme } from '../theme/theme';

type Drawn = Pick<Piece, 'kind' | 'lengthM' | 'widthM' | 'outline'>;
type Sketch = Pick<Piece, 'lengthM' | 'widthM' | 'outline'>;

const SQUARES = 10;
const HEIGHT_PX = 300;
const within = (v: number, [least, most]: readonly [number, number]): number => roundTo(clamp(v, least, most), 2);
/** A drawn piece begins so far above the lower edge of the paper, as a share of it. */
const FROM_BELOW = 0.2;

/** How high the paper may be, m: round numbers in either unit. */
const papers = (u: UnitPrefs): readonly number[] =>
  u.depth === 'ft' ? [30 * FT, 60 * FT, 120 * FT, 300 * FT] : [10, 20, 40, 100];

export interface SketchFieldProps {
  label: string;
  value: Drawn;
  onChange: (v: Sketch) => void;
}

export function SketchField({ label, value, onChange }: SketchFieldProps) {
  const { p, units } = useTheme();
  const edge = isEdge(value.kind);
  const kept = outlineOf(value)?.points ?? null;
  const [highM, setHighM] = useState(
    () =>
      papers(units).find((m) => m * (1 - 1.5 * FROM_BELOW) >= Math.max(value.lengthM, value.widthM)) ??
      papers(units).at(-1)!,
  );
  const [width, setWidth] = useState(0);
  /** Corners before there are three; then they stand in the record. */
  const [loose, setLoose] = useState<readonly Point[]>([]);
  const wideM = width > 0 ? (highM * width) / HEIGHT_PX : highM;
  /** Where the begin of the piece lies on the paper, as up and across; null: not drawn here yet. */
  const [from, setFrom] = useState<Point | null>(null);
  const begin = from ?? {
    x: edge ? (wideM - value.lengthM) / 2 : FROM_BELOW * highM,
    y: edge ? FROM_BELOW * highM : wideM / 2,
  };
  const corners: readonly Point[] = kept ? kept.map((c) => ({ x: c.x + begin.x, y: c.y + begin.y })) : loose;
  const [cross, setCross] = useState<Point | null>(null);
  const at = cross ?? { x: edge ? wideM / 2 : FROM_BELOW * highM, y: edge ? FROM_BELOW * highM : wideM / 2 };
  const perM = HEIGHT_PX / highM;
  /** Up and across the paper are in and to the right; an edge lies across it. */
  const pixel = ({ x, y }: Point): readonly [number, number] =>
    edge ? [x * perM, HEIGHT_PX - y * perM] : [y * perM, HEIGHT_PX - x * perM];
  const placeAt = (px: number, py: number): Point => {
    const [across, up] = [px / perM, (HEIGHT_PX - py) / perM];
    return edge ? { x: across, y: up } : { x: up, y: across };
  };
  const draw = (points: readonly Point[]): void => {
    if (points.length < 3) {
      setLoose(points);
      if (value.outline) onChange({ lengthM: value.lengthM, widthM: value.widthM, outline: null });
      return;
    }
    const { outline, from: now } = laidDown(points, edge);
    const size = sizeOf(outline);
    setFrom(now);
    onChange({
      lengthM: within(size.lengthM, PIECE_LENGTH_M),
      widthM: within(size.widthM, PIECE_WIDTH_M),
      outline: outline.map((c) => ({ x: roundTo(c.x, 2), y: roundTo(c.y, 2) })),
    });
  };
  /** What was wiped off last, while nothing was drawn since. */
  const [wiped, setWiped] = useState<readonly Point[] | null>(null);
  const full = corners.length >= MAX_OUTLINE;
  const putAt = (c: Point): void => {
    setCross(c);
    if (!full) draw([...corners, c]);
  };
  const takeLast = (): void => draw(corners.slice(0, -1));
  const stepM = highM / SQUARES / 2;
  const surface = {
    onClick: (e: MouseEvent & { currentTarget: HTMLElement }) => {
      const box = e.currentTarget.getBoundingClientRect();
      putAt(placeAt(e.clientX - box.left, e.clientY - box.top));
    },
    onKeyDown: (e: KeyboardEvent) => {
      const way: Record<string, readonly [number, number]> = {
        ArrowLeft: [-1, 0],
        ArrowRight: [1, 0],
        ArrowUp: [0, -1],
        ArrowDown: [0, 1],
      };
      const move = way[e.key];
      if (move) {
        const [x, y] = pixel(at);
        setCross(placeAt(clamp(x + move[0] * stepM * perM, 0, width), clamp(y + move[1] * stepM * perM, 0, HEIGHT_PX)));
      } else if (e.key === 'Enter' || e.key === ' ') putAt(at);
      else if (e.key === 'Backspace') takeLast();
      else return;
      e.preventDefault();
    },
  };
  if (!canBeSketched(value.kind)) return null;
  const path = corners
    .map((c) =>
      pixel(c)
        .map((v) => v.toFixed(1))
        .join(' '),
    )
    .join('L');
  const [cx, cy] = pixel(at);
  const square = HEIGHT_PX / SQUARES;
  const told =
    corners.length === 0
      ? SKETCH.none
      : kept
        ? sketchedText(corners.length, value.lengthM, value.widthM, units)
        : SKETCH.few(corners.length);
  return (
    <Part title={label}>
      <Say kind="label" tone="soft">
        {SKETCH.how}
      </Say>
      <View
        style={{ height: HEIGHT_PX, maxWidth: 720, borderRadius: 12, overflow: 'hidden', backgroundColor: p.water[0] }}
        onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}
      >
        <View
          {...({
            ...surface,
            tabIndex: 0,
            role: 'application',
            style: { position: 'absolute', inset: 0, touchAction: 'manipulation', cursor: 'crosshair' },
          } as object)}
          aria-label={crossText(edge ? at.y : at.x, edge ? at.x : at.y, corners.length, units)}
        >
          <Svg width={width} height={HEIGHT_PX}>
            <Path
              d={[
                ...Array.from({ length: SQUARES }, (_, i) => `M0 ${(i + 1) * square}H${width}`),
                ...Array.from({ length: Math.ceil(width / square) }, (_, i) => `M${i * square} 0V${HEIGHT_PX}`),
              ].join('')}
              stroke={p.water[1]}
              strokeWidth={1}
            />
            <Rect x={0} y={HEIGHT_PX - 4} width={width} height={4} fill={p.water[3]} />
            {corners.length > 1 ? (
              <Path
                d={`M${path}${kept ? 'Z' : ''}`}
                stroke={p.copper}
                strokeWidth={3}
                strokeLinejoin="round"
                fill={kept ? p.coverFar : 'none'}
                fillOpacity={0.7}
              />
            ) : null}
            {corners.map((c, i) => {
              const [x, y] = pixel(c);
              return <Circle key={i} cx={x} cy={y} r={5} fill={p.copper} stroke={p.onCopper} strokeWidth={1.5} />;
            })}
            <Path d={`M${cx - 10} ${cy}h20M${cx} ${cy - 10}v20`} stroke={p.ink} strokeWidth={1.5} />
            <Halo x={width / 2} y={HEIGHT_PX - 10} size={14} text={SKETCH.water} anchor="middle" />
          </Svg>
        </View>
      </View>
      <Say role="status">{full ? `${told} ${SKETCH.full}` : told}</Say>
      <Say kind="label" tone="soft">
        {SKETCH.square(say.distance(highM / SQUARES, units))}
      </Say>
      <Row gap={8} wrap>
        <Button title={SKETCH.takeLast} disabled={corners.length === 0} onPress={takeLast} />
        {wiped && corners.length === 0 ? (
          <Button title={SKETCH.bringBack} onPress={() => draw(wiped)} />
        ) : (
          <Button
            title={SKETCH.wipe}
            disabled={corners.length === 0}
            onPress={() => {
              setWiped(corners);
              draw([]);
            }}
          />
        )}
      </Row>
      <Say kind="strong">{SKETCH.paper}</Say>
      <Choices
        label={SKETCH.paper}
        options={papers(units).map((m) => ({ value: String(m), title: say.distance(m, units) }))}
        value={String(highM)}
        onChange={(v) => {
          setHighM(Number(v));
          setFrom(null);
          setCross(null);
        }}
      />
    </Part>
  );
}
