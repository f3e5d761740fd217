/** Bars of rates, with what was expected as dots, where there is such. */
import { useState } from 'react';
import { View } from 'react-native';
import { BarChart } from 'react-native-gifted-charts';
import { Row } from '../parts/Box';
import { Say } from '../parts/Say';
import { FONT, useTheme } from '../theme/theme';

export interface Bar {
  name: string;
  /** Its height; what is not known has none. */
  value: number;
  /** Its number of strikes: on it, or where there are dots below its name. */
  top: string;
  /** What was expected. */
  dot?: number;
  /** Rests on too little. */
  pale?: boolean;
  color?: string;
}

const AXIS_PX = 44;
const GAP_PX = 14;
const WIDEST_PX = 560;
const HEIGHT_PX = 150;

/** `said`: the picture in words; `keyOf`: what the colours mean. */
export function Bars({
  bars,
  said,
  keyOf = [],
}: {
  bars: readonly Bar[];
  said: string;
  keyOf?: readonly { color: string; name: string }[];
}) {
  const { p, scale } = useTheme();
  const [width, setWidth] = useState(0);
  const most = Math.max(...bars.map((b) => Math.max(b.value, b.dot ?? 0)));
  // Three equal steps of whole or half numbers.
  const step = [0.5, 1, 2, 3, 5, 10, 20, 50, 100].find((s) => 3 * s >= most * 1.15) ?? Math.ceil((most * 1.15) / 3);
  const room = Math.min(width, WIDEST_PX) - AXIS_PX - GAP_PX;
  const barWidth = Math.min(64, Math.max(10, room / bars.length - GAP_PX));
  const slot = barWidth + GAP_PX;
  const longest = Math.max(...bars.map((b) => b.name.length)) * 8.5 * scale;
  const every = Math.max(1, Math.ceil(longest / slot));
  const dotted = bars.some((b) => b.dot !== undefined);
  const below = dotted ? 24 * scale : 6;
  // The library lifts the dots with the room below the bars.
  const dots = (color: string, radius: number) => ({
    color,
    thickness: 0,
    dataPointsColor: color,
    dataPointsRadius: radius,
    shiftY: -below,
  });
  return (
    <View style={{ gap: 4 }}>
      <View
        role="img"
        aria-label={said}
        onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
        style={{ overflow: 'hidden', minHeight: HEIGHT_PX + 56 }}
      >
        {width > 0 ? (
          <BarChart
            data={bars.map((b, i) => ({
              value: b.value,
              labelComponent: () => (
                <View style={{ width: slot, marginLeft: (barWidth - slot) / 2, alignItems: 'center' }}>
                  <View style={{ width: slot * every, alignItems: 'center' }}>
                    <Say kind="small" numberOfLines={1}>
                      {i % every === 0 ? b.name : ' '}
                    </Say>
                  </View>
                  {dotted ? (
                    <Say kind="small" tone="soft">
                      {b.top}
                    </Say>
                  ) : null}
                </View>
              ),
              frontColor: b.pale ? p.mossWash : (b.color ?? p.moss),
              barBorderColor: b.color ?? p.moss,
              barBorderWidth: 1.5,
              // Where there are dots a number on the bar would lie below one.
              ...(dotted
                ? {}
                : {
                    topLabelComponent: () => (
                      <Say kind="small" style={{ fontSize: 13 * Math.min(scale, 1.2) }}>
                        {b.top}
                      </Say>
                    ),
                  }),
            }))}
            {...(dotted
              ? {
                  showLine: true,
                  // A dot with a ring around it, so that it is seen on a bar as beside it.
                  lineData: bars.map((x) => ({ value: x.dot ?? 0 })),
                  lineConfig: dots(p.card, 8),
                  lineData2: bars.map((x) => ({ value: x.dot ?? 0 })),
                  lineConfig2: dots(p.copper, 5),
                }
              : {})}
            width={room + GAP_PX}
            height={HEIGHT_PX}
            barWidth={barWidth}
            spacing={GAP_PX}
            initialSpacing={GAP_PX / 2}
            noOfSections={3}
            maxValue={3 * step}
            yAxisLabelWidth={AXIS_PX - 8}
            yAxisTextStyle={{ color: p.soft, fontFamily: FONT.data, fontSize: 13 }}
            labelsExtraHeight={below}
            rulesColor={p.rule}
            yAxisColor={p.rule}
            xAxisColor={p.edge}
            barBorderTopLeftRadius={6}
            barBorderTopRightRadius={6}
            endSpacing={GAP_PX}
            disablePress
            disableScroll
            formatYLabel={(v) => String(Math.round(Number(v) * 10) / 10)}
          />
        ) : null}
      </View>
      {keyOf.length > 1 ? (
        <Row gap={14} wrap>
          {keyOf.map((k) => (
            <Row key={k.name} gap={6}>
              <View style={{ width: 14, height: 14, borderRadius: 4, backgroundColor: k.color }} />
              <Say kind="label" tone="soft">
                {k.name}
              </Say>
            </Row>
          ))}
        </Row>
      ) : null}
    </View>
  );
}
