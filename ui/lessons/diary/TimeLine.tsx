/** A day as it went: light along the top, a bar a block, a mark an event, by the clock of the water. */
import { View } from 'react-native';
import { spanOf } from '../../../core/diary/ended';
import type { DiaryDay } from '../../../core/diary/days';
import type { CastTally } from '../../../core/records/cast';
import { DIARY, timeLineText } from '../../../wording/diary';
import { hourText } from '../../../wording/time';
import { Say } from '../../parts/Say';
import { Rect, Svg, SvgText } from '../../platform/shapes';
import { EventMark } from '../../section/Marks';
import { FONT, useTheme } from '../../theme/theme';

const WIDTH = 358;
const HEIGHT = 104;
const SIDE = 12;
const LIGHT_Y = 8;
const BARS_Y = 30;
const BAR = 12;
const MARKS_Y = 64;
const HOURS_Y = 98;
const HOUR_MS = 3_600_000;
/** A day of hardly any length is drawn over so long, ms. */
const LEAST_MS = 30 * 60_000;

/** How bright it was, 0–1, by the height of the sun in degrees. */
const brightness = (elevationDeg: number): number => Math.min(1, Math.max(0, (elevationDeg + 6) / 36));

export function TimeLine({ day, casts, zone }: { day: DiaryDay; casts: readonly CastTally[]; zone: string }) {
  const { p, units } = useTheme();
  if (day.blocks.length === 0) return null;
  const spans = day.blocks.map((b, i) =>
    spanOf(
      b,
      day.byBlock[i]!.events,
      casts.filter((c) => c.blockId === b.id),
    ),
  );
  const from = Math.min(...spans.map((s) => s[0]));
  const to = Math.max(from + LEAST_MS, ...spans.map((s) => s[1]));
  const x = (ms: number): number => SIDE + ((ms - from) / (to - from)) * (WIDTH - 2 * SIDE);
  const hours = Array.from({ length: 25 }, (_, i) => Math.ceil(from / HOUR_MS) * HOUR_MS + i * HOUR_MS).filter(
    (h) => h <= to,
  );
  const every = Math.max(1, Math.ceil(hours.length / 6));
  return (
    <View>
      <Svg
        width="100%"
        height={HEIGHT}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="xMinYMid meet"
        role="img"
        aria-label={timeLineText(day, zone, units)}
      >
        {day.blocks.map((b, i) => {
          const [a, z] = spans[i]!;
          const width = Math.max(3, x(Math.max(z, spans[i + 1]?.[0] ?? z)) - x(a));
          const sun = b.conditions.sky?.sunElevationDeg;
          return [
            <Rect
              key={`l${b.id}`}
              x={x(a)}
              y={LIGHT_Y}
              width={width}
              height={10}
              fill={p.strong}
              opacity={typeof sun === 'number' ? 0.85 - 0.8 * brightness(sun) : 0.3}
            />,
            <Rect
              key={b.id}
              x={x(a)}
              y={BARS_Y}
              width={Math.max(3, x(z) - x(a))}
              height={BAR}
              rx={3}
              fill={i % 2 ? p.edge : p.moss}
            />,
          ];
        })}
        <Rect x={0} y={MARKS_Y - 17} width={WIDTH} height={34} rx={8} fill={p.water[2]} />
        {day.tally.events.map((e) => (
          <EventMark key={e.id} kind={e.kind} x={x(Math.min(to, Math.max(from, e.atMs)))} y={MARKS_Y} p={p} size={7} />
        ))}
        {hours.map((h, i) =>
          i % every ? null : (
            <SvgText
              key={h}
              x={x(h)}
              y={HOURS_Y}
              fontSize={12}
              fontFamily={FONT.data}
              fill={p.soft}
              textAnchor="middle"
            >
              {hourText(h, zone, units)}
            </SvgText>
          ),
        )}
      </Svg>
      <Say kind="label" tone="soft">
        {DIARY.timeLineKey}
      </Say>
    </View>
  );
}
