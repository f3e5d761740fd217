/** A number in its disc on a plan; the one that is next stands out. */
import { Circle, G, SvgText } from '../platform/shapes';
import { FONT } from '../theme/theme';
import type { Palette } from '../theme/palette';

const DISC_PX = 11;

export function NumberDisc({
  at: [x, y],
  n,
  next,
  p,
}: {
  at: readonly [number, number];
  n: number;
  next: boolean;
  p: Palette;
}) {
  const ink = next ? p.onCopper : p.ink;
  return (
    <G>
      <Circle cx={x} cy={y} r={DISC_PX} fill={next ? p.copper : p.card} stroke={ink} strokeWidth={1.5} />
      <SvgText x={x} y={y + 5} textAnchor="middle" fontSize={14} fontFamily={FONT.dataBold} fill={ink}>
        {String(n)}
      </SvgText>
    </G>
  );
}
