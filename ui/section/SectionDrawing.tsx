/** The section through the water in front of you: the one drawing every place fills in. */
import { memo, useId, useMemo, type ComponentType } from 'react';
import Svg, { Circle, Defs, Ellipse, G, LinearGradient, Path, Rect, Stop, Text as SvgText } from 'react-native-svg';
import { FT, say } from '../../wording/units';
import { flowText, isAcross } from '../../wording/section';
import { mix } from '../theme/palette';
import { FONT, useTheme } from '../theme/theme';
import { Layers, Reaches } from './Answers';
import { CastPath } from './CastPath';
import { Cover } from './Cover';
import { depthTicks, frameOf, polyline, tickStep, tipPoint, wave, type Frame } from './geometry';
import { Halo } from './Halo';
import { fishPath, Mark } from './Marks';
import type { SectionModel } from './model';

const FT_STEPS = [1, 2, 4, 5, 10, 20, 40].map((v) => v * FT);
const M_STEPS = [0.25, 0.5, 1, 2, 3, 5, 10];

interface Props {
  model: SectionModel;
  /** The drawing told, for those who do not see it. */
  words: string;
  width: number;
  height: number;
  /** Moment of the path to show, s; null shows where it spends its time best. */
  atS: number | null;
  showSight?: boolean;
}

interface PartProps {
  m: SectionModel;
  f: Frame;
  label: number;
}

/** A part that is drawn anew only when what it shows has changed: a dragged reading moves two or three of them. */
function drawnBy(Part: ComponentType<PartProps>, keys: readonly (keyof SectionModel)[]): ComponentType<PartProps> {
  return memo(Part, (a, b) => a.f === b.f && a.label === b.label && keys.every((k) => same(a.m[k], b.m[k])));
}

const same = (a: unknown, b: unknown): boolean =>
  a === b ||
  (typeof a === 'object' &&
    typeof b === 'object' &&
    a !== null &&
    b !== null &&
    Object.keys(a).length === Object.keys(b).length &&
    Object.entries(a).every(([k, v]) => v === (b as Record<string, unknown>)[k]));

/** Not drawn at all when nothing that it shows has changed. */
export const SectionDrawing = memo(
  WholeSection,
  (a, b) =>
    a.words === b.words &&
    a.width === b.width &&
    a.height === b.height &&
    a.atS === b.atS &&
    a.showSight === b.showSight &&
    (a.model === b.model || (Object.keys(b.model) as (keyof SectionModel)[]).every((k) => same(a.model[k], b.model[k]))),
);

function WholeSection({ model: m, words, width, height, atS, showSight = false }: Props) {
  const { p, scale } = useTheme();
  const { depthM, castM } = m;
  const f = useMemo(() => frameOf({ depthM, castM }, width, height), [depthM, castM, width, height]);
  const label = Math.min(18, 13 * Math.min(scale, 1.35));
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={words}>
      <Rect x={0} y={0} width={width} height={height} fill={p.sky} />
      <WaterPart m={m} f={f} label={label} />
      <BottomPart m={m} f={f} label={label} />
      <BandPart m={m} f={f} label={label} />
      <CoverPart m={m} f={f} label={label} />
      {showSight ? (
        <>
          <SightedPart m={m} f={f} label={label} />
          <FeltPart m={m} f={f} label={label} />
          <SightPart m={m} f={f} label={label} />
        </>
      ) : null}
      {m.layers.length === 0 ? <FishPart m={m} f={f} label={label} /> : null}
      <FlowPart m={m} f={f} label={label} />
      <Reaches m={m} f={f} label={label} />
      <Layers m={m} f={f} label={label} />
      {m.path ? <CastPath m={m} f={f} atS={atS} label={label} /> : null}
      {m.marks.map((k) => (
        <Mark key={k.id} kind={k.kind} x={f.x(k.xM)} y={f.y(k.depthM)} p={p} />
      ))}
      <WindPart m={m} f={f} label={label} />
      <AnglerPart m={m} f={f} label={label} />
      <TicksPart m={m} f={f} label={label} />
    </Svg>
  );
}

/** The water itself, darker with depth. */
function Water({ m, f }: PartProps) {
  const { p } = useTheme();
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const { width, height } = f;
  const top = useMemo(() => wave(width, f.surfaceY, Math.min(9, 1.5 + m.waveM * 30)), [width, f.surfaceY, m.waveM]);
  return (
    <G>
      <Defs>
        <LinearGradient id={`w${id}`} x1="0" y1="0" x2="0" y2="1">
          {lightStops(m, p.water).map(([at, colour]) => (
            <Stop key={at} offset={at} stopColor={colour} />
          ))}
        </LinearGradient>
      </Defs>
      <Path d={`${top}L${width} ${height}L0 ${height}z`} fill={`url(#w${id})`} />
    </G>
  );
}

function Ticks({ m, f, label }: { m: SectionModel; f: Frame; label: number }) {
  const { p, units } = useTheme();
  const step = tickStep(m.depthM, units.depth === 'ft' ? FT_STEPS : M_STEPS);
  return (
    <G>
      {depthTicks(m.depthM, step).map((d) => (
        <G key={d}>
          <Path d={`M0 ${f.y(d)}h9`} stroke={p.onWater} strokeWidth={2 * p.stroke} />
          <Halo x={13} y={f.y(d) + label * 0.35} size={label} text={say.depth(d, units)} />
        </G>
      ))}
      <Halo x={13} y={f.bottomY + label * 1.25} size={label} text={`bottom ${say.depth(m.depthM, units)}`} />
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

function Bottom({ m, f }: PartProps) {
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
            strokeWidth={1.2 * p.stroke}
            fill="none"
            strokeDasharray={m.bottom === 'mud' ? undefined : m.bottom === 'sand' ? '2 5' : m.bottom === 'gravel' ? '5 6' : '9 5'}
          />
        ))}
    </G>
  );
}

function Band({ m, f }: PartProps) {
  const { p } = useTheme();
  const top = f.y(m.bandM[0]);
  const bottom = Math.min(f.y(m.bandM[1]), f.bottomY);
  return (
    <G>
      <Rect x={0} y={top} width={f.width} height={Math.max(3, bottom - top)} fill={p.zone} opacity={p.dark ? 0.42 : 0.45} />
      <Path
        d={`M0 ${top}H${f.width}M0 ${bottom}H${f.width}`}
        stroke={p.zoneEdge}
        strokeWidth={2 * p.stroke}
        strokeDasharray="2 6"
        strokeLinecap="round"
      />
    </G>
  );
}

/** Where on the cover the fish should be: pixels. */
function fishAt(m: SectionModel, f: Frame): [number, number] {
  const at = { open: 0.55, 'outer-edge': 0.66, inside: 0.86, 'deep-tight': 0.84 }[m.holding];
  return [f.x(m.castM * at), f.y(m.holding === 'deep-tight' ? m.bandM[1] * 0.8 + m.fishDepthM * 0.2 : m.fishDepthM)];
}

function Fish({ m, f }: PartProps) {
  const { p } = useTheme();
  const [x, y] = fishAt(m, f);
  const spread = f.pxPerDepthM > 30 ? 1 : 0.6;
  return (
    <G>
      {[
        [0, 0, 30],
        [26, 12, 24],
        [-22, 13, 22],
      ].map(([dx, dy, l], i) => (
        <Path key={i} d={fishPath(x + dx!, y + dy! * spread, l!)} fill={p.halo} stroke={p.onWater} strokeWidth={p.stroke} opacity={0.85} />
      ))}
    </G>
  );
}

/** How far one of them sees. */
function Sight({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  const [x, y] = fishAt(m, f);
  const rx = Math.max(6, m.sightM * f.pxPerM);
  const ry = Math.max(6, m.sightM * f.pxPerDepthM);
  return (
    <G>
      <Ellipse
        cx={x}
        cy={y}
        rx={rx}
        ry={ry}
        fill={p.onWater}
        fillOpacity={0.16}
        stroke={p.onWater}
        strokeWidth={1.6 * p.stroke}
        strokeDasharray="5 4"
      />
      <Halo
        x={Math.max(f.x(0) + 60, x - rx - 6)}
        y={y - Math.max(8, ry * 0.55)}
        size={label}
        text={`sees ${say.depth(m.sightM, units)}`}
        anchor="end"
      />
    </G>
  );
}

/** How far one feels a thumping lure. */
function Felt({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  const [x, y] = fishAt(m, f);
  const ry = Math.max(6, m.feltM * f.pxPerDepthM);
  return (
    <G>
      <Ellipse
        cx={x}
        cy={y}
        rx={Math.max(6, m.feltM * f.pxPerM)}
        ry={ry}
        fill="none"
        stroke={p.onWater}
        strokeWidth={1.2 * p.stroke}
        strokeDasharray="1 6"
        strokeLinecap="round"
      />
      <Halo x={x} y={Math.min(f.bottomY - 4, y + ry + label)} size={label} text={`feels ${say.depth(m.feltM, units)}`} anchor="middle" />
    </G>
  );
}

function CoverOf({ m, f }: PartProps) {
  const { p } = useTheme();
  return <Cover m={m} f={f} p={p} />;
}

/** Where a white lure goes out of sight, and where a tenth of the light is left. */
function Sighted({ m, f, label }: PartProps) {
  const { p } = useTheme();
  const x = 64;
  const tenthM = Math.LN10 / m.attenuationPerM;
  const marks: [number, string][] = [
    [m.clarityM, 'white lure lost'],
    [tenthM, '1/10 of the light'],
  ];
  return (
    <G>
      {marks
        .filter(([d]) => d < m.depthM * 0.97)
        .map(([d, text]) => (
          <G key={text}>
            <Path d={`M${x} ${f.y(d)}h22`} stroke={p.onWater} strokeWidth={2 * p.stroke} strokeDasharray="3 3" />
            <Halo x={x} y={f.y(d) - 4} size={label} text={text} />
          </G>
        ))}
    </G>
  );
}

/** An arrow along the cast, or a ring with a dot for what goes across it. */
function Arrow({ x, y, angleDeg, length, colour }: { x: number; y: number; angleDeg: number; length: number; colour: string }) {
  const { p } = useTheme();
  const along = -Math.cos((angleDeg * Math.PI) / 180);
  const s = along >= 0 ? 1 : -1;
  if (isAcross(angleDeg))
    return (
      <G>
        <Circle cx={x} cy={y} r={8} fill="none" stroke={colour} strokeWidth={2 * p.stroke} />
        <Circle cx={x} cy={y} r={2.6} fill={colour} />
      </G>
    );
  return (
    <Path
      d={`M${x - (s * length) / 2} ${y}h${s * length}m${-s * 9} -6l${s * 9} 6l${-s * 9} 6`}
      stroke={colour}
      strokeWidth={2.4 * p.stroke}
      fill="none"
      strokeLinecap="round"
    />
  );
}

function Flow({ m, f, label }: { m: SectionModel; f: Frame; label: number }) {
  const { p, units } = useTheme();
  if (m.currentMps < 0.02) return null;
  const x = f.width * 0.42;
  const y = f.y(m.depthM * 0.16);
  return (
    <G>
      <Arrow x={x} y={y} angleDeg={m.currentAngleDeg} length={34 + Math.min(1, m.currentMps) * 40} colour={p.onWater} />
      <Halo x={x} y={y + label * 1.5} size={label} text={flowText('current', m.currentMps, m.currentAngleDeg, units)} anchor="middle" />
    </G>
  );
}

/** Over the water. */
function Wind({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  if (m.windMps < 0.5) return null;
  // In one line along the top: clear of the rod, of a trunk that stands out of the water, and of what is written over it.
  const x = f.width * 0.42;
  const y = 6 + label * 0.6;
  const length = 22 + Math.min(1, m.windMps / 12) * 20;
  return (
    <G>
      <Arrow x={x} y={y} angleDeg={m.windAngleDeg} length={length} colour={p.line} />
      <SvgText
        x={x + (isAcross(m.windAngleDeg) ? 14 : length / 2 + 8)}
        y={y + label * 0.35}
        fontSize={label}
        fontFamily={FONT.dataBold}
        fill={p.line}
      >
        {flowText('wind', m.windMps, m.windAngleDeg, units)}
      </SvgText>
    </G>
  );
}

function Angler({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  const tip = tipPoint(m, f);
  const hand: [number, number] = [f.x(0) - 16, f.surfaceY - 14];
  return (
    <G strokeLinecap="round">
      <Path d={`M0 ${f.surfaceY - 6}h${f.x(0) - 2}l-7 9H0z`} fill={p.line} />
      <Path d={polyline([hand, tip])} stroke={p.line} strokeWidth={3.4 * p.stroke} fill="none" />
      {!m.path ? (
        <Circle cx={tip[0]} cy={tip[1]} r={2.5} fill={p.line} />
      ) : (
        <SvgText x={tip[0] + 8} y={Math.max(label, tip[1] - 2)} fontSize={label} fontFamily={FONT.dataBold} fill={p.line}>
          {`tip ${say.depth(m.tipM, units)} up`}
        </SvgText>
      )}
    </G>
  );
}

const BottomPart = drawnBy(Bottom, ['bottom']);
const BandPart = drawnBy(Band, ['bandM']);
const CoverPart = drawnBy(CoverOf, ['cover', 'bandM', 'castM']);
const FlowPart = drawnBy(Flow, ['currentMps', 'currentAngleDeg', 'depthM']);
const WindPart = drawnBy(Wind, ['windMps', 'windAngleDeg']);
const AnglerPart = drawnBy(Angler, ['tipM', 'path']);
const TicksPart = drawnBy(Ticks, ['depthM']);
const WaterPart = drawnBy(Water, ['attenuationPerM', 'lux', 'depthM', 'waveM']);
const SightedPart = drawnBy(Sighted, ['clarityM', 'attenuationPerM', 'depthM']);
const FISH_AT = ['holding', 'bandM', 'fishDepthM', 'castM'] as const;
const FishPart = drawnBy(Fish, FISH_AT);
const SightPart = drawnBy(Sight, [...FISH_AT, 'sightM']);
const FeltPart = drawnBy(Felt, [...FISH_AT, 'feltM']);
