/**
 * Our notation on a time line: a bar is turning (taller is faster), a peak a twitch, a dome a pop, dots are seconds of
 * hanging.
 */
import { useState } from 'react';
import { View } from 'react-native';
import { Circle, G, Path, SvgText, Svg } from '../platform/shapes';
import type { Beat, StepKind } from '../../core/planning/cadence/cadence';
import { beatText, turnsOnly } from '../../wording/retrieve';
import { FONT, useTheme } from '../theme/theme';
import { BASE, CADENCE_HEIGHT as HEIGHT, StepSign } from './StepSign';

interface Props {
  beats: readonly Beat[];
  fromS: number;
  /** Seconds shown. */
  spanS: number;
  atS: number | null;
  label: string;
}

/** Steps of the handle and of patience; all others are the wrist's. */
const HANDLE: readonly StepKind[] = ['turn', 'burn', 'pause'];

export function CadenceLine({ beats, fromS, spanS, atS, label }: Props) {
  const { p, scale } = useTheme();
  const [width, setWidth] = useState(0);
  const x = (t: number): number => ((t - fromS) / spanS) * width;
  const shown = beats.filter((b) => b.atS < fromS + spanS && b.atS + b.durationS > fromS);
  const size = Math.min(17, 13 * Math.min(scale, 1.3));
  // What the handle does, and how long it hangs, is written below the line; what the wrist does above it.
  const turnsAlone = turnsOnly(beats);
  const wanted = shown.map((b) => ({
    text: beatText(b, turnsAlone),
    mid: (Math.max(0, x(b.atS)) + Math.min(width, x(b.atS + b.durationS))) / 2,
    above: !HANDLE.includes(b.kind),
  }));
  const below = placeLabels(
    wanted.map((l) => (l.above ? null : l)),
    width,
    size,
  );
  const above = placeLabels(
    wanted.map((l) => (l.above ? l : null)),
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
            const tag = below[i] ?? above[i];
            return (
              <G key={`${i}-${b.atS}`}>
                <StepSign step={b} x0={x0} x1={x1} />
                {tag ? (
                  <SvgText
                    x={tag.x}
                    y={below[i] ? BASE + 10 + size : 13}
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

/** Labels under the steps, left out where they would run into the one before. */
function placeLabels(
  wanted: readonly ({ text: string; mid: number } | null)[],
  width: number,
  size: number,
): ({ text: string; x: number } | null)[] {
  let lastEnd = -Infinity;
  return wanted.map((w) => {
    if (!w) return null;
    const { text, mid } = w;
    const room = text.length * size * 0.52;
    const x = Math.min(Math.max(mid, room / 2 + 1), width - room / 2 - 1);
    if (x - room / 2 <= lastEnd + 6) return null;
    lastEnd = x + room / 2;
    return { text, x };
  });
}
