/** How each knot is tied, a sentence a step. */
import type { Knot } from '../../core/ranking/joints';

export const KNOT_PAGE = {
  colours: 'Copper is the end you work with, green the leader.',
  stepOf: (n: number, of: number): string => `Step ${n} of ${of}`,
  test: 'Wet it before you draw it down, then pull hard once: a knot that slips now would have slipped on a fish.',
} as const;

export const KNOT_STEPS: Readonly<Record<Knot, readonly string[]>> = {
  'improved-clinch': [
    'Through the eye and back along the line, a hand’s length.',
    'Five turns around the line, away from the eye.',
    'Back through the small loop at the eye, then through the big loop that this made.',
    'Draw the line until the turns lie close against the eye; trim the end.',
  ],
  palomar: [
    'Double a hand’s length of line and push the loop through the eye.',
    'Tie a loose overhand knot with the doubled line; the lure hangs from it.',
    'Pass the loop over the whole lure.',
    'Draw both strands until it lies tight above the eye; trim the end.',
  ],
  'double-uni': [
    'Lay the two ends side by side, a forearm’s length.',
    'Turn the end of the line back into a loop, and five times around both strands, through the loop.',
    'Draw that one snug, and do the same with the end of the leader on the other side.',
    'Pull line and leader apart until the two knots slide together; trim both ends.',
  ],
  albright: [
    'Bend the leader into a loop, and pass the line up through it.',
    'Hold all three, and wind the line back over them towards the bend, ten turns, side by side.',
    'Pass the end out through the loop, on the side where it came in.',
    'Draw line and leader slowly until the turns bite; trim both ends.',
  ],
  fg: [
    'Keep the line tight between teeth and hand, and lay the leader across it.',
    'Weave: the leader over and under the line, ten times from each side, so that the turns lie close.',
    'Two half hitches with the end around both strands; pull hard until the turns sink in.',
    'Trim the leader close, then four half hitches around the line alone; trim the end.',
  ],
  'non-slip-loop': [
    'A loose overhand knot in the line; the end through the eye and back through that knot.',
    'Four turns around the line above the knot.',
    'The end back through the overhand knot, from the side where it came out.',
    'Draw it down so that the loop stays open and the lure swings freely; trim the end.',
  ],
  'haywire-twist': [
    'Wire through the eye and bent back, so that the two cross.',
    'Twist both around each other, four or five times, each as steep as the other.',
    'Then five close turns of the end at a right angle; bend it into a crank and break it off flush: cut, it would be sharp.',
  ],
};
