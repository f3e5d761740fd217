/** The cover, drawn at the target end: wood, brush, pads, grass, reeds, dock, rock, oyster. Denser cover draws more of it. */
import { G, Path } from 'react-native-svg';
import type { Palette } from '../theme/palette';
import type { Frame } from './geometry';
import type { SectionModel } from './model';

/** Fixed scatter so that the drawing never flickers. */
const scatter = (i: number, k: number): number => (((Math.sin((i + 1) * 12.9898 + k * 78.233) * 43758.5453) % 1) + 1) % 1;

export function Cover({ m, f, p }: { m: SectionModel; f: Frame; p: Palette }) {
  const { kind, density } = m.cover;
  const left = f.x(m.castM * 0.62);
  const right = f.width;
  const many = (atFull: number): number => Math.max(1, Math.round(atFull * Math.max(density, 0.15)));
  switch (kind) {
    case 'none':
      return null;
    case 'wood':
      return <Wood left={f.x(m.castM * 0.74)} f={f} p={p} limbs={many(18)} />;
    case 'brush':
      return <Brush left={f.x(m.castM * 0.72)} f={f} p={p} limbs={many(16)} />;
    case 'pads':
    case 'matted-grass':
      return (
        <G>
          {Array.from({ length: many(kind === 'pads' ? 16 : 40) }, (_, i) => {
            const x = left + scatter(i, 1) * (right - left);
            const w = kind === 'pads' ? 22 + 12 * scatter(i, 2) : 26;
            return (
              <G key={i}>
                <Path
                  d={`M${x} ${f.surfaceY}q${(scatter(i, 4) - 0.5) * 20} ${(f.bottomY - f.surfaceY) * 0.5} ${(scatter(i, 3) - 0.5) * 24} ${f.bottomY - f.surfaceY}`}
                  stroke={p.coverFar}
                  strokeWidth={(kind === 'pads' ? 1.5 : 2.5) * p.stroke}
                  fill="none"
                />
                <Path d={`M${x - w / 2} ${f.surfaceY - 1}q${w / 2} ${-6} ${w} 0q${-w / 2} ${5} ${-w} 0z`} fill={p.moss} />
              </G>
            );
          })}
        </G>
      );
    case 'submerged-grass':
    case 'reeds': {
      const top = kind === 'reeds' ? f.surfaceY - 30 : f.y(Math.max(0.05, m.cover.topDepthM));
      return (
        <G>
          {Array.from({ length: many(60) }, (_, i) => {
            const x = left - 30 + scatter(i, 1) * (right - left + 30);
            const h = (f.bottomY - top) * (0.75 + 0.25 * scatter(i, 2));
            return (
              <Path
                key={i}
                d={`M${x} ${f.bottomY + 4}q${8 * (scatter(i, 3) - 0.5)} ${-h / 2} ${14 * (scatter(i, 4) - 0.5)} ${-h}`}
                stroke={i % 3 ? p.moss : p.coverFar}
                strokeWidth={2.2 * p.stroke}
                fill="none"
                strokeLinecap="round"
              />
            );
          })}
        </G>
      );
    }
    case 'dock':
      return (
        <G>
          <Path d={`M${f.x(m.castM * 0.78)} ${f.surfaceY - 20}H${right}v9H${f.x(m.castM * 0.78)}z`} fill={p.cover} />
          {[0.8, 0.88, 0.96].map((k) => (
            <Path key={k} d={`M${f.x(m.castM * k)} ${f.surfaceY - 12}V${f.bottomY + 6}`} stroke={p.cover} strokeWidth={6 * p.stroke} />
          ))}
        </G>
      );
    case 'rock':
    case 'oyster':
      return (
        <G>
          {Array.from({ length: many(kind === 'rock' ? 9 : 22) }, (_, i) => {
            const x = left - 40 + scatter(i, 1) * (right - left + 40);
            const s = kind === 'rock' ? 16 + 26 * scatter(i, 2) : 7 + 9 * scatter(i, 2);
            const d =
              kind === 'rock'
                ? `M${x - s} ${f.bottomY + 6}q${s * 0.1} ${-s} ${s * 0.8} ${-s * 0.95}q${s * 0.9} ${-s * 0.15} ${s * 1.2} ${s * 0.95}z`
                : `M${x - s / 2} ${f.bottomY + 5}l${s * 0.2} ${-s * 1.5}l${s * 0.25} ${s * 0.6}l${s * 0.25} ${-s * 0.9}l${s * 0.3} ${s * 1.8}z`;
            return <Path key={i} d={d} fill={i % 2 ? p.cover : p.coverFar} />;
          })}
        </G>
      );
  }
}

/** A tree lying out from the far bank: the trunk slants down to the left, limbs hang from it. */
function Wood({ left, f, p, limbs }: { left: number; f: Frame; p: Palette; limbs: number }) {
  const x0 = f.width + 6;
  const y0 = f.surfaceY - 34;
  const x1 = left;
  const y1 = f.surfaceY + (f.bottomY - f.surfaceY) * 0.66;
  const at = (t: number): [number, number] => [x0 + (x1 - x0) * t, y0 + (y1 - y0) * t];
  return (
    <G strokeLinecap="round" fill="none">
      {Array.from({ length: limbs }, (_, i) => {
        const t = 0.3 + (0.65 * (i + 0.5)) / limbs;
        const [x, y] = at(t);
        const len = (0.1 + 0.13 * scatter(i, 5)) * (f.bottomY - f.surfaceY) * (1.15 - t * 0.5) + 10;
        const down = i % 2 === 0;
        return (
          <Path
            key={i}
            d={`M${x} ${y}q${down ? -4 : -len * 0.4} ${down ? len * 0.5 : -2} ${down ? -len * 0.25 : -len} ${down ? len : -len * 0.25}`}
            stroke={i % 3 === 1 ? p.coverFar : p.cover}
            strokeWidth={(3.4 - t * 1.4) * Math.max(1, f.height / 320) * p.stroke}
          />
        );
      })}
      <Path d={`M${x0} ${y0}L${x1} ${y1}`} stroke={p.cover} strokeWidth={8 * Math.max(1, f.height / 320) * p.stroke} />
    </G>
  );
}

/** A sunken pile of branches standing on the bottom. */
function Brush({ left, f, p, limbs }: { left: number; f: Frame; p: Palette; limbs: number }) {
  const mid = (left + f.width) / 2;
  const h = Math.min(90, (f.bottomY - f.surfaceY) * 0.5);
  return (
    <G strokeLinecap="round" fill="none">
      {Array.from({ length: limbs }, (_, i) => {
        const lean = (i / Math.max(1, limbs - 1) - 0.5) * 2;
        const len = h * (0.6 + 0.4 * scatter(i, 6));
        return (
          <Path
            key={i}
            d={`M${mid + lean * 14} ${f.bottomY + 6}q${lean * 14} ${-len * 0.6} ${lean * 46} ${-len}m${-lean * 16} ${len * 0.45}l${lean * 22 + 6} ${-len * 0.3}`}
            stroke={i % 3 ? p.cover : p.coverFar}
            strokeWidth={3 * p.stroke}
          />
        );
      })}
    </G>
  );
}
