/** A piece of cover as it is seen from above, and the bank that it begins on. */
import { outlineOf } from '../../core/castplan/outline';
import { growsFromBank, lengthOf, type Point } from '../../core/castplan/shape';
import type { Piece } from '../../core/records/piece';
import type { PieceKind } from '../../core/water/pieces';
import { Circle, G, Path, Rect } from '../platform/shapes';
import type { Palette } from '../theme/palette';
import { line, type Frame } from './frame';

/** How the outline of a sketched piece is filled and drawn; what is not named is wood. */
const SKETCHED: Partial<
  Record<PieceKind, { fill: 'moss' | 'peatLine' | 'coverFar'; stroke: 'moss' | 'peat' | 'cover'; dashed?: boolean }>
> = {
  'brush-pile': { fill: 'coverFar', stroke: 'cover', dashed: true },
  'rock-pile': { fill: 'peatLine', stroke: 'peat' },
  'oyster-bar': { fill: 'peatLine', stroke: 'cover' },
  jetty: { fill: 'peatLine', stroke: 'peat' },
  point: { fill: 'peatLine', stroke: 'peat', dashed: true },
  ledge: { fill: 'peatLine', stroke: 'peat', dashed: true },
  'pads-edge': { fill: 'moss', stroke: 'moss' },
  'grass-line': { fill: 'moss', stroke: 'moss', dashed: true },
};

/** The piece itself, by its kind. */
export function PieceDrawing({ piece, f, p }: { piece: Piece; f: Frame; p: Palette }) {
  const [L, W] = [lengthOf(piece), piece.widthM];
  const path = (points: readonly Point[], closed = true): string => line(f, points) + (closed ? 'Z' : '');
  const box = (x0: number, x1: number, y0: number, y1: number): Point[] => [
    { x: x0, y: y0 },
    { x: x1, y: y0 },
    { x: x1, y: y1 },
    { x: x0, y: y1 },
  ];
  const oval = Array.from({ length: 28 }, (_, i) => {
    const a = (i / 28) * 2 * Math.PI;
    const rough = 1 + 0.06 * Math.sin(5 * a) + 0.04 * Math.cos(9 * a);
    return { x: L / 2 + (L / 2) * rough * Math.cos(a), y: (W / 2) * rough * Math.sin(a) };
  });
  const sketched = outlineOf(piece);
  if (sketched) {
    const { fill, stroke, dashed } = SKETCHED[piece.kind] ?? {};
    return (
      <Path
        d={path(sketched.points)}
        fill={p[fill ?? 'coverFar']}
        opacity={0.9}
        stroke={p[stroke ?? 'cover']}
        strokeWidth={2.5}
        strokeLinejoin="round"
        strokeDasharray={dashed ? '5 4' : undefined}
      />
    );
  }
  switch (piece.kind) {
    case 'laydown':
      return (
        <G stroke={p.cover} strokeLinecap="round" fill="none">
          <Path
            d={path(
              [
                { x: 0, y: 0 },
                { x: L, y: 0 },
              ],
              false,
            )}
            strokeWidth={6}
          />
          {[0.06, 0.22, 0.4, 0.56, 0.72].flatMap((x, i) =>
            [-1, 1].map((side) => (
              <Path
                key={`${i} ${side}`}
                d={path(
                  [
                    { x: (x + 0.12) * L, y: 0 },
                    { x: (x + 0.03) * L, y: side * (W / 2) * (0.62 - 0.35 * x) },
                    { x: (x - 0.03) * L, y: side * (W / 2) * (1.02 - 0.6 * x) },
                  ],
                  false,
                )}
                strokeWidth={3 - i * 0.3}
              />
            )),
          )}
        </G>
      );
    case 'dock':
      return (
        <G>
          <Path d={path(box(0, L, -W / 2, W / 2))} fill={p.coverFar} stroke={p.cover} strokeWidth={2} />
          {Array.from({ length: 7 }, (_, i) => (
            <Path
              key={i}
              d={path(
                [
                  { x: ((i + 1) / 8) * L, y: -W / 2 },
                  { x: ((i + 1) / 8) * L, y: W / 2 },
                ],
                false,
              )}
              stroke={p.cover}
              strokeWidth={1}
            />
          ))}
        </G>
      );
    case 'jetty':
      return <Path d={path(box(0, L + 4, -W / 2, W / 2))} fill={p.peatLine} stroke={p.peat} strokeWidth={2} />;
    case 'brush-pile':
    case 'rock-pile':
    case 'oyster-bar':
      return (
        <G>
          <Path
            d={path(oval)}
            fill={piece.kind === 'brush-pile' ? p.coverFar : p.peatLine}
            stroke={p.cover}
            strokeWidth={2}
            strokeDasharray={piece.kind === 'brush-pile' ? '4 3' : undefined}
          />
          {piece.kind === 'oyster-bar' && piece.gaps ? (
            <Path d={path(box(L * 0.46, L * 0.54, -W * 0.7, W * 0.7))} fill={p.water[1]} />
          ) : null}
        </G>
      );
    case 'pads-edge':
    case 'grass-line':
      return (
        <G>
          <Path d={path(box(0, L, 0, W))} fill={p.moss} opacity={piece.kind === 'pads-edge' ? 0.75 : 0.5} />
          {piece.gaps
            ? [0.33, 0.67].map((x) => {
                const [cx, cy] = f.at({ x: x * L, y: 0.3 * W });
                return <Circle key={x} cx={cx} cy={cy} r={Math.max(6, f.perM * 1.2)} fill={p.water[1]} />;
              })
            : null}
        </G>
      );
    case 'point':
      return (
        <G>
          {[1, 0.72, 0.45].map((k) => (
            <Path
              key={k}
              d={path([
                { x: L * (1 - k), y: 0 },
                { x: L * (1 - 0.55 * k), y: (-W / 2) * k },
                { x: L + 4, y: (-W / 2) * k },
                { x: L + 4, y: (W / 2) * k },
                { x: L * (1 - 0.55 * k), y: (W / 2) * k },
              ])}
              fill={p.water[0]}
              opacity={0.45}
              stroke={p.water[2]}
              strokeWidth={1}
            />
          ))}
        </G>
      );
    case 'ledge':
      return (
        <G>
          <Path d={path(box(-3, L + 3, 0, W))} fill={p.water[0]} opacity={0.7} />
          <Path
            d={path(
              [
                { x: -3, y: 0 },
                { x: L + 3, y: 0 },
              ],
              false,
            )}
            stroke={p.water[3]}
            strokeWidth={2.5}
          />
          <Path
            d={path(
              [
                { x: -3, y: W / 2 },
                { x: L + 3, y: W / 2 },
              ],
              false,
            )}
            stroke={p.water[2]}
            strokeWidth={1}
            strokeDasharray="5 4"
          />
        </G>
      );
    case 'seam':
      return (
        <Path
          d={path(
            Array.from({ length: 25 }, (_, i) => ({ x: -2 + ((L + 4) * i) / 24, y: 0.35 * Math.sin(i * 1.3) })),
            false,
          )}
          stroke={p.onWater}
          strokeWidth={3}
          fill="none"
        />
      );
    case 'bed': {
      const [cx, cy] = f.at({ x: L / 2, y: 0 });
      return (
        <Circle cx={cx} cy={cy} r={Math.max(10, (f.perM * W) / 2)} fill={p.zone} stroke={p.peatLine} strokeWidth={2} />
      );
    }
  }
}

/** The bank that the piece begins on. */
export function Bank({
  piece,
  f,
  p,
  width,
  height,
}: {
  piece: Piece;
  f: Frame;
  p: Palette;
  width: number;
  height: number;
}) {
  if (!growsFromBank(piece.kind)) return null;
  const [, y] = f.at({ x: lengthOf(piece), y: 0 });
  const below = f.at({ x: lengthOf(piece) + 1, y: 0 })[1] > y;
  const [from, to] = below ? [y, height] : [0, y];
  return <Rect x={0} y={from} width={width} height={Math.max(0, to - from)} fill={p.peatLine} opacity={0.85} />;
}
