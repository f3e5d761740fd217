/**
 * What a knot is drawn of: strands that lie over one another in the order they are listed, each with a rim of the
 * ground's colour so that one sees which lies on top. A frame is 300 wide and 96 high.
 */
export const FRAME = { width: 300, height: 96 } as const;

export type Point = readonly [number, number];
/** The main line; the leader; of either, the end that is worked with; what it is tied to. */
export type Tone = 'line' | 'leader' | 'end' | 'metal';

/** A smooth strand through its points. */
export interface Strand {
  tone: Tone;
  points: readonly Point[];
}

export const strand = (tone: Tone, ...points: Point[]): Strand => ({ tone, points });

const EYE_PX = 10;
const ROUND = 12;

/** The ring of a lure's eye at a place, its shank to one side. */
export const eye = (x: number, y: number, shank: Point = [x + 32, y]): Strand[] => {
  const along = Math.hypot(shank[0] - x, shank[1] - y);
  const edge: Point = [x + ((shank[0] - x) / along) * EYE_PX, y + ((shank[1] - y) / along) * EYE_PX];
  return [
    strand('metal', edge, shank),
    strand(
      'metal',
      ...Array.from({ length: ROUND + 1 }, (_, i): Point => {
        const a = (2 * Math.PI * i) / ROUND;
        return [x + EYE_PX * Math.cos(a), y + EYE_PX * Math.sin(a)];
      }),
    ),
  ];
};

/** Turns round what lies between: drawn `behind` it and `before` it. They begin and end below. */
export interface Turns {
  behind: Strand[];
  before: Strand[];
}

/** Turns from one place to another along a height, `round` above and below it; `up`: they begin and end above. */
export function turns(
  tone: Tone,
  {
    from,
    to,
    y,
    round,
    count,
    up = false,
  }: {
    from: number;
    to: number;
    y: number;
    round: number;
    count: number;
    up?: boolean;
  },
): Turns {
  const pitch = (to - from) / count;
  const side = up ? -1 : 1;
  const half = (x: number, begins: number): Strand => {
    const a: Point = [x, y + begins * round];
    const b: Point = [x + pitch / 2, y - begins * round];
    return strand(
      tone,
      a,
      [x + pitch * 0.12, y + begins * round * 0.6],
      [x + pitch * 0.38, y - begins * round * 0.6],
      b,
    );
  };
  const at = Array.from({ length: count }, (_, i) => from + i * pitch);
  return {
    behind: at.map((x) => half(x, side)),
    before: at.map((x) => half(x + pitch / 2, -side)),
  };
}

/** Two strands side by side along one way. */
export function doubled(tone: Tone, apart: number, ...points: Point[]): Strand[] {
  const shifted = (by: number): Strand =>
    strand(
      tone,
      ...points.map(([x, y], i): Point => {
        const [x0, y0] = points[Math.max(0, i - 1)]!;
        const [x1, y1] = points[Math.min(points.length - 1, i + 1)]!;
        const long = Math.hypot(x1 - x0, y1 - y0) || 1;
        return [x - (by * (y1 - y0)) / long, y + (by * (x1 - x0)) / long];
      }),
    );
  return [shifted(apart / 2), shifted(-apart / 2)];
}

/** The strand as a path: a smooth curve through all points. */
export function pathOf({ points }: Strand): string {
  const at = (i: number): Point => points[Math.max(0, Math.min(points.length - 1, i))]!;
  const n = (v: number): string => String(Math.round(v * 10) / 10);
  return points
    .map(([x, y], i) => {
      if (i === 0) return `M${n(x)} ${n(y)}`;
      const [a, b, c, d] = [at(i - 2), at(i - 1), at(i), at(i + 1)];
      const near: Point = [b[0] + (c[0] - a[0]) / 6, b[1] + (c[1] - a[1]) / 6];
      const far: Point = [c[0] - (d[0] - b[0]) / 6, c[1] - (d[1] - b[1]) / 6];
      return `C${n(near[0])} ${n(near[1])} ${n(far[0])} ${n(far[1])} ${n(x)} ${n(y)}`;
    })
    .join('');
}
