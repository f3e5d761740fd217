/** The water of the section: its light, bottom, depth scale, the fish's band, and how far down one sees. */
import { useId, useMemo } from 'react';
import { Defs, G, LinearGradient, Path, Rect, Stop } from '../platform/shapes';
import { FT, say } from '../../wording/units';
import { SECTION_PART } from '../../wording/pages/section';
import { useTheme } from '../theme/theme';
import { drawnBy, type PartProps } from './drawnBy';
import { depthTicks, tickStep, wave, type SectionFrame } from './geometry';
import { Halo } from './Halo';
import type { SectionModel } from './model';

const FT_STEPS = [1, 2, 4, 5, 10, 20, 40].map((v) => v * FT);
const M_STEPS = [0.25, 0.5, 1, 2, 3, 5, 10];

/** The water itself, darker with depth. */
function Water({ m, f }: PartProps) {
  const { p } = useTheme();
  const id = `w${useId().replace(/[^a-zA-Z0-9]/g, '')}`;
  const { width, height, surfaceY } = f;
  // A drag moves the light alone; what is made here once, React leaves as it is.
  const colours = useMemo(
    () => p.water.map((colour, i) => <Stop key={i} offset={i / (p.water.length - 1)} stopColor={colour} />),
    [p],
  );
  const body = useMemo(
    () => (
      <Path
        d={`${wave(width, surfaceY, Math.min(9, 1.5 + m.waveM * 30))}L${width} ${height}L0 ${height}z`}
        fill={`url(#${id})`}
      />
    ),
    [width, height, surfaceY, m.waveM, id],
  );
  const [y1, y2] = lightRows(m, f);
  return (
    <>
      <Defs>
        <LinearGradient id={id} gradientUnits="userSpaceOnUse" x1={0} x2={0} y1={y1} y2={y2}>
          {colours}
        </LinearGradient>
      </Defs>
      {body}
    </>
  );
}

function Ticks({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  const step = tickStep(m.depthM, units.depth === 'ft' ? FT_STEPS : M_STEPS);
  const ticks = depthTicks(m.depthM, step);
  return (
    <>
      <Path d={ticks.map((d) => `M0 ${f.y(d)}h9`).join('')} stroke={p.onWater} strokeWidth={2 * p.stroke} />
      {ticks.map((d, i) => (
        // By their place: a scale with another step takes over the same letters.
        <Halo key={i} x={13} y={f.y(d) + label * 0.35} size={label} text={say.depth(d, units)} />
      ))}
      <Halo x={13} y={f.bottomY + label * 1.25} size={label} text={`bottom ${say.depth(m.depthM, units)}`} />
    </>
  );
}

/**
 * From one colour of the water to the next the light falls somewhat more than tenfold: by this much of its natural
 * logarithm.
 */
const COLOUR_STEP_LN = Math.LN10 / 0.9;

/**
 * The pixel rows of the brightest and of the darkest colour of the water: light falls with depth as it does in the
 * water, so that murk and dusk look murky and dusky.
 */
function lightRows(m: SectionModel, f: SectionFrame): [number, number] {
  const day = Math.min(1, Math.max(0, (Math.log10(Math.max(m.lux, 1e-3)) + 1) / 5.5));
  const stepM = COLOUR_STEP_LN / m.attenuationPerM;
  // A dark sky is like up to nine tenths of a step more water above.
  const brightestM = -0.9 * (1 - day) * stepM;
  return [f.y(brightestM), f.y(brightestM + 3 * stepM)];
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
            strokeDasharray={
              m.bottom === 'mud' ? undefined : m.bottom === 'sand' ? '2 5' : m.bottom === 'gravel' ? '5 6' : '9 5'
            }
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
    <>
      <Rect
        x={0}
        y={top}
        width={f.width}
        height={Math.max(3, bottom - top)}
        fill={p.zone}
        opacity={p.dark ? 0.42 : 0.45}
      />
      <Path
        d={`M0 ${top}H${f.width}M0 ${bottom}H${f.width}`}
        stroke={p.zoneEdge}
        strokeWidth={2 * p.stroke}
        strokeDasharray="2 6"
        strokeLinecap="round"
      />
    </>
  );
}

/** Where a white lure goes out of sight, and where a tenth of the light is left. */
function Sighted({ m, f, label }: PartProps) {
  const { p } = useTheme();
  const x = 64;
  const tenthM = Math.LN10 / m.attenuationPerM;
  const all: [number, string][] = [
    [m.clarityM, SECTION_PART.outOfSight],
    [tenthM, '1/10 of the light'],
  ];
  const marks = all.filter(([d]) => d < m.depthM * 0.97).sort(([a], [b]) => a - b);
  // Each stands on its dashes; in water so deep that the two would run into each other the lower one hangs below.
  const close = marks.length > 1 && f.y(marks[1]![0]) - f.y(marks[0]![0]) < label + 6;
  return (
    <>
      <Path
        d={marks.map(([d]) => `M${x} ${f.y(d)}h22`).join('')}
        stroke={p.onWater}
        strokeWidth={2 * p.stroke}
        strokeDasharray="3 3"
      />
      {marks.map(([d, text], i) => (
        <Halo key={text} x={x} y={f.y(d) + (close && i === 1 ? label + 1 : -4)} size={label} text={text} />
      ))}
    </>
  );
}

export const WaterPart = drawnBy(Water, (m, f) => [m.waveM, ...lightRows(m, f)]);
export const BottomPart = drawnBy(Bottom, (m) => [m.bottom]);
export const BandPart = drawnBy(Band, (m, f) => [f.y(m.bandM[0]), Math.min(f.y(m.bandM[1]), f.bottomY)]);
export const TicksPart = drawnBy(Ticks, (m) => [m.depthM]);
export const SightedPart = drawnBy(Sighted, (m) => [m.clarityM, m.attenuationPerM, m.depthM]);
