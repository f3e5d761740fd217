/** What the places put into the water: where each lure works, and what the record says of each layer. */
import { G, Path, Rect, SvgText } from '../platform/shapes';
import { FONT, useTheme } from '../theme/theme';
import type { SectionFrame } from './geometry';
import { Halo } from './Halo';
import { LureShape } from './LureShape';
import type { SectionModel } from './model';

const FIRST_BAR_PX = 44;
const barGap = (m: SectionModel, f: SectionFrame): number =>
  (f.x(m.castM * 0.72) - f.x(0) - FIRST_BAR_PX) / m.reaches.length;
/** Where the bar of the lure in place `i` stands, px. */
export const barX = (m: SectionModel, f: SectionFrame, i: number): number =>
  f.x(0) + FIRST_BAR_PX + barGap(m, f) * (i + 0.5);

/**
 * Each lure at the depth it is worked, on a line from the shallowest to the deepest it holds; dashed where it often
 * hangs up.
 */
export function Reaches({ m, f, label }: { m: SectionModel; f: SectionFrame; label: number }) {
  const { p } = useTheme();
  if (m.reaches.length === 0) return null;
  const gap = barGap(m, f);
  return (
    <G>
      {m.reaches.map((r, i) => {
        const x = barX(m, f, i);
        const top = f.y(r.topM);
        const bottom = Math.max(top + 4, Math.min(f.y(r.bottomM), f.bottomY));
        const colour = r.chosen ? p.copper : p.onWater;
        return (
          <G key={r.id}>
            <Path
              d={`M${x - 7} ${top}h14M${x} ${top}V${bottom}M${x - 7} ${bottom}h14`}
              stroke={p.halo}
              strokeWidth={6 * p.stroke}
              strokeLinecap="round"
              opacity={0.5}
              fill="none"
            />
            <Path
              d={`M${x - 7} ${top}h14M${x} ${top}V${bottom}M${x - 7} ${bottom}h14`}
              stroke={colour}
              strokeWidth={2.6 * p.stroke}
              strokeLinecap="round"
              strokeDasharray={r.snag > 0.12 ? '3 7' : undefined}
              fill="none"
            />
            <LureShape
              family={r.family}
              x={x}
              y={Math.max(f.y(r.atM), f.surfaceY + 2)}
              length={Math.min(38, gap * 0.85)}
              fill={colour}
              stroke={p.halo}
            />
            <NumberTag x={x} y={f.surfaceY - 14} n={i + 1} size={label} />
          </G>
        );
      })}
    </G>
  );
}

function NumberTag({ x, y, n, size }: { x: number; y: number; n: number; size: number }) {
  const { p } = useTheme();
  return (
    <SvgText x={x} y={y} fontSize={size + 2} fontFamily={FONT.dataBold} fill={p.ink} textAnchor="middle">
      {String(n)}
    </SvgText>
  );
}

/** The record by depth: a bar for each layer fished, as long as its strikes per cast. */
export function Layers({ m, f, label }: { m: SectionModel; f: SectionFrame; label: number }) {
  const { p } = useTheme();
  if (m.layers.length === 0) return null;
  const most = Math.max(0.02, ...m.layers.map((l) => l.perCast));
  const from = f.x(0) + 58;
  // Room for the longest label to the right of the longest bar.
  const room = Math.max(30, f.width - from - 24 * label * 0.52 - 12);
  return (
    <G>
      {m.layers.map((l) => {
        const y = (f.y(l.topM) + f.y(l.bottomM)) / 2;
        const h = Math.max(10, Math.min(22, f.y(l.bottomM) - f.y(l.topM) - 6));
        const w = Math.max(4, (room * l.perCast) / most);
        return (
          <G key={l.topM}>
            <Rect
              x={from}
              y={y - h / 2}
              width={w}
              height={h}
              rx={5}
              fill={p.copper}
              stroke={p.halo}
              strokeWidth={1.5 * p.stroke}
              opacity={l.casts < 30 ? 0.55 : 1}
            />
            <Halo
              x={from + w + 8}
              y={y + label * 0.35}
              size={label}
              text={`${(100 * l.perCast).toFixed(1)} in 100 · ${l.casts} casts`}
            />
          </G>
        );
      })}
    </G>
  );
}
