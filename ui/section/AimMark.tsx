/** A flag on the water over what is aimed at, and what rises on the way there. */
import { G, Path } from '../platform/shapes';
import { useTheme } from '../theme/theme';
import { drawnBy, type PartProps } from './drawnBy';
import { Halo } from './Halo';

const POLE_PX = 20;

function Aim({ m, f, label }: PartProps) {
  const { p } = useTheme();
  if (m.targetM === null) return null;
  const x = f.x(m.targetM);
  return (
    <G>
      <Path
        d={`M${x} ${f.surfaceY + 4}V${f.surfaceY - POLE_PX}`}
        stroke={p.line}
        strokeWidth={2 * p.stroke}
        fill="none"
      />
      <Path d={`M${x} ${f.surfaceY - POLE_PX}l12 5l-12 5z`} fill={p.copper} />
      <Halo x={x + 15} y={f.surfaceY - POLE_PX / 2} size={label} text="aim" />
    </G>
  );
}

export const AimPart = drawnBy(Aim, (m, f) => [m.targetM, m.castM, f.surfaceY]);

/** Half as wide at its foot as this, m. */
const FOOT_M = 1.6;

function Rise({ m, f }: PartProps) {
  const { p } = useTheme();
  if (m.over === null) return null;
  const [x, top, foot] = [f.x(m.over.atM), f.y(m.over.topM), f.bottomY + 6];
  const half = FOOT_M * f.pxPerM;
  return (
    <Path
      d={`M${x - half} ${foot}C${x - half * 0.8} ${top} ${x - half * 0.4} ${top} ${x} ${top}S${x + half * 0.8} ${top} ${x + half} ${foot}z`}
      fill={p.cover}
    />
  );
}

export const RisePart = drawnBy(Rise, (m, f) => [m.over?.atM, m.over?.topM, m.castM, f.bottomY, m.depthM]);
