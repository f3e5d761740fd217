import { Svg } from '../platform/shapes';
import type { FamilyId } from '../../core/lures/family';
import { LURE_BOX, LureShape } from '../section/LureShape';
import { useTheme } from '../theme/theme';

export function LurePicture({ family, width }: { family: FamilyId; width: number }) {
  const { p } = useTheme();
  const height = (width * LURE_BOX.height) / LURE_BOX.width;
  return (
    <Svg width={width} height={height} viewBox={`-2 -2 ${LURE_BOX.width + 4} ${LURE_BOX.height + 4}`} aria-hidden>
      <LureShape
        family={family}
        x={LURE_BOX.width / 2}
        y={LURE_BOX.height / 2}
        length={LURE_BOX.width}
        fill={p.moss}
        stroke={p.ink}
      />
    </Svg>
  );
}
