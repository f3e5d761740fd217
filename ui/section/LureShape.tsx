/**
 * Our own small drawings of the lure families, nose to the left (towards the angler), drawn in a box 40 wide and 24
 * high.
 */
import { G, Path } from '../platform/shapes';
import type { FamilyId } from '../../core/lures/family';

interface Shape {
  body: string;
  /** Thin parts: lips, blades, hooks, legs, line ties. */
  thin: string;
}

const MINNOW = 'M2 12C8 6 20 6 31 11l7-4-2 5 2 5-7-3C20 18 8 18 2 12z';
const TREBLE = (x: number, y: number): string => `M${x} ${y}v4M${x - 3} ${y + 3}q0 4 3 4q3 0 3-4`;
const SOFT = 'M12 8C20 6 28 8 34 11l4-5v12l-4-5C28 16 20 17 12 15z';
const SKIRT = 'M12 8c8-3 18-2 26 1-6 0-8 1-10 2 4 0 8 1 10 3-4-1-8-1-11 0 3 1 6 3 8 5-9-1-18-1-23-4z';
const HEAD = 'M3 11.5a5.5 5.5 0 1 1 11 0a5.5 5.5 0 0 1-11 0z';

const SHAPES: Record<FamilyId, Shape> = {
  'hollow-frog': {
    body: 'M3 13C6 6 18 5 26 10q3 3 0 6C18 20 7 19 3 13z',
    thin: 'M26 10q7-4 12-2M26 16q7 4 12 1M10 8l1-3',
  },
  buzzbait: {
    body: 'M16 13c8-2 15 0 22 3-8 1-16 2-22 0z',
    thin: 'M16 14L5 12L3 4h14M11 1q6 3 0 6q-6-3 0-6M22 16q6 6 12 2',
  },
  popper: { body: 'M3 6q2 6 0 12q14 2 24-3q4-3 0-6Q17 4 3 6z', thin: `${TREBLE(13, 17)}M30 12h8M32 9l6-2M32 15l6 2` },
  'walking-bait': {
    body: 'M2 12q4-5 14-5q14 0 22 5q-8 5-22 5q-10 0-14-5z',
    thin: `${TREBLE(12, 17)}${TREBLE(27, 16)}`,
  },
  'prop-bait': {
    body: 'M8 12q4-5 12-5q8 0 12 5q-4 5-12 5q-8 0-12-5z',
    thin: `M4 6q3 6 0 12M36 6q-3 6 0 12M4 12h4M32 12h4${TREBLE(20, 17)}`,
  },
  'soft-jerk-weightless': { body: 'M2 12q14-6 36-2q-6 2-6 3l6 2Q16 18 2 12z', thin: 'M6 11q10-9 16 0' },
  'floating-minnow': { body: MINNOW, thin: `M4 14l-2 5${TREBLE(13, 16)}${TREBLE(26, 15)}` },
  'suspending-jerkbait': { body: MINNOW, thin: `M5 14l-5 5${TREBLE(11, 16)}${TREBLE(20, 17)}${TREBLE(29, 14)}` },
  'sinking-twitchbait': {
    body: 'M2 12q5-6 16-6q12 1 16 6l4-4v9l-4-4q-5 5-16 5q-11 0-16-6z',
    thin: `${TREBLE(13, 17)}${TREBLE(27, 16)}`,
  },
  'lipless-vibrating': {
    body: 'M3 15Q7 3 20 5q12 2 14 8l4-4v9l-5-3q-6 5-16 4q-9 0-14-4z',
    thin: `M16 5V2${TREBLE(14, 18)}${TREBLE(28, 18)}`,
  },
  'square-bill': {
    body: 'M8 12q3-7 14-7q9 1 11 7q-2 7-11 7q-11 0-14-7z',
    thin: `M9 14H2v6h6M33 12l5-3v7z${TREBLE(20, 18)}`,
  },
  'deep-crank': {
    body: 'M13 11q3-6 13-6q8 1 10 6q-2 6-10 6q-9 0-13-6z',
    thin: `M14 13L2 20l-1 3l4 0L17 16${TREBLE(24, 17)}`,
  },
  'bladed-jig': { body: SKIRT, thin: `M3 5l8 4l-2 7l-8-4zM12 12l-3-1M20 14q6 6 12 1` },
  spinnerbait: {
    body: 'M14 15c8-2 16 0 24 2-9 2-18 3-24 1z',
    thin: 'M14 16L4 12L20 3M20 3q9-2 12 2q-6 4-12-2M24 18q6 5 11 0',
  },
  'inline-spinner': {
    body: 'M14 10q6-3 12 0v4q-6 3-12 0z',
    thin: `M2 12h12M8 11q2-9 10-7q0 6-10 7M26 12h4${TREBLE(32, 12)}`,
  },
  'swim-jig': { body: SKIRT, thin: 'M4 12a4 4 0 1 1 8 0a4 4 0 0 1-8 0M20 13q8 8 14 2' },
  paddletail: { body: SOFT, thin: `M3 11.5a4.5 4.5 0 1 1 9 0a4.5 4.5 0 0 1-9 0M22 8q2-5 6-3` },
  'flipping-jig': { body: SKIRT, thin: `${HEAD}M18 8q8-8 13-2` },
  'texas-rig': { body: 'M12 12q12-6 26-1q-10 8-26 1z', thin: 'M3 12l9-4v8zM18 9q6-5 10 0' },
  'finesse-jig': { body: 'M11 9c8-3 14-1 20 1-3 1-4 1-5 2 3 1 5 2 6 4-8 0-16 0-21-3z', thin: `${HEAD}M18 9q7-6 11 0` },
  'shaky-head': { body: 'M11 12q8-6 12-10q3 2-1 8q-4 5-11 6z', thin: `${HEAD}${'M16 10q6-2 8 2'}` },
  'drop-shot': { body: 'M14 5q10-4 22 0q-10 5-22 0z', thin: 'M12 1v20M9 18h6v5H9zM14 5q4 5 7 1' },
  'football-jig': { body: SKIRT, thin: 'M9 6a4 6 0 1 1 0 12a4 6 0 0 1 0-12M20 9q8-7 12 0' },
  'carolina-rig': { body: 'M22 12q8-4 16-1q-7 6-16 1z', thin: 'M1 12h21M4 9h7q3 3 0 6H4q-3-3 0-6M28 10q4-4 6 0' },
  'blade-bait': {
    body: 'M3 12L14 4q12 0 20 8l4-3v7l-4-2Q24 19 12 17z',
    thin: `M16 4V1${TREBLE(12, 16)}${TREBLE(30, 15)}`,
  },
  'casting-spoon': {
    body: 'M4 12q6-8 20-7q10 2 12 7q-2 5-12 7q-14 1-20-7z',
    thin: `M1 12h3M36 12l2 0${TREBLE(37, 12)}`,
  },
  'shrimp-imitation': {
    body: 'M4 9q10-6 22 0q8 5 10 12q-8-1-10-6q-8 4-22-2z',
    thin: 'M5 9L1 3M7 8L5 2M12 14v5M16 15v5M20 15v5',
  },
  'popping-cork-shrimp': { body: 'M13 1h12v9q-6 5-12 0z', thin: 'M19 0v20M15 19q5-3 8 0q1 3 2 4' },
  'panfish-jig-straight': { body: 'M14 9q10 1 22 3q-12 3-22 3z', thin: `${HEAD}M18 9q6-5 9 0` },
  'slender-metal': { body: 'M3 12q10-4 22-3q8 1 11 3q-3 2-11 3q-12 1-22-3z', thin: 'M1 12h2M36 12h1M37 12q4 5-2 7' },
  'bucktail-jig': { body: 'M12 9q14-4 27 3q-13 7-27 3z', thin: `${HEAD}M15 11l20-1M15 13l20 2M22 8q8-6 11 0` },
  'big-swimbait': {
    body: 'M1 12Q5 4 15 4l2 2l2-2q8 1 12 6l7-5q1 7 0 14l-7-5q-4 5-12 6l-2-2l-2 2Q5 20 1 12z',
    thin: `M17 6v12${TREBLE(10, 19)}${TREBLE(26, 18)}M6 10h.5`,
  },
  'small-swimbait': { body: 'M12 9q9-2 16 2l5-3v8l-5-3q-7 4-16 2z', thin: `${HEAD}M20 9q4-5 8-1` },
  'ice-lipless': {
    body: 'M6 14Q9 4 21 5q10 2 12 8q-5 6-15 5q-9 0-12-4z',
    thin: `M20 5V1M12 9l3 2M24 15h4${TREBLE(13, 18)}${TREBLE(28, 17)}`,
  },
  'ice-gliding-jig': {
    body: 'M5 12q8-7 20-5q7 2 10 5q-4 4-11 5q-11 1-19-5z',
    thin: `M20 7V2M5 12H0q0-5 4-5M35 12l4-5v10z${TREBLE(20, 18)}`,
  },
  'ice-rattle-spoon': { body: 'M15 4q8-2 11 5l-2 9q-5 3-8 0L13 9z', thin: `M19 3V0M15 9h9M15 13h8${TREBLE(20, 19)}` },
  'ice-flutter-spoon': { body: 'M18 2q8 5 5 14q-3 4-7 1q-4-7 2-15z', thin: `M18 2V0M20 5q3 5 1 10${TREBLE(19, 18)}` },
  'ice-slender-spoon': { body: 'M19 2q4 7 2 15q-2 2-4 0q-2-8 2-15z', thin: `M19 2V0${TREBLE(19, 18)}` },
  'ice-dead-stick': { body: 'M9 13q8-5 19-1l5-3v7l-5-3q-11 4-19 0z', thin: 'M18 9V0M18 9q3-3 5 0M12 12h.5' },
  'vertical-metal-jig': { body: 'M17 1q6 4 5 13q-1 7-4 9q-3-5-3-11q0-7 2-11z', thin: 'M17 1l5 6q3 3 0 5M18 5v13' },
  'towed-plug': {
    body: 'M4 8q4-3 14-2q12 1 19 6q-8 6-19 6q-12 0-16-3z',
    thin: `M4 8l-1 8M16 6V3${TREBLE(15, 18)}${TREBLE(28, 16)}`,
  },
  'towed-natural-bait': {
    body: 'M16 12q7-5 15-1l5-4v10l-5-4q-8 4-15-1z',
    thin: `M0 4h4l7 6M4 1v7M7 3v9M2 2v4M11 10l6 2${TREBLE(24, 15)}`,
  },
  'panfish-jig-action': { body: 'M14 9q8 0 14 2q6 1 6-4q5 4 0 8q-4 3-9 1q-6-1-11-1z', thin: `${HEAD}M18 9q6-5 9 0` },
};
export const LURE_BOX = { width: 40, height: 24 } as const;

/** Drawn around the middle of its body. */
export function LureShape({
  family,
  x,
  y,
  length,
  fill,
  stroke,
}: {
  family: FamilyId;
  x: number;
  y: number;
  length: number;
  fill: string;
  stroke: string;
}) {
  const s = SHAPES[family];
  const k = length / LURE_BOX.width;
  return (
    <G transform={`translate(${x - length / 2} ${y - (LURE_BOX.height * k) / 2}) scale(${k})`}>
      <Path
        d={s.thin}
        fill="none"
        stroke={stroke}
        strokeWidth={4}
        strokeLinecap="round"
        strokeLinejoin="round"
        opacity={0.6}
      />
      <Path d={s.body} fill={fill} stroke={stroke} strokeWidth={1.6} strokeLinejoin="round" />
      <Path d={s.thin} fill="none" stroke={fill} strokeWidth={1.7} strokeLinecap="round" strokeLinejoin="round" />
    </G>
  );
}
