/** The steps of each knot as drawings of our own: what lies over what, the working end in its own colour. */
import type { Knot } from '../../core/ranking/joints';
import { doubled, eye, strand, turns, type Point, type Strand } from './strands';

const MID = 48;
const EYE_X = 258;
const clinchEye = eye(EYE_X, MID);

function improvedClinch(): Strand[][] {
  const five = turns('end', { from: 218, to: 118, y: MID, round: 13, count: 5 });
  const standing = strand('line', [0, MID], [110, MID], [EYE_X, MID]);
  const link = strand('end', [EYE_X, MID], [246, 58], [232, 64], [218, 61]);
  const tight = turns('end', { from: 208, to: 246, y: MID, round: 9, count: 5 });
  return [
    [
      strand('line', [0, 40], [200, 40], [EYE_X, MID]),
      ...clinchEye,
      strand('end', [EYE_X, MID], [240, 60], [200, 62], [110, 62]),
    ],
    [...five.behind, standing, ...clinchEye, link, ...five.before, strand('end', [118, 61], [104, 70], [84, 74])],
    [
      strand('end', [238, 74], [226, 84], [212, 70], [208, 34]),
      ...five.behind,
      standing,
      ...clinchEye,
      link,
      ...five.before,
      strand('end', [118, 61], [98, 50], [104, 24], [150, 14], [210, 14], [236, 28], [240, MID], [238, 74]),
      strand('end', [208, 34], [206, 20], [200, 4]),
    ],
    [
      ...tight.behind,
      strand('line', [0, MID], [120, MID], [248, MID]),
      ...clinchEye,
      ...tight.before,
      strand('end', [246, 57], [236, 72], [224, 78]),
    ],
  ];
}

function palomar(): Strand[][] {
  const shank = (x: number, y: number): Strand[] => eye(x, y, [x, 96]);
  const hook = strand('metal', [180, 44], [180, 74], [186, 88], [200, 88], [206, 76]);
  const knot = turns('line', { from: 186, to: 222, y: MID, round: 13, count: 3 });
  return [
    [
      ...doubled('line', 12, [0, MID], [100, MID], [190, MID]),
      ...shank(190, MID),
      strand('end', [190, 42], [240, 42], [262, MID], [240, 54], [190, 54]),
    ],
    [
      ...doubled('end', 8, [72, 58], [84, 74], [112, 74], [128, MID], [136, 30]),
      ...doubled('line', 8, [0, MID], [90, MID], [196, MID]),
      ...shank(196, MID),
      ...doubled('end', 8, [196, MID], [226, 42], [230, 22], [190, 10], [110, 10], [78, 26], [72, 58]),
    ],
    [
      ...doubled('line', 8, [0, 40], [60, 40], [100, 40]),
      strand('end', [104, 52], [126, 60], [180, 58], [226, 66], [238, 78]),
      hook,
      ...eye(180, 34, [180, 60]),
      ...doubled('line', 8, [100, 40], [140, 36], [180, 34]),
      ...turns('end', { from: 84, to: 112, y: 44, round: 15, count: 2 }).before,
      strand('end', [104, 56], [120, 84], [180, 92], [226, 90], [238, 78]),
    ],
    [
      ...knot.behind,
      strand('line', [0, 44], [100, 44], [EYE_X, 46]),
      ...clinchEye,
      strand('line', [186, 54], [222, 54], [EYE_X, 52]),
      ...knot.before,
      strand('end', [186, 58], [170, 68], [150, 72]),
    ],
  ];
}

function doubleUni(): Strand[][] {
  const [high, low] = [42, 54];
  const wrap = turns('end', { from: 128, to: 208, y: MID, round: 15, count: 5 });
  const snug = turns('line', { from: 190, to: 222, y: MID, round: 12, count: 5 });
  const back = turns('end', { from: 158, to: 94, y: MID, round: 15, count: 4, up: true });
  const [left, right] = [
    turns('line', { from: 104, to: 142, y: MID, round: 12, count: 5 }),
    turns('leader', { from: 150, to: 188, y: MID, round: 12, count: 5 }),
  ];
  return [
    [strand('leader', [300, low], [200, low], [60, low]), strand('line', [0, high], [100, high], [240, high])],
    [
      ...wrap.behind,
      strand('leader', [300, low], [200, low], [60, low]),
      strand('line', [0, high], [120, high], [222, high]),
      ...wrap.before,
      strand('end', [222, high], [246, 34], [240, 14], [180, 10], [124, 16], [112, 40], [116, 66], [128, 63]),
      strand('end', [208, 63], [220, 74], [238, 78]),
    ],
    [
      ...snug.behind,
      ...back.behind,
      strand('line', [0, high], [120, high], [222, high]),
      strand('leader', [300, low], [180, low], [74, low]),
      ...snug.before,
      ...back.before,
      strand('end', [74, low], [52, 62], [58, 82], [110, 88], [160, 84], [172, 60], [168, 34], [158, 33]),
      strand('end', [94, 33], [82, 22], [64, 18]),
    ],
    [
      ...left.behind,
      ...right.behind,
      strand('leader', [300, 51], [200, 51], [104, 51]),
      strand('line', [0, 45], [100, 45], [188, 45]),
      ...left.before,
      ...right.before,
      strand('line', [142, 60], [150, 74], [162, 80]),
      strand('leader', [150, 60], [140, 74], [128, 80]),
    ],
  ];
}

function albright(): Strand[][] {
  const bend = (x: number): Point[] => [
    [300, 38],
    [x + 60, 38],
    [x, MID],
    [x + 60, 58],
    [266, 58],
  ];
  const loop = strand('leader', ...bend(96));
  const through = strand('line', [0, 62], [70, 62], [112, MID]);
  const along = strand('line', [112, MID], [160, MID], [244, MID]);
  const wound = turns('end', { from: 240, to: 132, y: MID, round: 18, count: 8 });
  const turned = strand('end', [244, MID], [256, 58], [250, 70], [240, 66]);
  const tight = turns('line', { from: 188, to: 116, y: MID, round: 13, count: 8 });
  return [
    [through, loop, strand('end', [112, MID], [160, MID], [244, MID])],
    [through, ...wound.behind, loop, along, ...wound.before, turned, strand('end', [132, 66], [122, 78], [110, 84])],
    [
      through,
      strand('end', [132, 66], [126, 60], [114, 52], [84, 44], [48, 36]),
      ...wound.behind,
      loop,
      along,
      ...wound.before,
      turned,
    ],
    [
      strand('line', [0, 52], [80, 52], [118, MID]),
      strand('end', [116, MID], [92, 36], [72, 26]),
      ...tight.behind,
      strand('leader', [300, 44], [180, 43], [102, MID], [180, 53], [214, 60]),
      ...tight.before,
    ],
  ];
}

function fg(): Strand[][] {
  const one = turns('line', { from: 92, to: 200, y: MID, round: 10, count: 8 });
  const other = turns('line', { from: 92, to: 200, y: MID, round: 10, count: 8, up: true });
  const leader = strand('leader', [300, MID], [180, MID], [60, MID]);
  const hitch = turns('end', { from: 208, to: 238, y: MID, round: 15, count: 2 });
  const alone = turns('end', { from: 48, to: 80, y: MID, round: 9, count: 3 });
  const woven = [...one.behind, ...other.behind];
  return [
    [strand('line', [0, MID], [150, MID], [300, MID]), strand('leader', [290, 90], [220, 72], [150, MID], [110, 10])],
    [
      ...woven,
      leader,
      ...one.before,
      ...other.before,
      strand('line', [0, 42], [50, 44], [92, 38]),
      strand('end', [200, 58], [220, 72], [240, 80]),
    ],
    [
      ...woven,
      ...hitch.behind,
      leader,
      ...one.before,
      ...other.before,
      strand('line', [0, 42], [50, 44], [92, 38]),
      strand('end', [200, 58], [204, 64], [208, 63]),
      ...hitch.before,
      strand('end', [238, 63], [252, 76], [268, 82]),
    ],
    [
      ...woven,
      ...alone.behind,
      strand('line', [0, MID], [50, MID], [96, 44]),
      strand('leader', [300, MID], [180, MID], [88, MID]),
      ...one.before,
      ...other.before,
      ...alone.before,
      strand('end', [48, 57], [38, 70], [26, 76]),
    ],
  ];
}

function nonSlipLoop(): Strand[][] {
  const overhandUnder = strand('line', [136, 24], [118, 40], [122, 60], [150, 64], [200, 62], [EYE_X, 52]);
  const overhandOver = strand('line', [0, MID], [110, MID], [150, MID], [172, 34], [160, 14], [136, 24]);
  const back = strand('end', [EYE_X, MID], [230, 40], [190, 42], [152, 36], [130, 34]);
  const five = turns('end', { from: 102, to: 32, y: MID, round: 12, count: 4 });
  const tight = turns('line', { from: 140, to: 178, y: MID, round: 10, count: 5 });
  return [
    [overhandUnder, ...clinchEye, overhandOver, back],
    [
      ...five.behind,
      overhandUnder,
      ...clinchEye,
      overhandOver,
      back,
      strand('end', [130, 34], [116, 44], [110, 62], [102, 60]),
      ...five.before,
      strand('end', [32, 60], [22, 72], [10, 78]),
    ],
    [
      ...five.behind,
      overhandUnder,
      ...clinchEye,
      overhandOver,
      back,
      strand('end', [130, 34], [116, 44], [110, 62], [102, 60]),
      ...five.before,
      strand('end', [32, 60], [14, 50], [24, 20], [80, 12], [128, 26], [150, 28], [186, 20]),
    ],
    [
      ...tight.behind,
      strand('line', [0, MID], [100, MID], [180, MID]),
      strand('line', [178, 46], [214, 30], [EYE_X, MID]),
      ...clinchEye,
      strand('line', [178, 50], [214, 68], [EYE_X, 50]),
      ...tight.before,
      strand('end', [140, 58], [130, 72], [116, 78]),
    ],
  ];
}

function haywireTwist(): Strand[][] {
  const crossed = (from: number, to: number, count: number): { under: Strand[]; over: Strand[] } => {
    const half = (to - from) / count;
    const rise = (x: number, up: boolean, tone: 'line' | 'end'): Strand =>
      strand(tone, [x, MID + (up ? 9 : -9)], [x + half / 2, MID], [x + half, MID + (up ? -9 : 9)]);
    const at = Array.from({ length: count }, (_, i) => ({ x: from + i * half, even: i % 2 === 0 }));
    return {
      under: at.map(({ x, even }) => rise(x, even, even ? 'line' : 'end')),
      over: at.map(({ x, even }) => rise(x, !even, even ? 'end' : 'line')),
    };
  };
  const twists = crossed(120, 220, 5);
  const ring = [strand('line', [220, 57], [240, 62], [EYE_X, MID]), ...clinchEye];
  const ringEnd = strand('end', [220, 39], [240, 34], [EYE_X, MID]);
  const barrel = turns('end', { from: 114, to: 76, y: 56, round: 10, count: 5, up: true });
  return [
    [
      strand('line', [0, 56], [120, 56], [200, 60], [EYE_X, MID]),
      ...clinchEye,
      strand('end', [EYE_X, MID], [220, 36], [180, 58], [120, 84]),
    ],
    [
      strand('line', [0, 57], [60, 57], [120, 57]),
      ...twists.under,
      ...ring,
      ringEnd,
      ...twists.over,
      strand('end', [120, 39], [104, 28], [88, 14]),
    ],
    [
      ...barrel.behind,
      strand('line', [0, 57], [60, 57], [120, 57]),
      ...twists.under,
      ...ring,
      ringEnd,
      ...twists.over,
      strand('end', [120, 39], [117, 42], [114, 46]),
      ...barrel.before,
      strand('end', [76, 46], [70, 30], [66, 14]),
    ],
  ];
}

/** Each step of a knot, drawn from the back to the front. */
export const KNOT_DRAWINGS: Readonly<Record<Knot, readonly (readonly Strand[])[]>> = {
  'improved-clinch': improvedClinch(),
  palomar: palomar(),
  'double-uni': doubleUni(),
  albright: albright(),
  fg: fg(),
  'non-slip-loop': nonSlipLoop(),
  'haywire-twist': haywireTwist(),
};
