/** What the angler stands on, at the left of the section: deck, bank, dock, stones, kayak, or ice with its hole. */
import { G, Path, Rect } from '../platform/shapes';
import type { Access } from '../../core/water/terms';
import { useTheme } from '../theme/theme';
import type { Palette } from '../theme/palette';
import { drawnBy, type PartProps } from './drawnBy';
import type { SectionFrame } from './geometry';

/** Ice and the hole in it are drawn this big, px. */
const ICE_PX = 11;
const HOLE_PX = 15;

const onWater = (f: SectionFrame): string => `M0 ${f.surfaceY - 6}h${f.x(0) - 2}l-7 9H0z`;

const SHAPES: Record<Exclude<Access, 'ice'>, (f: SectionFrame) => string> = {
  bow: onWater,
  stern: onWater,
  kayak: (f) => `M0 ${f.surfaceY - 3}h${f.x(0) - 6}l9-4l-8 9q-12 4-26 3z`,
  // A bank goes on under the water.
  bank: (f) => `M0 ${f.surfaceY - 9}q${f.x(0) * 0.6} 1 ${f.x(0) * 0.8} 9T${f.x(0) - 8} ${f.bottomY}H0z`,
  surf: (f) => `M0 ${f.surfaceY - 5}Q${f.x(0) * 0.6} ${f.surfaceY} ${f.x(0) * 0.75} ${f.bottomY}H0z`,
  dock: (f) =>
    `M0 ${f.surfaceY - 13}h${f.x(0) - 2}v5h-6V${f.bottomY + 6}h-4V${f.surfaceY - 8}h-10V${f.bottomY + 6}h-4V${f.surfaceY - 8}H0z`,
  jetty: (f) => `M0 ${f.surfaceY - 11}l9-3 9 4 2 6 7 2 1 8-4 3 7 5-2 8-5 3 6 6-3 9-6 4V${f.bottomY + 4}H0z`,
  // To the hips in it, on a shelf.
  wade: (f) => {
    const hipsPx = Math.min(22, (f.bottomY - f.surfaceY) * 0.35);
    const shelf = f.surfaceY + hipsPx;
    return `M5 ${f.surfaceY - 16}h9V${shelf}h-3v${-hipsPx}h-3v${hipsPx}H5zM0 ${shelf}H16Q${f.x(0) - 6} ${shelf + 2} ${f.x(0) - 4} ${f.bottomY}H0z`;
  },
};

const fillOf = (access: Access, p: Palette): string =>
  access === 'bow' || access === 'stern' || access === 'kayak' || access === 'dock' ? p.line : p.peat;

function Stand({ m, f }: PartProps) {
  const { p } = useTheme();
  if (m.access !== 'ice')
    return <Path d={SHAPES[m.access](f)} fill={fillOf(m.access, p)} stroke={p.peatLine} strokeWidth={0.8 * p.stroke} />;
  const hole = f.x(0);
  const top = f.surfaceY - 5;
  const [left, right] = [hole - HOLE_PX / 2, hole + HOLE_PX / 2];
  return (
    <G>
      {[[0, left] as const, [right, f.width - right] as const].map(([x, w]) => (
        <Rect key={x} x={x} y={top} width={w} height={ICE_PX} fill={p.ice} stroke={p.line} strokeWidth={p.stroke} />
      ))}
      {/* Cracks and bubbles, so that it is ice and not a board. */}
      <Path
        d={[0.28, 0.47, 0.63, 0.86].map((share) => `M${f.width * share} ${top + 3}l9 3l-4 3`).join('')}
        stroke={p.line}
        strokeWidth={0.8 * p.stroke}
        opacity={0.55}
        fill="none"
      />
    </G>
  );
}

export const StandPart = drawnBy(Stand, (m, f) => [m.access, f.surfaceY, f.bottomY]);
