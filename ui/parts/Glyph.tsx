/** Our own small signs, drawn as strokes on a 24-unit square. */
import { Path, Svg } from '../platform/shapes';
import { useTheme } from '../theme/theme';

const PATHS = {
  water: 'M3 9c2.5-3 5-3 7.5 0s5 3 7.5 0M6 15c2.5-3 5-3 7.5 0s5 3 7.5 0',
  lures: 'M3 12c3-5 10-6 14-1l4-3v8l-4-3c-4 5-11 4-14-1zM8 11.5h.01M12 16v3c0 2 3 2 3 0',
  retrieve: 'M3 6h4M5 6c1 9 6 12 11 11 3-1 4-4 5-8M18.5 11.5 21 9l1.5 3.2',
  strikes: 'M12 3v8M12 11c0 6-7 6-7 1l2.5 2M16 6l4-2M17 10h5M16 14l4 2',
  lessons: 'M4 20V11M9 20V5M14 20v-7M19 20V8M2.5 20h19',
  kit: 'M3 9h18v10H3zM9 9V6h6v3M3 13.5h18',
  plus: 'M12 5v14M5 12h14',
  minus: 'M5 12h14',
  down: 'M6 9l6 6 6-6',
  up: 'M6 15l6-6 6 6',
  right: 'M9 6l6 6-6 6',
  left: 'M15 6l-6 6 6 6',
  play: 'M8 5.5v13l10-6.5z',
  stop: 'M7 7h10v10H7z',
  check: 'M5 12.5l4.5 4.5L19 7.5',
  pen: 'M4 20l1-5L16 4l4 4L9 19zM14 6l4 4',
  search: 'M10.5 4a6.5 6.5 0 1 0 .01 0M15.5 15.5 21 21',
  close: 'M6 6l12 12M18 6L6 18',
  leaf: 'M5 19C4 10 10 5 20 4c0 9-5 15-13 14.5M5 20c2-5 5-8 9-10',
} as const;
export type GlyphName = keyof typeof PATHS;

export function Glyph({
  name,
  size = 24,
  color,
  fill = false,
}: {
  name: GlyphName;
  size?: number;
  color?: string;
  fill?: boolean;
}) {
  const { p } = useTheme();
  const c = color ?? p.ink;
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" style={{ flexShrink: 0 }} aria-hidden>
      <Path
        d={PATHS[name] ?? PATHS.right}
        stroke={c}
        strokeWidth={2 * p.stroke}
        fill={fill ? c : 'none'}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </Svg>
  );
}
