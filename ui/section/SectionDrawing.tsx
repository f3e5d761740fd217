/** The section through the water in front of you: the one drawing every place fills in. */
import { useId } from 'react';
import Svg, { Circle, Defs, Ellipse, G, LinearGradient, Path, Rect, Stop, Text as SvgText } from 'react-native-svg';
import { FT, say } from '../../wording/units';
import { describeSection } from '../../wording/section';
import { mix } from '../theme/palette';
import { FONT, useTheme } from '../theme/theme';
import { Cover } from './Cover';
import { depthTicks, frameOf, polyline, tickStep, wave, type Frame } from './geometry';
import { fishPath, Mark } from './Marks';
import type { SectionModel } from './model';
import { LureShape } from './LureShape';

const FT_STEPS = [1, 2, 4, 5, 10, 20, 40].map((v) => v * FT);
const M_STEPS = [0.25, 0.5, 1, 2, 3, 5, 10];

interface Props {
  model: SectionModel;
  width: number;
  height: number;
  /** Moment of the path to show, s; null shows where it spends its time best. */
  atS: number | null;
  showSight?: boolean;
}

export function SectionDrawing({ model: m, width, height, atS, showSight = false }: Props) {
  const { p, units, scale } = useTheme();
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const f = frameOf(m, width, height);
  const chop = Math.min(9, 1.5 + m.waveM * 30);
  const label = Math.min(18, 13 * Math.min(scale, 1.35));
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={describeSection(m, units)}>
      <Defs>
        <LinearGradient id={`w${id}`} x1="0" y1="0" x2="0" y2="1">
          {lightStops(m, p.water).map(([at, colour]) => (
            <Stop key={at} offset={at} stopColor={colour} />
          ))}
        </LinearGradient>
      </Defs>
      <Rect x={0} y={0} width={width} height={height} fill={p.sky} />
      <Path d={`${wave(width, f.surfaceY, chop)}L${width} ${height}L0 ${height}z`} fill={`url(#w${id})`} />
      <Bottom m={m} f={f} />
      <Band m={m} f={f} />
      <Cover m={m} f={f} p={p} />
      {m.layers.length === 0 ? <Fish m={m} f={f} showSight={showSight} label={label} /> : null}
      <Flow m={m} f={f} label={label} />
      <Reaches m={m} f={f} label={label} />
      <Layers m={m} f={f} label={label} />
      {m.path ? <PathAndLure m={m} f={f} atS={atS} /> : null}
      {m.marks.map((k) => (
        <Mark key={k.id} kind={k.kind} x={f.x(k.xM)} y={f.y(k.depthM)} p={p} />
      ))}
      <Angler m={m} f={f} showLine={!m.path} />
      <Ticks m={m} f={f} label={label} />
    </Svg>
  );
}

function Ticks({ m, f, label }: { m: SectionModel; f: Frame; label: number }) {
  const { p, units } = useTheme();
  const step = tickStep(m.depthM, units.depth === 'ft' ? FT_STEPS : M_STEPS);
  return (
    <G>
      {depthTicks(m.depthM, step).map((d) => (
        <G key={d}>
          <Path d={`M0 ${f.y(d)}h9`} stroke={p.onWater} strokeWidth={2} />
          <Halo x={13} y={f.y(d) + label * 0.35} size={label} text={say.depth(d, units)} />
        </G>
      ))}
      <Halo x={13} y={f.bottomY + label * 1.25} size={label} text={`bottom ${say.depth(m.depthM, units)}`} />
    </G>
  );
}

/** Text that can be read on any water. */
function Halo({ x, y, size, text, anchor = 'start' }: { x: number; y: number; size: number; text: string; anchor?: 'start' | 'middle' | 'end' }) {
  const { p } = useTheme();
  return (
    <G>
      <SvgText
        x={x}
        y={y}
        fontSize={size}
        fontFamily={FONT.dataBold}
        fill="none"
        stroke={p.halo}
        strokeWidth={3.5}
        strokeLinejoin="round"
        textAnchor={anchor}
        opacity={0.85}
      >
        {text}
      </SvgText>
      <SvgText x={x} y={y} fontSize={size} fontFamily={FONT.dataBold} fill={p.onWater} textAnchor={anchor}>
        {text}
      </SvgText>
    </G>
  );
}

/** Water colour by the light that is left at each depth, so that murk and dusk look murky and dusky. */
function lightStops(m: SectionModel, water: readonly string[]): [number, string][] {
  const day = Math.min(1, Math.max(0, (Math.log10(Math.max(m.lux, 1e-3)) + 1) / 5.5));
  return [0, 0.15, 0.35, 0.6, 1].map((t) => {
    const left = Math.exp(-m.attenuationPerM * t * m.depthM);
    // Each tenfold loss of light is one step darker.
    const dark = Math.min(3, Math.max(0, -Math.log10(Math.max(left, 1e-6)) * 0.9 + (1 - day) * 0.9));
    const i = Math.min(2, Math.floor(dark));
    return [t, mix(water[i]!, water[i + 1]!, dark - i)];
  });
}

function Bottom({ m, f }: { m: SectionModel; f: Frame }) {
  const { p } = useTheme();
  const w = f.width;
  const lip = Math.min(8, f.height * 0.03);
  const top = `M0 ${f.bottomY - lip}Q${w * 0.25} ${f.bottomY + lip} ${w * 0.5} ${f.bottomY}T${w} ${f.bottomY - lip}V${f.height}H0z`;
  return (
    <G>
      <Path d={top} fill={p.peat} />
      {[12, 22, 32]
        .filter((d) => f.bottomY + d < f.height - 2)
        .map((d, i) => (
          <Path
            key={d}
            d={wave(w, f.bottomY + d, m.bottom === 'mud' ? 2 : 1, 14 + i * 5)}
            stroke={p.peatLine}
            strokeWidth={1.2}
            fill="none"
            strokeDasharray={m.bottom === 'mud' ? undefined : m.bottom === 'sand' ? '2 5' : m.bottom === 'gravel' ? '5 6' : '9 5'}
          />
        ))}
    </G>
  );
}

function Band({ m, f }: { m: SectionModel; f: Frame }) {
  const { p } = useTheme();
  const top = f.y(m.bandM[0]);
  const bottom = Math.min(f.y(m.bandM[1]), f.bottomY);
  return (
    <G>
      <Rect x={0} y={top} width={f.width} height={Math.max(3, bottom - top)} fill={p.zone} opacity={p.dark ? 0.42 : 0.45} />
      <Path d={`M0 ${top}H${f.width}M0 ${bottom}H${f.width}`} stroke={p.zoneEdge} strokeWidth={2} strokeDasharray="2 6" strokeLinecap="round" />
    </G>
  );
}

/** Where on the cover the fish should be, and how far one of them sees. */
function Fish({ m, f, showSight, label }: { m: SectionModel; f: Frame; showSight: boolean; label: number }) {
  const { p, units } = useTheme();
  const at = { open: 0.55, 'outer-edge': 0.66, inside: 0.86, 'deep-tight': 0.84 }[m.holding];
  const y = f.y(m.holding === 'deep-tight' ? m.bandM[1] * 0.8 + m.fishDepthM * 0.2 : m.fishDepthM);
  const x = f.x(m.castM * at);
  const rx = Math.max(6, m.sightM * f.pxPerM);
  const ry = Math.max(6, m.sightM * f.pxPerDepthM);
  return (
    <G>
      {showSight ? (
        <G>
          <Ellipse cx={x} cy={y} rx={rx} ry={ry} fill={p.onWater} opacity={0.16} />
          <Ellipse cx={x} cy={y} rx={rx} ry={ry} fill="none" stroke={p.onWater} strokeWidth={1.6} strokeDasharray="5 4" />
          <Halo
            x={Math.max(f.x(0) + 60, x - rx - 6)}
            y={y - Math.max(8, ry * 0.55)}
            size={label}
            text={`sees ${say.depth(m.sightM, units)}`}
            anchor="end"
          />
        </G>
      ) : null}
      {[
        [0, 0, 30],
        [26, 12, 24],
        [-22, 13, 22],
      ].map(([dx, dy, l], i) => (
        <Path key={i} d={fishPath(x + dx!, y + dy! * (ry > 30 ? 1 : 0.6), l!)} fill={p.halo} stroke={p.onWater} strokeWidth={1} opacity={0.85} />
      ))}
    </G>
  );
}

function Flow({ m, f, label }: { m: SectionModel; f: Frame; label: number }) {
  const { p, units } = useTheme();
  if (m.currentMps < 0.02) return null;
  const along = -Math.cos((m.currentAngleDeg * Math.PI) / 180);
  const right = along >= 0;
  const x = f.width * 0.42;
  const y = f.y(m.depthM * 0.16);
  const len = 34 + Math.min(1, m.currentMps) * 40;
  const s = right ? 1 : -1;
  return (
    <G>
      <Path
        d={`M${x - (s * len) / 2} ${y}h${s * len}m${-s * 9} -6l${s * 9} 6l${-s * 9} 6`}
        stroke={p.onWater}
        strokeWidth={2.4}
        fill="none"
        strokeLinecap="round"
      />
      <Halo x={x} y={y + label * 1.35} size={label} text={`current ${say.speed(m.currentMps, units)}`} anchor="middle" />
    </G>
  );
}

/** Each lure at the depth it is worked, on a line from the shallowest to the deepest it holds; dashed where it often hangs up. */
function Reaches({ m, f, label }: { m: SectionModel; f: Frame; label: number }) {
  const { p } = useTheme();
  if (m.reaches.length === 0) return null;
  const from = f.x(0) + 44;
  const gap = (f.x(m.castM * 0.72) - from) / m.reaches.length;
  return (
    <G>
      {m.reaches.map((r, i) => {
        const x = from + gap * (i + 0.5);
        const top = f.y(r.topM);
        const bottom = Math.max(top + 4, Math.min(f.y(r.bottomM), f.bottomY));
        const colour = r.chosen ? p.copper : p.onWater;
        return (
          <G key={r.id}>
            <Path
              d={`M${x - 7} ${top}h14M${x} ${top}V${bottom}M${x - 7} ${bottom}h14`}
              stroke={p.halo}
              strokeWidth={6}
              strokeLinecap="round"
              opacity={0.5}
              fill="none"
            />
            <Path
              d={`M${x - 7} ${top}h14M${x} ${top}V${bottom}M${x - 7} ${bottom}h14`}
              stroke={colour}
              strokeWidth={2.6}
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
function Layers({ m, f, label }: { m: SectionModel; f: Frame; label: number }) {
  const { p } = useTheme();
  if (m.layers.length === 0) return null;
  const most = Math.max(0.02, ...m.layers.map((l) => l.perCast));
  const from = f.x(0) + 58;
  const room = f.width * 0.46;
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
              strokeWidth={1.5}
              opacity={l.casts < 30 ? 0.55 : 1}
            />
            <Halo x={from + w + 8} y={y + label * 0.35} size={label} text={`${(100 * l.perCast).toFixed(1)} in 100 · ${l.casts} casts`} />
          </G>
        );
      })}
    </G>
  );
}

function Angler({ m, f, showLine }: { m: SectionModel; f: Frame; showLine: boolean }) {
  const { p } = useTheme();
  const tip: [number, number] = [f.x(0) + 22, Math.max(12, f.surfaceY - Math.max(8, m.tipM * Math.min(f.pxPerDepthM, 26)))];
  const hand: [number, number] = [f.x(0) - 16, f.surfaceY - 14];
  return (
    <G strokeLinecap="round">
      <Path d={`M0 ${f.surfaceY - 6}h${f.x(0) - 2}l-7 9H0z`} fill={p.line} />
      <Path d={polyline([hand, tip])} stroke={p.line} strokeWidth={3.4} fill="none" />
      {showLine ? <Circle cx={tip[0]} cy={tip[1]} r={2.5} fill={p.line} /> : null}
    </G>
  );
}

function PathAndLure({ m, f, atS }: { m: SectionModel; f: Frame; atS: number | null }) {
  const { p } = useTheme();
  const path = m.path!;
  const points = path.xM.map((x, i): [number, number] => [f.x(x), f.y(Math.max(0, path.depthM[i]!))]);
  const inZone = path.depthM.map((d) => d >= m.bandM[0] - 0.02 && d <= m.bandM[1] + 0.05);
  const pieces: [number, number][][] = [];
  points.forEach((pt, i) => {
    if (!inZone[i]) return;
    if (i > 0 && inZone[i - 1]) pieces[pieces.length - 1]!.push(pt);
    else pieces.push([pt]);
  });
  const i = indexAt(path.tS, atS, inZone);
  const lure = points[i] ?? [0, 0];
  const tip: [number, number] = [f.x(0) + 22, Math.max(12, f.surfaceY - Math.max(8, m.tipM * Math.min(f.pxPerDepthM, 26)))];
  const xz = path.lineXZ[i] ?? [];
  const line: [number, number][] = [];
  for (let k = 0; k + 1 < xz.length; k += 2) {
    const z = xz[k + 1]!;
    line.push([f.x(xz[k]!), z <= 0 ? f.y(-z) : f.surfaceY - z * ((f.surfaceY - tip[1]) / Math.max(m.tipM, 0.2))]);
  }
  if (line.length > 0) line[line.length - 1] = tip;
  return (
    <G strokeLinecap="round" strokeLinejoin="round" fill="none">
      <Path d={polyline(points)} stroke={p.halo} strokeWidth={5} opacity={0.5} />
      <Path d={polyline(points)} stroke={p.dark ? p.copper : '#F0A06A'} strokeWidth={2.6} strokeDasharray="1 6" />
      {pieces.map((piece, k) => (
        <Path key={k} d={polyline(piece)} stroke={p.copper} strokeWidth={5} />
      ))}
      <Path d={polyline(line.length > 1 ? line : [lure, tip])} stroke={p.line} strokeWidth={1.4} opacity={0.9} />
      <Circle cx={lure[0]} cy={lure[1]} r={17} fill={p.onWater} opacity={0.18} />
      {m.family ? <LureShape family={m.family} x={lure[0]} y={lure[1]} length={34} fill={p.onWater} stroke={p.halo} /> : null}
    </G>
  );
}

/** Sample for a moment; without one, the middle of the time in the zone. */
function indexAt(tS: readonly number[], atS: number | null, inZone: readonly boolean[]): number {
  if (atS === null) {
    const zone = inZone.flatMap((v, i) => (v ? [i] : []));
    return zone[Math.floor(zone.length / 2)] ?? Math.floor(tS.length / 3);
  }
  let i = 0;
  while (i < tS.length - 1 && tS[i + 1]! <= atS) i++;
  return i;
}
