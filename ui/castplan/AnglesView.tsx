/** The places a piece is fished from one after another, from above, with what is cast at from each. */
import type { CastPlan } from '../../core/castplan/plan';
import { lengthOf } from '../../core/castplan/shape';
import { isFromBank } from '../../core/castplan/stands';
import type { Piece } from '../../core/records/piece';
import type { Access } from '../../core/water/terms';
import { anglesViewText } from '../../wording/castPlan';
import { G, Path, Rect, Svg } from '../platform/shapes';
import { useTheme } from '../theme/theme';
import { frameOf } from './frame';
import { NumberDisc } from './NumberDisc';
import { Bank, PieceDrawing } from './PieceDrawing';

interface AnglesViewProps {
  piece: Piece;
  /** In their order; the first is the one fished first. */
  plans: readonly CastPlan[];
  access: Access;
  width: number;
  height: number;
}

export function AnglesView({ piece, plans, access, width, height }: AnglesViewProps) {
  const { p, units } = useTheme();
  const f = frameOf(
    piece,
    [
      { x: 0, y: -piece.widthM / 2 },
      { x: lengthOf(piece), y: piece.widthM / 2 },
      ...plans.flatMap((plan) => [plan.stand, ...plan.casts.map((c) => c.target)]),
    ],
    isFromBank(access),
    width,
    height,
  );
  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={anglesViewText(piece, plans, access, units)}
    >
      <Rect x={0} y={0} width={width} height={height} fill={p.water[1]} />
      <Bank piece={piece} f={f} p={p} width={width} height={height} />
      <PieceDrawing piece={piece} f={f} p={p} />
      {plans.map((plan, i) => {
        const [sx, sy] = f.at(plan.stand);
        const first = i === 0;
        return (
          <G key={`${plan.stand.x} ${plan.stand.y}`}>
            {plan.casts.map((c) => {
              const [x, y] = f.at(c.target);
              return (
                <Path
                  key={c.target.id}
                  d={`M${sx.toFixed(1)} ${sy.toFixed(1)}L${x.toFixed(1)} ${y.toFixed(1)}`}
                  stroke={first ? p.copper : p.dark ? p.ink : p.halo}
                  strokeWidth={first ? 2 : 1.25}
                  strokeDasharray={first ? undefined : '4 4'}
                />
              );
            })}
          </G>
        );
      })}
      {plans.map((plan, i) => (
        <NumberDisc key={`${plan.stand.x} ${plan.stand.y}`} at={f.at(plan.stand)} n={i + 1} next={i === 0} p={p} />
      ))}
    </Svg>
  );
}
