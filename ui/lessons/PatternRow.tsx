/** One pattern: its rate with the interval, the effort beside it, openable to the whole story. */
import { useState } from 'react';
import { View } from 'react-native';
import { Circle, Path, Rect, Svg } from '../platform/shapes';
import type { Pattern } from '../../core/lessons/patterns';
import { againstModel, effortText, patternSub, patternTitle, rateText, thinText } from '../../wording/lessons';
import { castsText } from '../../wording/strikes';
import { say } from '../../wording/units';
import { LESSONS_PAGE } from '../../wording/pages/lessons';
import { Row } from '../parts/Box';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { LurePicture } from '../lures/LurePicture';
import { useTheme } from '../theme/theme';

export function PatternRow({ x, highest, startOpen = false }: { x: Pattern; highest: number; startOpen?: boolean }) {
  const { p, units } = useTheme();
  const [open, setOpen] = useState(startOpen);
  const thin = thinText(x);
  const sub = `${patternSub(x)}, at ${say.depthBand(x.bandM, units)}`;
  return (
    <View style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule }}>
      <Press
        label={`${patternTitle(x)}, ${sub}: ${rateText(x)}. ${effortText(x)}`}
        expanded={open}
        onPress={() => setOpen(!open)}
        style={{ paddingVertical: 8 }}
      >
        <View style={{ gap: 2 }}>
          <Row style={{ justifyContent: 'space-between' }} wrap>
            <Row gap={8} style={{ flexShrink: 1 }}>
              <LurePicture family={x.family} width={36} />
              <Say kind="strong" style={{ flexShrink: 1 }}>
                {patternTitle(x)}
              </Say>
            </Row>
            <Say kind="label" tone="soft">
              {castsText(x.casts)}
            </Say>
          </Row>
          <Say kind="label" tone="soft">
            {sub}
          </Say>
          <IntervalBar x={x} highest={highest} />
          <Say kind="label">{rateText(x)}</Say>
          {thin ? (
            <Say kind="label" tone="copper">
              {thin}
            </Say>
          ) : null}
        </View>
      </Press>
      {open ? (
        <View style={{ gap: 4, paddingBottom: 10 }}>
          <Say kind="label">
            {effortText(x)}
            {LESSONS_PAGE.about(x.minutes)}
          </Say>
          <Say kind="label">{LESSONS_PAGE.shares(x)}</Say>
          <Say kind="label">{againstModel(x)}</Say>
        </View>
      ) : null}
    </View>
  );
}

function IntervalBar({ x, highest }: { x: Pattern; highest: number }) {
  const { p } = useTheme();
  const [width, setWidth] = useState(0);
  const at = (v: number): number => 6 + (Math.min(v, highest) / highest) * Math.max(0, width - 12);
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ height: 22 }}>
      {width > 0 ? (
        <Svg width={width} height={22} aria-hidden>
          <Path d={`M0 11H${width}`} stroke={p.rule} strokeWidth={1.5 * p.stroke} />
          <Rect
            x={at(x.perCast.low)}
            y={6}
            width={Math.max(3, at(x.perCast.high) - at(x.perCast.low))}
            height={10}
            rx={5}
            fill={x.tooThin ? p.mossWash : p.moss}
            stroke={p.moss}
            strokeWidth={1.5 * p.stroke}
          />
          <Path d={`M${at(x.expectedPerCast)} 1V21`} stroke={p.ink} strokeWidth={2 * p.stroke} strokeDasharray="3 2" />
          <Circle cx={at(x.perCast.mean)} cy={11} r={6} fill={p.copper} stroke={p.card} strokeWidth={2 * p.stroke} />
        </Svg>
      ) : null}
    </View>
  );
}
