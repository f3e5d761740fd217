/** Current in the water, wind over it. */
import { Circle, G, Path, SvgText } from '../platform/shapes';
import { flowText, isAcross } from '../../wording/section';
import { FONT, useTheme } from '../theme/theme';
import { drawnBy, type PartProps } from './drawnBy';
import type { SectionFrame } from './geometry';
import { Halo } from './Halo';
import type { SectionModel } from './model';

/** An arrow along the cast, or a ring with a dot for what goes across it. */
function Arrow({
  x,
  y,
  angleDeg,
  length,
  colour,
}: {
  x: number;
  y: number;
  angleDeg: number;
  length: number;
  colour: string;
}) {
  const { p } = useTheme();
  const along = -Math.cos((angleDeg * Math.PI) / 180);
  const s = along >= 0 ? 1 : -1;
  if (isAcross(angleDeg))
    return (
      <G>
        <Circle cx={x} cy={y} r={8} fill="none" stroke={colour} strokeWidth={2 * p.stroke} />
        <Circle cx={x} cy={y} r={2.6} fill={colour} />
      </G>
    );
  return (
    <Path
      d={`M${x - (s * length) / 2} ${y}h${s * length}m${-s * 9} -6l${s * 9} 6l${-s * 9} 6`}
      stroke={colour}
      strokeWidth={2.4 * p.stroke}
      fill="none"
      strokeLinecap="round"
    />
  );
}

/** Where the current is drawn, px: clear of the bars of the lures, which stand in the left two thirds. */
export const currentAt = (m: SectionModel, f: SectionFrame): [number, number] => [
  f.width * (m.reaches.length > 0 ? 0.82 : 0.42),
  f.surfaceY + 0.16 * (f.bottomY - f.surfaceY),
];

/**
 * Where the wind is drawn, px: in one line over the water, higher where there is much sky, clear of the rod, of a trunk
 * that stands out of the water, and of what is written over it.
 */
export const windAt = (f: SectionFrame, label: number): [number, number] => [
  f.width * 0.42,
  Math.max(6 + label * 0.6, f.surfaceY - 62),
];

function Flow({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  if (m.currentMps < 0.02) return null;
  const [x, y] = currentAt(m, f);
  return (
    <G>
      <Arrow x={x} y={y} angleDeg={m.currentAngleDeg} length={34 + Math.min(1, m.currentMps) * 40} colour={p.onWater} />
      <Halo
        x={x}
        y={y + label * 1.5}
        size={label}
        text={flowText('current', m.currentMps, m.currentAngleDeg, units)}
        anchor="middle"
      />
    </G>
  );
}

/** Over the water. */
function Wind({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  if (m.windMps < 0.5) return null;
  const [x, y] = windAt(f, label);
  const length = 22 + Math.min(1, m.windMps / 12) * 20;
  return (
    <G>
      <Arrow x={x} y={y} angleDeg={m.windAngleDeg} length={length} colour={p.line} />
      <SvgText
        x={x + (isAcross(m.windAngleDeg) ? 14 : length / 2 + 8)}
        y={y + label * 0.35}
        fontSize={label}
        fontFamily={FONT.dataBold}
        fill={p.line}
      >
        {flowText('wind', m.windMps, m.windAngleDeg, units)}
      </SvgText>
    </G>
  );
}

export const FlowPart = drawnBy(Flow, (m) => [m.currentMps, m.currentAngleDeg, m.reaches.length > 0]);
export const WindPart = drawnBy(Wind, (m) => [m.windMps, m.windAngleDeg]);
