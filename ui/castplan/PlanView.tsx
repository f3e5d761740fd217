/** A piece of cover from above, with where one stands and the casts in their order. */
import { growsFromBank, isEdge, lengthOf, onLand, targetsOf, type Point } from '../../core/castplan/shape';
import { flowOf } from '../../core/castplan/casts';
import { isFromBank } from '../../core/castplan/stands';
import type { CastPlan } from '../../core/castplan/plan';
import type { Piece } from '../../core/records/piece';
import type { Access } from '../../core/water/terms';
import { CAST_PLAN, planViewText } from '../../wording/castPlan';
import { say } from '../../wording/units';
import { Circle, G, Path, Rect, Svg, SvgText } from '../platform/shapes';
import { FONT, useTheme } from '../theme/theme';
import type { Palette } from '../theme/palette';

/** Around what is drawn, m. */
const MARGIN_M = 2.5;
/** A number in its disc, px. */
const DISC_PX = 11;

interface Frame {
  /** Of a place on the plan, px. */
  at: (p: Point) => readonly [number, number];
  perM: number;
}

/**
 * A piece as it is looked at: from open water what is further in is higher up, from the bank the other way round; an
 * edge lies across.
 */
function frameOf(piece: Piece, points: readonly Point[], fromBank: boolean, width: number, height: number): Frame {
  const way = fromBank ? -1 : 1;
  const turned = (p: Point): readonly [number, number] =>
    isEdge(piece.kind) ? [way * p.x, way * p.y] : [way * p.y, way * p.x];
  const all = points.map(turned);
  const [x0, x1] = [Math.min(...all.map(([x]) => x)) - MARGIN_M, Math.max(...all.map(([x]) => x)) + MARGIN_M];
  const [y0, y1] = [Math.min(...all.map(([, y]) => y)) - MARGIN_M, Math.max(...all.map(([, y]) => y)) + MARGIN_M];
  const perM = Math.min(width / (x1 - x0), height / (y1 - y0));
  const [left, low] = [(width - perM * (x1 - x0)) / 2, (height - perM * (y1 - y0)) / 2];
  return {
    perM,
    at: (p) => {
      const [x, y] = turned(p);
      return [left + perM * (x - x0), height - low - perM * (y - y0)];
    },
  };
}

/** What is written and ruled on the water. */
const faint = (p: Palette): string => (p.dark ? p.ink : p.halo);

const line = (f: Frame, points: readonly Point[]): string =>
  points
    .map(
      (p, i) =>
        `${i === 0 ? 'M' : 'L'}${f
          .at(p)
          .map((v) => v.toFixed(1))
          .join(' ')}`,
    )
    .join('');

/** The piece itself, by its kind. */
function PieceDrawing({ piece, f, p }: { piece: Piece; f: Frame; p: Palette }) {
  const [L, W] = [lengthOf(piece), piece.widthM];
  const path = (points: readonly Point[], closed = true): string => line(f, points) + (closed ? 'Z' : '');
  const box = (x0: number, x1: number, y0: number, y1: number): Point[] => [
    { x: x0, y: y0 },
    { x: x1, y: y0 },
    { x: x1, y: y1 },
    { x: x0, y: y1 },
  ];
  const oval = Array.from({ length: 28 }, (_, i) => {
    const a = (i / 28) * 2 * Math.PI;
    const rough = 1 + 0.06 * Math.sin(5 * a) + 0.04 * Math.cos(9 * a);
    return { x: L / 2 + (L / 2) * rough * Math.cos(a), y: (W / 2) * rough * Math.sin(a) };
  });
  switch (piece.kind) {
    case 'laydown':
      return (
        <G stroke={p.cover} strokeLinecap="round" fill="none">
          <Path
            d={path(
              [
                { x: 0, y: 0 },
                { x: L, y: 0 },
              ],
              false,
            )}
            strokeWidth={6}
          />
          {[0.06, 0.22, 0.4, 0.56, 0.72].flatMap((x, i) =>
            [-1, 1].map((side) => (
              <Path
                key={`${i} ${side}`}
                d={path(
                  [
                    { x: (x + 0.12) * L, y: 0 },
                    { x: (x + 0.03) * L, y: side * (W / 2) * (0.62 - 0.35 * x) },
                    { x: (x - 0.03) * L, y: side * (W / 2) * (1.02 - 0.6 * x) },
                  ],
                  false,
                )}
                strokeWidth={3 - i * 0.3}
              />
            )),
          )}
        </G>
      );
    case 'dock':
      return (
        <G>
          <Path d={path(box(0, L, -W / 2, W / 2))} fill={p.coverFar} stroke={p.cover} strokeWidth={2} />
          {Array.from({ length: 7 }, (_, i) => (
            <Path
              key={i}
              d={path(
                [
                  { x: ((i + 1) / 8) * L, y: -W / 2 },
                  { x: ((i + 1) / 8) * L, y: W / 2 },
                ],
                false,
              )}
              stroke={p.cover}
              strokeWidth={1}
            />
          ))}
        </G>
      );
    case 'jetty':
      return <Path d={path(box(0, L + 4, -W / 2, W / 2))} fill={p.peatLine} stroke={p.peat} strokeWidth={2} />;
    case 'brush-pile':
    case 'rock-pile':
    case 'oyster-bar':
      return (
        <G>
          <Path
            d={path(oval)}
            fill={piece.kind === 'brush-pile' ? p.coverFar : p.peatLine}
            stroke={p.cover}
            strokeWidth={2}
            strokeDasharray={piece.kind === 'brush-pile' ? '4 3' : undefined}
          />
          {piece.kind === 'oyster-bar' && piece.gaps ? (
            <Path d={path(box(L * 0.46, L * 0.54, -W * 0.7, W * 0.7))} fill={p.water[1]} />
          ) : null}
        </G>
      );
    case 'pads-edge':
    case 'grass-line':
      return (
        <G>
          <Path d={path(box(0, L, 0, W))} fill={p.moss} opacity={piece.kind === 'pads-edge' ? 0.75 : 0.5} />
          {piece.gaps
            ? [0.33, 0.67].map((x) => {
                const [cx, cy] = f.at({ x: x * L, y: 0.3 * W });
                return <Circle key={x} cx={cx} cy={cy} r={Math.max(6, f.perM * 1.2)} fill={p.water[1]} />;
              })
            : null}
        </G>
      );
    case 'point':
      return (
        <G>
          {[1, 0.72, 0.45].map((k) => (
            <Path
              key={k}
              d={path([
                { x: L * (1 - k), y: 0 },
                { x: L * (1 - 0.55 * k), y: (-W / 2) * k },
                { x: L + 4, y: (-W / 2) * k },
                { x: L + 4, y: (W / 2) * k },
                { x: L * (1 - 0.55 * k), y: (W / 2) * k },
              ])}
              fill={p.water[0]}
              opacity={0.45}
              stroke={p.water[2]}
              strokeWidth={1}
            />
          ))}
        </G>
      );
    case 'ledge':
      return (
        <G>
          <Path d={path(box(-3, L + 3, 0, W))} fill={p.water[0]} opacity={0.7} />
          <Path
            d={path(
              [
                { x: -3, y: 0 },
                { x: L + 3, y: 0 },
              ],
              false,
            )}
            stroke={p.water[3]}
            strokeWidth={2.5}
          />
          <Path
            d={path(
              [
                { x: -3, y: W / 2 },
                { x: L + 3, y: W / 2 },
              ],
              false,
            )}
            stroke={p.water[2]}
            strokeWidth={1}
            strokeDasharray="5 4"
          />
        </G>
      );
    case 'seam':
      return (
        <Path
          d={path(
            Array.from({ length: 25 }, (_, i) => ({ x: -2 + ((L + 4) * i) / 24, y: 0.35 * Math.sin(i * 1.3) })),
            false,
          )}
          stroke={p.onWater}
          strokeWidth={3}
          fill="none"
        />
      );
    case 'bed': {
      const [cx, cy] = f.at({ x: L / 2, y: 0 });
      return (
        <Circle cx={cx} cy={cy} r={Math.max(10, (f.perM * W) / 2)} fill={p.zone} stroke={p.peatLine} strokeWidth={2} />
      );
    }
  }
}

/** The bank that the piece begins on. */
function Bank({ piece, f, p, width, height }: { piece: Piece; f: Frame; p: Palette; width: number; height: number }) {
  if (!growsFromBank(piece.kind)) return null;
  const [, y] = f.at({ x: lengthOf(piece), y: 0 });
  const below = f.at({ x: lengthOf(piece) + 1, y: 0 })[1] > y;
  const [from, to] = below ? [y, height] : [0, y];
  return <Rect x={0} y={from} width={width} height={Math.max(0, to - from)} fill={p.peatLine} opacity={0.85} />;
}

/** The current, as an arrow in the corner. */
function FlowArrow({ piece, f, p }: { piece: Piece; f: Frame; p: Palette }) {
  const flow = flowOf(piece);
  if (!flow) return null;
  const [ax, ay] = f.at({ x: 0, y: 0 });
  const [bx, by] = f.at(flow);
  const far = Math.hypot(bx - ax, by - ay) || 1;
  const [ux, uy] = [(bx - ax) / far, (by - ay) / far];
  const at = (along: number, side: number): string =>
    `${(30 + along * ux - side * uy).toFixed(1)} ${(30 + along * uy + side * ux).toFixed(1)}`;
  return (
    <Path
      d={`M${at(-16, 0)}L${at(16, 0)}M${at(7, -7)}L${at(16, 0)}L${at(7, 7)}`}
      stroke={p.onWater}
      strokeWidth={3}
      fill="none"
      strokeLinecap="round"
    />
  );
}

interface PlanViewProps {
  piece: Piece;
  plan: CastPlan;
  access: Access;
  width: number;
  height: number;
  /** So many casts are numbered; the others have a dot. */
  numbered?: number;
  /** Beside words that tell it all: without its scale and the arrow of the current. */
  small?: boolean;
}

export function PlanView({ piece, plan, access, width, height, numbered = 10, small = false }: PlanViewProps) {
  const { p, units } = useTheme();
  const { stand, casts } = plan;
  const f = frameOf(
    piece,
    [
      stand,
      { x: 0, y: -piece.widthM / 2 },
      { x: lengthOf(piece), y: piece.widthM / 2 },
      { x: 0, y: 0 },
      ...casts.flatMap((c) => [c.target, c.landing]),
    ],
    isFromBank(access),
    width,
    height,
  );
  const [sx, sy] = f.at(stand);
  const onBank = growsFromBank(piece.kind) && onLand(piece, stand);
  const gone = targetsOf(piece).filter((t) => !casts.some((c) => c.target.id === t.id));
  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={planViewText(piece, plan, access, units)}
    >
      <Rect x={0} y={0} width={width} height={height} fill={p.water[1]} />
      <Bank piece={piece} f={f} p={p} width={width} height={height} />
      <PieceDrawing piece={piece} f={f} p={p} />
      {casts.map((c, i) => {
        const [x, y] = f.at(c.landing);
        return (
          <Path
            key={c.target.id}
            d={`M${sx.toFixed(1)} ${sy.toFixed(1)}L${x.toFixed(1)} ${y.toFixed(1)}`}
            stroke={i === 0 ? p.copper : faint(p)}
            strokeWidth={i === 0 ? 3 : 1}
            strokeDasharray={i === 0 ? undefined : '3 4'}
            opacity={i === 0 ? 1 : 0.55}
          />
        );
      })}
      {gone.map((g) => {
        const [x, y] = f.at(g);
        return <Circle key={g.id} cx={x} cy={y} r={4} fill={p.water[2]} stroke={p.card} strokeWidth={1} />;
      })}
      {[...casts]
        .map((c, i) => ({ c, i }))
        .reverse()
        .map(({ c, i }) => {
          const [x, y] = f.at(c.target);
          return (
            <G key={c.target.id}>
              <Circle
                cx={x}
                cy={y}
                r={i < numbered ? DISC_PX : 4}
                fill={i === 0 ? p.copper : p.card}
                stroke={i === 0 ? p.onCopper : p.ink}
                strokeWidth={1.5}
              />
              {i < numbered ? (
                <SvgText
                  x={x}
                  y={y + 5}
                  textAnchor="middle"
                  fontSize={14}
                  fontFamily={FONT.dataBold}
                  fill={i === 0 ? p.onCopper : p.ink}
                >
                  {String(i + 1)}
                </SvgText>
              ) : null}
            </G>
          );
        })}
      <Circle cx={sx} cy={sy} r={small ? 6 : 8} fill={p.strong} stroke={p.onStrong} strokeWidth={2} />
      {small ? null : (
        <SvgText
          x={sx + (sx > width - 50 ? -12 : 12)}
          y={sy + 5}
          textAnchor={sx > width - 50 ? 'end' : 'start'}
          fontSize={14}
          fontFamily={FONT.dataBold}
          fill={onBank ? p.onWater : faint(p)}
        >
          {CAST_PLAN.you}
        </SvgText>
      )}
      {small ? null : <Scale f={f} p={p} height={height} onBank={isFromBank(access) && growsFromBank(piece.kind)} />}
      {small ? null : <FlowArrow piece={piece} f={f} p={p} />}
    </Svg>
  );
}

/** How long so many feet or metres are. */
function Scale({ f, p, height, onBank }: { f: Frame; p: Palette; height: number; onBank: boolean }) {
  const ink = onBank ? p.onWater : faint(p);
  const { units } = useTheme();
  const scaleM = units.depth === 'm' ? 5 : 6.096;
  return (
    <G>
      <Path
        d={`M12 ${height - 14}h${(scaleM * f.perM).toFixed(1)}m0 -5v10M12 ${height - 19}v10`}
        stroke={p.halo}
        strokeWidth={2}
        fill="none"
      />
      <SvgText x={12} y={height - 24} fontSize={13} fontFamily={FONT.data} fill={ink}>
        {say.distance(scaleM, units)}
      </SvgText>
    </G>
  );
}
