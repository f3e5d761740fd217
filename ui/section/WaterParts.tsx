/** The water of the section: its light, bottom, depth scale, the fish's band, and how far down one sees. */
import { useId, useMemo } from 'react';
import { Defs, G, LinearGradient, Path, Rect, Stop } from 'react-native-svg';
import { FT, say } from '../../wording/units';
import { mix } from '../theme/palette';
import { useTheme } from '../theme/theme';
import { drawnBy, type PartProps } from './drawnBy';
import { depthTicks, tickStep, wave } from './geometry';
import { Halo } from './Halo';
import type { SectionModel } from './model';

const FT_STEPS = [1, 2, 4, 5, 10, 20, 40].map((v) => v * FT);
const M_STEPS = [0.25, 0.5, 1, 2, 3, 5, 10];

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

function Ticks({ m, f, label }: PartProps) {
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

export const WaterPart = drawnBy(Water, ['attenuationPerM', 'lux', 'depthM', 'waveM']);
export const BottomPart = drawnBy(Bottom, ['bottom']);
export const BandPart = drawnBy(Band, ['bandM']);
export const TicksPart = drawnBy(Ticks, ['depthM']);
export const SightedPart = drawnBy(Sighted, ['clarityM', 'attenuationPerM', 'depthM']);
