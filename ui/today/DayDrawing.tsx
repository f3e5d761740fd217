/**
 * One day at a glance: night and light behind, how good each hour should be as a hill, the tide as a line below it,
 * moon periods along the foot.
 */
import { useId } from 'react';
import { ClipPath, Defs, G, Path, Rect, SvgText, Svg } from '../platform/shapes';
import type { DayLine } from '../../core/forecast/line';
import { dayLineWords } from '../../wording/day';
import { clockText, hourText } from '../../wording/time';
import { useTheme, FONT } from '../theme/theme';
import { mix } from '../theme/palette';

interface Props {
  line: DayLine;
  width: number;
  height: number;
  zone: string;
  nowMs: number | null;
  /** Hours, periods and tide heights are written; a small drawing leaves them out. */
  full: boolean;
}

const HOUR_MS = 3_600_000;

export function DayDrawing({ line, width, height, zone, nowMs, full }: Props) {
  const { p, units, scale } = useTheme();
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const label = Math.min(17, 13 * Math.min(scale, 1.3));
  const foot = full ? label * 1.5 + 16 : 8;
  const tideH = line.turns.length > 0 ? height * (full ? 0.26 : 0.22) : 0;
  const head = full ? label * 1.6 : 4;
  const hillTop = head;
  const hillBottom = height - foot - tideH;
  const x = (ms: number): number => ((ms - line.fromMs) / (line.toMs - line.fromMs)) * width;
  const most = Math.max(1.3, ...line.steps.map((s) => s.promise));
  // The foot of the hill is half of the poorest hour, so that the good ones stand out.
  const least = 0.5 * Math.min(...line.steps.map((s) => s.promise));
  const y = (v: number): number => hillBottom - ((v - least) / (most - least)) * (hillBottom - hillTop);
  const hill = `M0 ${hillBottom}${line.steps.map((s) => `L${x(s.atMs).toFixed(1)} ${y(s.promise).toFixed(1)}`).join('')}L${width} ${y(line.steps.at(-1)!.promise).toFixed(1)}L${width} ${hillBottom}z`;
  const tides = line.steps.filter((s) => s.tideM !== null);
  const [lowM, highM] = [Math.min(...tides.map((s) => s.tideM!)), Math.max(...tides.map((s) => s.tideM!))];
  const ty = (m: number): number => hillBottom + tideH - 6 - ((m - lowM) / Math.max(0.1, highM - lowM)) * (tideH - 16);
  const tide = tides.map((s, i) => `${i ? 'L' : 'M'}${x(s.atMs).toFixed(1)} ${ty(s.tideM!).toFixed(1)}`).join('');
  const hours = Math.round((line.toMs - line.fromMs) / HOUR_MS);
  const marks = [0, 6, 12, 18, 24].filter((h) => h <= hours).map((h) => line.fromMs + h * HOUR_MS);
  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={dayLineWords(line, zone, units)}
    >
      <Defs>
        <ClipPath id={`b${id}`}>
          <Rect
            x={line.best ? x(line.best.fromMs) : 0}
            y={0}
            width={line.best ? x(line.best.toMs) - x(line.best.fromMs) : 0}
            height={height}
          />
        </ClipPath>
      </Defs>
      {lightBands(line).map((b) => (
        <Rect
          key={b.fromMs}
          x={x(b.fromMs)}
          y={0}
          width={Math.max(0.5, x(b.toMs) - x(b.fromMs) + 0.5)}
          height={height - foot}
          fill={mix(p.nightSky, p.daySky, b.day)}
        />
      ))}
      <Path d={hill} fill={p.mossWash} stroke={p.moss} strokeWidth={1.6 * p.stroke} />
      {line.best ? <Path d={hill} fill={p.copper} clipPath={`url(#b${id})`} /> : null}
      {tide ? <Path d={tide} stroke={p.tideLine} strokeWidth={2.6 * p.stroke} fill="none" /> : null}
      <Path d={`M0 ${hillBottom}H${width}`} stroke={p.rule} strokeWidth={p.stroke} />
      {line.almanac.periods.map((m) => (
        <Rect
          key={`${m.kind}${m.fromMs}`}
          x={x(Math.max(line.fromMs, m.fromMs))}
          y={height - foot + 2}
          width={Math.max(2, x(Math.min(line.toMs, m.toMs)) - x(Math.max(line.fromMs, m.fromMs)))}
          height={m.kind === 'major' ? 6 : 3}
          rx={1.5}
          fill={p.soft}
        />
      ))}
      {nowMs !== null && nowMs > line.fromMs && nowMs < line.toMs ? (
        <Path d={`M${x(nowMs)} 0V${height - foot}`} stroke={p.bad} strokeWidth={2 * p.stroke} strokeDasharray="4 3" />
      ) : null}
      {full ? (
        <G>
          {marks.map((t, i) => (
            <SvgText
              key={t}
              x={Math.min(width - 2, Math.max(2, x(t)))}
              y={height - 3}
              fontSize={label}
              fontFamily={FONT.data}
              fill={p.soft}
              textAnchor={i === 0 ? 'start' : i === marks.length - 1 ? 'end' : 'middle'}
            >
              {i === marks.length - 1 && hours === 24 && units.speed !== 'mph' ? '24:00' : hourText(t, zone, units)}
            </SvgText>
          ))}
          {line.best ? (
            <SvgText
              x={Math.min(width - 40, Math.max(40, (x(line.best.fromMs) + x(line.best.toMs)) / 2))}
              y={label * 1.15}
              fontSize={label}
              fontFamily={FONT.dataBold}
              fill={p.copper}
              textAnchor="middle"
            >
              {`${clockText(line.best.fromMs, zone, units)}–${clockText(line.best.toMs, zone, units)}`}
            </SvgText>
          ) : null}
        </G>
      ) : null}
    </Svg>
  );
}

/** Stretches of like light: 0 night, 1 day. */
function lightBands(line: DayLine): { fromMs: number; toMs: number; day: number }[] {
  const level = (deg: number): number => (deg > 6 ? 1 : deg > 0 ? 0.75 : deg > -6 ? 0.45 : deg > -12 ? 0.2 : 0);
  const out: { fromMs: number; toMs: number; day: number }[] = [];
  for (const s of line.steps) {
    const day = level(s.sunDeg);
    const last = out[out.length - 1];
    if (last && last.day === day) last.toMs = s.atMs;
    else {
      if (last) last.toMs = s.atMs;
      out.push({ fromMs: s.atMs, toMs: line.toMs, day });
    }
  }
  if (out.length > 0) out[out.length - 1]!.toMs = line.toMs;
  return out;
}
