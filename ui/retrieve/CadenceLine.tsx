/** Our notation on a time line: a bar is turning (taller is faster), a peak a twitch, a dome a pop, dots are seconds of hanging. */
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { Beat } from '../../core/retrieve/cadence/cadence';
import { STEP_NAME } from '../../wording/names';
import { say } from '../../wording/units';
import { FONT, useTheme } from '../theme/theme';

interface Props {
  beats: readonly Beat[];
  fromS: number;
  /** Seconds shown. */
  spanS: number;
  atS: number | null;
  label: string;
}

const HEIGHT = 92;
const BASE = 58;

export function CadenceLine({ beats, fromS, spanS, atS, label }: Props) {
  const { p, scale } = useTheme();
  const [width, setWidth] = useState(0);
  const x = (t: number): number => ((t - fromS) / spanS) * width;
  const shown = beats.filter((b) => b.atS < fromS + spanS && b.atS + b.durationS > fromS);
  const size = Math.min(17, 13 * Math.min(scale, 1.3));
  const labels = placeLabels(
    shown.map((b) => ({
      text: b.kind === 'pause' ? say.seconds(b.durationS) : STEP_NAME[b.kind],
      mid: (Math.max(0, x(b.atS)) + Math.min(width, x(b.atS + b.durationS))) / 2,
    })),
    width,
    size,
  );
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ height: HEIGHT }}>
      {width > 0 ? (
        <Svg width={width} height={HEIGHT} role="img" aria-label={label}>
          <Path d={`M0 ${BASE}H${width}`} stroke={p.rule} strokeWidth={1.5 * p.stroke} />
          {shown.map((b, i) => {
            const x0 = Math.max(0, x(b.atS));
            const x1 = Math.min(width, x(b.atS + b.durationS));
            const tag = labels[i];
            return (
              <G key={`${i}-${b.atS}`}>
                <Sign beat={b} x0={x0} x1={x1} />
                {tag ? (
                  <SvgText
                    x={tag.x}
                    y={BASE + 10 + size}
                    fontSize={size}
                    fontFamily={b.kind === 'pause' ? FONT.dataBold : FONT.data}
                    fill={p.ink}
                    textAnchor="middle"
                  >
                    {tag.text}
                  </SvgText>
                ) : null}
              </G>
            );
          })}
          {atS !== null && atS >= fromS && atS <= fromS + spanS ? (
            <G>
              <Path d={`M${x(atS)} 8V${BASE + 4}`} stroke={p.ink} strokeWidth={2.5 * p.stroke} />
              <Circle cx={x(atS)} cy={8} r={5} fill={p.ink} />
            </G>
          ) : null}
        </Svg>
      ) : null}
    </View>
  );
}

function Sign({ beat, x0, x1 }: { beat: Beat; x0: number; x1: number }) {
  const { p } = useTheme();
  const w = Math.max(2, x1 - x0);
  const mid = (x0 + x1) / 2;
  const dots = Math.max(1, Math.round(beat.durationS));
  switch (beat.kind) {
    case 'turn':
    case 'burn': {
      const speed = beat.handleTurns / beat.durationS;
      const h = Math.min(34, 6 + 14 * speed);
      return <Rect x={x0 + 1} y={BASE - h} width={Math.max(1, w - 2)} height={h} rx={3} fill={p.moss} />;
    }
    case 'pause':
      return (
        <G>
          {Array.from({ length: dots }, (_, i) => (
            <Circle key={i} cx={x0 + (w * (i + 0.5)) / dots} cy={BASE - 8} r={2.6} fill={p.soft} />
          ))}
        </G>
      );
    case 'twitch':
    case 'snap':
      return <Path d={`M${mid - 8} ${BASE}L${mid} ${BASE - 36}L${mid + 8} ${BASE}z`} fill={p.copper} />;
    case 'pop':
      return <Path d={`M${mid - 10} ${BASE}q10 -58 20 0z`} fill={p.copper} />;
    case 'hop':
      return <Path d={`M${mid - 9} ${BASE}q9 -46 18 0`} stroke={p.copper} strokeWidth={3.5 * p.stroke} fill="none" strokeLinecap="round" />;
    case 'lift':
      return <Path d={`M${x0} ${BASE}L${x1} ${BASE - 34}`} stroke={p.copper} strokeWidth={4 * p.stroke} strokeLinecap="round" />;
    case 'drop':
      return <Path d={`M${x0} ${BASE - 34}L${x1} ${BASE}`} stroke={p.soft} strokeWidth={3 * p.stroke} strokeDasharray="2 6" strokeLinecap="round" />;
    case 'shake':
      return (
        <Path
          d={`M${x0} ${BASE}${'l4 -14l4 14'.repeat(Math.max(1, Math.floor(w / 8)))}`}
          stroke={p.copper}
          strokeWidth={2.4 * p.stroke}
          fill="none"
        />
      );
    default:
      return <Path d={`M${x0} ${BASE}L${x1} ${BASE - 20}V${BASE}z`} fill={p.copper} />;
  }
}

/** Labels under the steps, left out where they would run into the one before. */
function placeLabels(wanted: readonly { text: string; mid: number }[], width: number, size: number): ({ text: string; x: number } | null)[] {
  let lastEnd = -Infinity;
  return wanted.map(({ text, mid }) => {
    const room = text.length * size * 0.52;
    const x = Math.min(Math.max(mid, room / 2 + 1), width - room / 2 - 1);
    if (x - room / 2 <= lastEnd + 6) return null;
    lastEnd = x + room / 2;
    return { text, x };
  });
}
