/** The simulated cast: the path, its part among the fish, the line and the lure at the moment shown. */
import { Circle, G, Path } from 'react-native-svg';
import { useTheme } from '../theme/theme';
import { polyline, tipPoint, type Frame } from './geometry';
import { LureShape } from './LureShape';
import { indexAt } from './moment';
import type { SectionModel } from './model';

export function CastPath({ m, f, atS }: { m: SectionModel; f: Frame; atS: number | null }) {
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
  const tip = tipPoint(m, f);
  const xz = path.lineXZ[i] ?? [];
  const line: [number, number][] = [];
  for (let k = 0; k + 1 < xz.length; k += 2) {
    const z = xz[k + 1]!;
    line.push([f.x(xz[k]!), z <= 0 ? f.y(-z) : f.surfaceY - z * ((f.surfaceY - tip[1]) / Math.max(m.tipM, 0.2))]);
  }
  if (line.length > 0) line[line.length - 1] = tip;
  return (
    <G strokeLinecap="round" strokeLinejoin="round" fill="none">
      <Path d={polyline(points)} stroke={p.halo} strokeWidth={5 * p.stroke} opacity={0.5} />
      <Path d={polyline(points)} stroke={p.dark ? p.copper : '#F0A06A'} strokeWidth={2.6 * p.stroke} strokeDasharray="1 6" />
      {pieces.map((piece, k) => (
        <Path key={k} d={polyline(piece)} stroke={p.copper} strokeWidth={5 * p.stroke} />
      ))}
      <Path d={polyline(line.length > 1 ? line : [lure, tip])} stroke={p.line} strokeWidth={1.4 * p.stroke} opacity={0.9} />
      <Circle cx={lure[0]} cy={lure[1]} r={17} fill={p.onWater} opacity={0.18} />
      {m.family ? <LureShape family={m.family} x={lure[0]} y={lure[1]} length={34} fill={p.onWater} stroke={p.halo} /> : null}
    </G>
  );
}
