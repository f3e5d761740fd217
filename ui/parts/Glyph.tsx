/**
 * Small signs, drawn as strokes on a 24-unit square: those of the places and of fishing are our own, the usual ones
 * (arrows, check, search) come from a package, one import a sign.
 */
import type { ComponentType } from 'react';
import Calendar from 'lucide/dist/esm/icons/calendar.mjs';
import Camera from 'lucide/dist/esm/icons/camera.mjs';
import Check from 'lucide/dist/esm/icons/check.mjs';
import ChevronDown from 'lucide/dist/esm/icons/chevron-down.mjs';
import ChevronLeft from 'lucide/dist/esm/icons/chevron-left.mjs';
import ChevronRight from 'lucide/dist/esm/icons/chevron-right.mjs';
import ChevronUp from 'lucide/dist/esm/icons/chevron-up.mjs';
import Minus from 'lucide/dist/esm/icons/minus.mjs';
import Pencil from 'lucide/dist/esm/icons/pencil.mjs';
import Play from 'lucide/dist/esm/icons/play.mjs';
import Plus from 'lucide/dist/esm/icons/plus.mjs';
import Search from 'lucide/dist/esm/icons/search.mjs';
import Square from 'lucide/dist/esm/icons/square.mjs';
import X from 'lucide/dist/esm/icons/x.mjs';
import { Circle, Path, Rect, Svg } from '../platform/shapes';
import { useTheme } from '../theme/theme';

type Strokes = readonly (readonly [tag: string, attrs: Readonly<Record<string, string | number | undefined>>])[];
const own = (d: string): Strokes => [['path', { d }]];

const SIGNS = {
  water: own('M3 9c2.5-3 5-3 7.5 0s5 3 7.5 0M6 15c2.5-3 5-3 7.5 0s5 3 7.5 0'),
  lures: own('M3 12c3-5 10-6 14-1l4-3v8l-4-3c-4 5-11 4-14-1zM8 11.5h.01M12 16v3c0 2 3 2 3 0'),
  retrieve: own('M3 6h4M5 6c1 9 6 12 11 11 3-1 4-4 5-8M18.5 11.5 21 9l1.5 3.2'),
  strikes: own('M12 3v8M12 11c0 6-7 6-7 1l2.5 2M16 6l4-2M17 10h5M16 14l4 2'),
  lessons: own('M4 20V11M9 20V5M14 20v-7M19 20V8M2.5 20h19'),
  kit: own('M3 9h18v10H3zM9 9V6h6v3M3 13.5h18'),
  leaf: own('M5 19C4 10 10 5 20 4c0 9-5 15-13 14.5M5 20c2-5 5-8 9-10'),
  plus: Plus,
  minus: Minus,
  down: ChevronDown,
  up: ChevronUp,
  right: ChevronRight,
  left: ChevronLeft,
  play: Play,
  stop: Square,
  calendar: Calendar,
  camera: Camera,
  check: Check,
  pen: Pencil,
  search: Search,
  close: X,
} as const satisfies Record<string, Strokes>;
export type GlyphName = keyof typeof SIGNS;

const SHAPES: Readonly<Record<string, ComponentType<object>>> = {
  path: Path as ComponentType<object>,
  circle: Circle as ComponentType<object>,
  rect: Rect as ComponentType<object>,
};

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
      {(SIGNS[name] ?? SIGNS.right).map(([tag, attrs], i) => {
        const Shape = SHAPES[tag]!;
        return (
          <Shape
            key={i}
            {...attrs}
            {...{
              stroke: c,
              strokeWidth: 2 * p.stroke,
              fill: fill ? c : 'none',
              strokeLinecap: 'round',
              strokeLinejoin: 'round',
            }}
          />
        );
      })}
    </Svg>
  );
}
