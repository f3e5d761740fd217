/** How a knot is tied: each step a drawing and a sentence. */
import { View } from 'react-native';
import type { Knot } from '../../core/ranking/joints';
import { KNOT_PAGE, KNOT_STEPS } from '../../wording/pages/knots';
import { Say } from '../parts/Say';
import { G, Path, Svg } from '../platform/shapes';
import { useTheme } from '../theme/theme';
import { KNOT_DRAWINGS } from './drawings';
import { FRAME, pathOf, type Strand, type Tone } from './strands';

const THICK: Readonly<Record<Tone, number>> = { line: 5, leader: 6, end: 5, metal: 4 };
const RIM = 3;

export function KnotSteps({ knot }: { knot: Knot }) {
  const steps = KNOT_STEPS[knot];
  const drawn = KNOT_DRAWINGS[knot];
  return (
    <View role="list" style={{ gap: 14 }}>
      <Say kind="label" tone="soft">
        {KNOT_PAGE.colours}
      </Say>
      {steps.map((text, i) => (
        <View key={text} role="listitem" style={{ gap: 4, maxWidth: 420 }}>
          <Say kind="strong">{KNOT_PAGE.stepOf(i + 1, steps.length)}</Say>
          <KnotPicture strands={drawn[i]!} />
          <Say>{text}</Say>
        </View>
      ))}
      <Say kind="label" tone="soft">
        {KNOT_PAGE.test}
      </Say>
    </View>
  );
}

function KnotPicture({ strands }: { strands: readonly Strand[] }) {
  const { p } = useTheme();
  const colour: Readonly<Record<Tone, string>> = { line: p.ink, leader: p.moss, end: p.copper, metal: p.soft };
  return (
    <Svg width="100%" viewBox={`0 -4 ${FRAME.width} ${FRAME.height + 8}`} aria-hidden>
      <G fill="none" strokeLinecap="butt" strokeLinejoin="round">
        {strands.map((s, i) => {
          const d = pathOf(s);
          return (
            <G key={i}>
              <Path d={d} stroke={p.card} strokeWidth={THICK[s.tone] + 2 * RIM} />
              <Path d={d} stroke={colour[s.tone]} strokeWidth={THICK[s.tone]} strokeLinecap="round" />
            </G>
          );
        })}
      </G>
    </Svg>
  );
}
