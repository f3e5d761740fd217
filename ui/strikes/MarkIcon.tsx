/** The mark of what happened, as it stands on its key and in the list. */
import type { EventKind } from '../../core/records/event';
import { Svg } from '../platform/shapes';
import { EventMark } from '../section/Marks';
import { useTheme } from '../theme/theme';

export function MarkIcon({ kind, size = 34 }: { kind: EventKind; size?: number }) {
  const { p } = useTheme();
  return (
    <Svg width={size} height={size} viewBox="0 0 34 34" aria-hidden>
      <EventMark kind={kind} x={17} y={17} p={p} size={9} />
    </Svg>
  );
}
