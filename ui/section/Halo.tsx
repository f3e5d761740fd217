import { memo } from 'react';
import { SvgText } from '../platform/shapes';
import { FONT, useTheme } from '../theme/theme';

/** Text that can be read on any water. */
export const Halo = memo(function Halo({
  x,
  y,
  size,
  text,
  anchor = 'start',
}: {
  x: number;
  y: number;
  size: number;
  text: string;
  anchor?: 'start' | 'middle' | 'end';
}) {
  const { p } = useTheme();
  return (
    <SvgText
      x={x}
      y={y}
      fontSize={size}
      fontFamily={FONT.dataBold}
      fill={p.onWater}
      stroke={p.halo}
      strokeWidth={3.5 * p.stroke}
      strokeLinejoin="round"
      textAnchor={anchor}
      // The outline below the letters, in one element.
      {...OUTLINE_BELOW}
    >
      {text}
    </SvgText>
  );
});

const OUTLINE_BELOW = { style: { paintOrder: 'stroke' } } as object;
