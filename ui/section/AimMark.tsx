/** A flag on the water over what is aimed at. */
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
