/** A piece of cover from above, with where one stands and the casts in their order. */
import { flowOf, growsFromBank, lengthOf, onLand, targetsOf } from '../../core/castplan/shape';
import { isFromBank } from '../../core/castplan/stands';
import type { CastPlan, LeftOut } from '../../core/castplan/plan';
import type { Piece } from '../../core/records/piece';
import type { Access } from '../../core/water/terms';
import { CAST_PLAN, planViewText } from '../../wording/castPlan';
import { say } from '../../wording/units';
import { Circle, G, Path, Rect, Svg, SvgText } from '../platform/shapes';
import { FONT, useTheme } from '../theme/theme';
import type { Palette } from '../theme/palette';
import { frameOf, type Frame } from './frame';
import { NumberDisc } from './NumberDisc';
import { Bank, PieceDrawing } from './PieceDrawing';

/** What is written and ruled on the water. */
const faint = (p: Palette): string => (p.dark ? p.ink : p.halo);

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

/** The wind, as a feathered arrow in the other corner. */
function WindArrow({
  piece,
  plan,
  f,
  p,
  width,
}: {
  piece: Piece;
  plan: CastPlan;
  f: Frame;
  p: Palette;
  width: number;
}) {
  const blows = flowOf({ kind: piece.kind, flow: plan.wind.to });
  if (!blows || plan.wind.mps <= 0) return null;
  const [ax, ay] = f.at({ x: 0, y: 0 });
  const [bx, by] = f.at(blows);
  const far = Math.hypot(bx - ax, by - ay) || 1;
  const [ux, uy] = [(bx - ax) / far, (by - ay) / far];
  const cx = width - 30;
  const at = (along: number, side: number): string =>
    `${(cx + along * ux - side * uy).toFixed(1)} ${(30 + along * uy + side * ux).toFixed(1)}`;
  return (
    <G>
      <Path
        d={`M${at(-16, 0)}L${at(16, 0)}M${at(9, -6)}L${at(16, 0)}L${at(9, 6)}M${at(-16, 0)}L${at(-21, -6)}M${at(-10, 0)}L${at(-15, -6)}`}
        stroke={p.onWater}
        strokeWidth={2}
        fill="none"
        strokeLinecap="round"
      />
      <SvgText x={cx} y={62} textAnchor="middle" fontSize={13} fontFamily={FONT.data} fill={p.onWater}>
        {CAST_PLAN.windWord}
      </SvgText>
    </G>
  );
}

/** A place that has no cast now: a tick and its line where it had one, two bars where it rests, a dot out of reach. */
function NoCast({
  at: [x, y],
  from,
  why,
  p,
}: {
  at: readonly [number, number];
  from: readonly [number, number];
  why: LeftOut;
  p: Palette;
}) {
  if (why === 'out-of-reach') return <Circle cx={x} cy={y} r={4} fill={p.water[2]} stroke={p.card} strokeWidth={1} />;
  const sign = why === 'cast' ? `M${x - 4} ${y}l3 3.5l5 -7` : `M${x - 2.5} ${y - 4}v8M${x + 2.5} ${y - 4}v8`;
  return (
    <G>
      {why === 'cast' ? (
        <Path d={`M${from[0]} ${from[1]}L${x} ${y}`} stroke={faint(p)} strokeWidth={1.5} opacity={0.4} />
      ) : null}
      <Circle cx={x} cy={y} r={9} fill={p.card} stroke={p.ink} strokeWidth={1} />
      <Path d={sign} stroke={p.ink} strokeWidth={2} fill="none" strokeLinecap="round" />
    </G>
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
  const whys = new Map(plan.leftOut.map((x) => [x.id, x.why]));
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
      {gone.map((g) => (
        <NoCast key={g.id} at={f.at(g)} from={[sx, sy]} why={whys.get(g.id) ?? 'out-of-reach'} p={p} />
      ))}
      {[...casts]
        .map((c, i) => ({ c, i }))
        .reverse()
        .map(({ c, i }) => {
          const at = f.at(c.target);
          return i < numbered ? (
            <NumberDisc key={c.target.id} at={at} n={i + 1} next={i === 0} p={p} />
          ) : (
            <Circle key={c.target.id} cx={at[0]} cy={at[1]} r={4} fill={p.card} stroke={p.ink} strokeWidth={1.5} />
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
      {small ? null : <WindArrow piece={piece} plan={plan} f={f} p={p} width={width} />}
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
