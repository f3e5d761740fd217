/** What lies on the plan of the spots: shores, lines of one depth, pins, marks and their names. */
import { useMemo } from 'react';
import type { Degrees } from '../../../core/base/ground';
import { spotSigns } from '../../../core/forecast/spots';
import type { Shore } from '../../../core/records/shore';
import type { Spot } from '../../../core/records/spot';
import { PIN_NAME } from '../../../wording/pins';
import { say } from '../../../wording/units';
import { Circle, G, Path } from '../../platform/shapes';
import { Halo } from '../../section/Halo';
import { useTheme } from '../../theme/theme';
import type { Drawing } from './drawing';
import { labelsThatFit, pixelOf, type PlanFrame } from './frame';

/** Drawn beyond the edges on each side, as a share of the picture: what comes into sight while it is moved. */
export const BEYOND = 0.6;
/** More marks than this in the picture are small. */
const CROWD = 80;

/** A shore as a path. */
function ShoreLine({
  points,
  closed,
  at,
  colour,
  deep = false,
}: {
  points: readonly Degrees[];
  closed: boolean;
  at: (x: Degrees) => readonly [number, number];
  colour: string;
  /** A line of one depth: thin and dashed. */
  deep?: boolean;
}) {
  const d = points
    .map((x) =>
      at(x)
        .map((v) => v.toFixed(1))
        .join(' '),
    )
    .join('L');
  return (
    <Path
      d={`M${d}${closed ? 'Z' : ''}`}
      stroke={colour}
      strokeWidth={deep ? 2 : 5}
      strokeLinejoin="round"
      strokeLinecap="round"
      fill="none"
      {...(deep ? { strokeDasharray: '7 5' } : {})}
    />
  );
}

/** The shores, the marks and names, drawn anew only when the frame or one of them changes. */
export function Marks({
  spots,
  shores,
  drawn,
  selectedId,
  frame,
  width,
  height,
}: {
  spots: readonly Spot[];
  shores: readonly Shore[];
  drawn: Drawing | undefined;
  selectedId: string | null;
  frame: PlanFrame;
  width: number;
  height: number;
}) {
  const { p, units } = useTheme();
  const [mx, my] = [width * BEYOND, height * BEYOND];
  const marks = useMemo(
    () =>
      spots
        .map((s) => ({ id: s.id, name: s.name, full: spotSigns(s) >= 3, at: pixelOf(s, frame, width, height) }))
        .filter(({ at: [x, y] }) => x > -mx && x < width + mx && y > -my && y < height + my)
        // The one in hand has its name first.
        .sort((a, b) => Number(b.id === selectedId) - Number(a.id === selectedId)),
    [spots, frame, width, height, selectedId, mx, my],
  );
  const at = (x: Degrees): readonly [number, number] => pixelOf(x, frame, width, height);
  const pins = spots.find((s) => s.id === selectedId)?.pins ?? [];
  const labels = useMemo(() => labelsThatFit(marks, width, height), [marks, width, height]);
  return (
    <G transform={`translate(${mx} ${my})`}>
      {shores.map((s) => (
        <ShoreLine
          key={s.id}
          points={s.points}
          closed={s.closed}
          deep={s.depthM !== null}
          at={at}
          colour={p.dark ? p.soft : p.peat}
        />
      ))}
      {shores.map((s) => {
        if (s.depthM === null) return null;
        const [x, y] = at(s.points[Math.floor(s.points.length / 2)]!);
        return <Halo key={s.id} x={x} y={y + 5} size={13} text={say.depth(s.depthM, units)} anchor="middle" />;
      })}
      {drawn && drawn.points.length > 0 ? (
        <>
          <ShoreLine points={drawn.points} closed={drawn.of?.closed ?? false} at={at} colour={p.copper} />
          {drawn.points.map((x, i) => {
            const [cx, cy] = at(x);
            const held = i === drawn.held;
            return (
              <Circle
                key={i}
                cx={cx}
                cy={cy}
                r={held ? 9 : 5}
                fill={held ? p.onWater : p.copper}
                stroke={held ? p.copper : p.onWater}
                strokeWidth={held ? 3 : 1.5}
              />
            );
          })}
        </>
      ) : null}
      {pins.map((pin, i) => {
        const [x, y] = at(pin);
        return (
          <G key={i}>
            <Path
              d={`M${x} ${y}l-5 -9h10Z`}
              fill={p.copper}
              stroke={p.onWater}
              strokeWidth={1.5}
              strokeLinejoin="round"
            />
            <Halo x={x + 8} y={y - 2} size={13} text={pin.name === '' ? PIN_NAME[pin.kind] : pin.name} />
          </G>
        );
      })}
      {marks.map(({ id, full, at: [x, y] }) => (
        <Circle
          key={id}
          cx={x}
          cy={y}
          r={id === selectedId ? 10 : marks.length > CROWD ? 4 : 7}
          fill={id === selectedId ? p.copper : full ? p.onWater : p.water[1]}
          stroke={id === selectedId ? p.onWater : p.halo === p.onWater ? p.ink : p.onWater}
          strokeWidth={marks.length > CROWD ? 1.5 : 2.5}
        />
      ))}
      {labels.map((l) => (
        <Halo key={l.id} x={l.x} y={l.y} size={14} text={l.text} />
      ))}
    </G>
  );
}
