/** Where the fish sit, how far one of them sees, and how far it feels. */
import { Path } from '../platform/shapes';
import { say } from '../../wording/units';
import { useTheme } from '../theme/theme';
import { drawnBy, type PartProps } from './drawnBy';
import { cutEllipse, tipPoint, type SectionFrame } from './geometry';
import { Halo } from './Halo';
import { fishPath } from './Marks';
import type { SectionModel } from './model';

const UNDER_TIP = 40;
/** So far the smaller fish reach below the first. */
const SHOAL_PX = 18;
/** Fish on the bottom lie on it, not in it. */
const CLEAR_PX = 7;

/** Where on the cover the fish should be: pixels. */
export function fishAt(m: SectionModel, f: SectionFrame): [number, number] {
  const at = { open: 0.55, 'outer-edge': 0.66, inside: 0.86, 'deep-tight': 0.84, 'on-bed': 0.6 }[m.holding];
  // Let straight down, the fish that count are below the tip.
  return [
    m.targetM !== null ? f.x(m.targetM) : m.castM > 0 ? f.x(m.castM * at) : tipPoint(m, f)[0] + UNDER_TIP,
    Math.min(
      f.y(m.holding === 'deep-tight' ? m.bandM[1] * 0.8 + m.fishDepthM * 0.2 : m.fishDepthM),
      f.bottomY - CLEAR_PX,
    ),
  ];
}

/** Right of, below, and length, px. */
const SHOAL: readonly (readonly [number, number, number])[] = [
  [0, 0, 30],
  [26, 12, 24],
  [-22, 13, 22],
];

function Fish({ m, f }: PartProps) {
  const { p } = useTheme();
  const [x, y] = fishAt(m, f);
  const spread = f.pxPerDepthM > 30 ? 1 : 0.6;
  return (
    <Path
      d={SHOAL.map(([dx, dy, l]) => fishPath(x + dx, Math.min(y + dy * spread, f.bottomY - CLEAR_PX), l)).join('')}
      fill={p.halo}
      stroke={p.onWater}
      strokeWidth={p.stroke}
      opacity={0.85}
    />
  );
}

/** How far one of them sees. */
function Sight({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  const [x, y] = fishAt(m, f);
  const rx = Math.max(6, m.sightM * f.pxPerM);
  const ry = Math.max(6, m.sightM * f.pxPerDepthM);
  return (
    <>
      <Path
        d={cutEllipse(x, y, rx, ry, f.surfaceY, f.bottomY)}
        fill={p.onWater}
        fillOpacity={0.16}
        stroke={p.onWater}
        strokeWidth={1.6 * p.stroke}
        strokeDasharray="5 4"
      />
      <Halo
        x={Math.max(f.x(0) + 60, x - rx - 6)}
        y={Math.max(f.surfaceY + label, y - Math.max(8, ry * 0.55))}
        size={label}
        text={`sees ${say.depth(m.sightM, units)}`}
        anchor="end"
      />
    </>
  );
}

/** How far one feels a thumping lure. */
function Felt({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  const [x, y] = fishAt(m, f);
  const ry = Math.max(6, m.feltM * f.pxPerDepthM);
  // Told below the fish; where they lie on the bottom, above them.
  const below = Math.min(f.bottomY - 4, y + Math.max(ry, SHOAL_PX) + label);
  const labelY = below >= y + SHOAL_PX + label ? below : y - 14;
  return (
    <>
      <Path
        d={cutEllipse(x, y, Math.max(6, m.feltM * f.pxPerM), ry, f.surfaceY, f.bottomY)}
        fill="none"
        stroke={p.onWater}
        strokeWidth={1.2 * p.stroke}
        strokeDasharray="1 6"
        strokeLinecap="round"
      />
      <Halo x={x} y={labelY} size={label} text={`feels ${say.depth(m.feltM, units)}`} anchor="middle" />
    </>
  );
}

export const FishPart = drawnBy(Fish, (m, f) => [...fishAt(m, f), f.pxPerDepthM > 30]);
export const SightPart = drawnBy(Sight, (m, f) => [...fishAt(m, f), m.sightM, f.pxPerM, f.pxPerDepthM]);
export const FeltPart = drawnBy(Felt, (m, f) => [...fishAt(m, f), m.feltM, f.pxPerM, f.pxPerDepthM]);
