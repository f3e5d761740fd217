/** Our marks for what happened: each has its own shape, so that colour never carries the meaning alone. */
import { Circle, G, Path } from '../platform/shapes';
import type { Palette } from '../theme/palette';
import type { EventKind } from '../../core/records/event';

/**
 * Landed: a full ring with a hook in it · lost: the ring broken open · missed: a bare hook · bump: two short knocks ·
 * follow: a trailing comma · snag: a knot.
 */
export function EventMark({
  kind,
  x,
  y,
  p,
  size = 9,
}: {
  kind: EventKind;
  x: number;
  y: number;
  p: Palette;
  size?: number;
}) {
  const s = size;
  const ink = p.dark ? p.onWater : '#FFFFFF';
  const stroke = {
    stroke: ink,
    strokeWidth: 2.4 * p.stroke,
    fill: 'none' as const,
    strokeLinecap: 'round' as const,
    strokeLinejoin: 'round' as const,
  };
  const under = { ...stroke, stroke: p.halo, strokeWidth: 5.5 * p.stroke };
  const both = (d: string) => (
    <>
      <Path d={d} {...under} />
      <Path d={d} {...stroke} />
    </>
  );
  const hook = `M${x + s * 0.25} ${y - s * 0.55}v${s * 0.75}a${s * 0.4} ${s * 0.4} 0 1 1 ${-s * 0.8} 0l${s * 0.3} ${s * 0.12}`;
  switch (kind) {
    case 'landed':
      return (
        <G>
          <Circle cx={x} cy={y} r={s + 1} fill={p.copper} stroke={p.halo} strokeWidth={5.5 * p.stroke} />
          <Circle cx={x} cy={y} r={s + 1} fill={p.copper} stroke={ink} strokeWidth={2.4 * p.stroke} />
          <Path d={hook} {...stroke} stroke={p.onCopper} strokeWidth={2 * p.stroke} />
        </G>
      );
    case 'lost':
      return (
        <G>
          {both(
            `M${x - s * 0.9} ${y + s * 0.45}a${s} ${s} 0 1 1 ${s * 1.35} ${s * 0.45}M${x + s * 0.9} ${y + s * 1.3}l${s * 0.5} ${s * 0.5}`,
          )}
        </G>
      );
    case 'missed':
      return <G>{both(hook)}</G>;
    case 'bump':
      return <G>{both(`M${x - s * 0.5} ${y - s * 0.6}v${s * 1.2}M${x + s * 0.5} ${y - s * 0.6}v${s * 1.2}`)}</G>;
    case 'follow':
      return (
        <G>
          {both(`M${x - s} ${y + s * 0.5}q${s * 1.2} ${s * 0.2} ${s * 1.7} ${-s}M${x + s * 0.7} ${y - s * 0.5}h.1`)}
        </G>
      );
    default:
      return <G>{both(`M${x - s * 0.7} ${y - s * 0.7}l${s * 1.4} ${s * 1.4}m0 ${-s * 1.4}l${-s * 1.4} ${s * 1.4}`)}</G>;
  }
}

/** A small fish, nose to the left, centred. */
export function fishPath(x: number, y: number, length: number): string {
  const l = length;
  return `M${x - l / 2} ${y}q${l * 0.3} ${-l * 0.3} ${l * 0.72} ${-l * 0.03}l${l * 0.28} ${-l * 0.17}l${-l * 0.06} ${l * 0.2}l${l * 0.06} ${l * 0.2}l${-l * 0.28} ${-l * 0.17}q${-l * 0.42} ${l * 0.27} ${-l * 0.72} ${-l * 0.03}z`;
}
