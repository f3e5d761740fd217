/**
 * When in the cast they strike: strikes per hour spent in each phase, so that a long phase does not look good by being
 * long.
 */
import { View, useWindowDimensions } from 'react-native';
import { BarChart } from 'react-native-gifted-charts';
import { PHASES, type Phase } from '../../core/planning/cadence/cadence';
import type { Pattern } from '../../core/lessons/patterns';
import { PHASE_NAME } from '../../wording/names';
import { say } from '../../wording/units';
import { Part, Note } from '../parts/Box';
import { Say } from '../parts/Say';
import { FONT, useTheme } from '../theme/theme';
import { useWide } from '../shell/useWide';

/** Below this exposure a rate by phase is noise, s. */
const ENOUGH_S = 120;
const SHORT: Record<Phase, string> = {
  splash: 'splash',
  fall: 'fall',
  pause: 'hang',
  move: 'move',
  deflection: 'knock',
  boat: 'feet',
};

export function PhaseChart({ patterns }: { patterns: readonly Pattern[] }) {
  const { p, scale } = useTheme();
  const window = useWindowDimensions();
  const wide = useWide();
  const rows = PHASES.map((phase) => {
    const strikes = patterns.reduce((s, x) => s + x.byPhase[phase].strikes, 0);
    const seconds = patterns.reduce((s, x) => s + x.byPhase[phase].seconds, 0);
    return { phase, strikes, seconds, perHour: seconds > ENOUGH_S ? (strikes * 3600) / seconds : null };
  });
  const shown = rows.filter((r) => r.perHour !== null);
  if (!shown.some((r) => r.strikes > 0))
    return <Note>When in the cast they strike shows here once strikes are logged with their moment.</Note>;
  // Whole numbers on the axis: a top that three equal steps reach.
  const top = Math.max(3, Math.ceil((Math.max(...shown.map((r) => r.perHour!)) * 1.15) / 3) * 3);
  const width = Math.min(wide ? 520 : window.width - 40, 560);
  const barWidth = Math.max(22, (width - 80) / shown.length - 18);
  return (
    <Part title="When in the cast they strike">
      <Say kind="label" tone="soft">
        Strikes for each hour spent in that part of the cast.
      </Say>
      <View
        role="img"
        aria-label={shown
          .map((r) => `${PHASE_NAME[r.phase]}: ${say.rate(r.perHour!)} strikes an hour from ${r.strikes}`)
          .join('; ')}
        style={{ overflow: 'hidden' }}
      >
        <BarChart
          data={shown.map((r) => ({
            value: r.perHour!,
            label: SHORT[r.phase],
            frontColor: r.strikes >= 3 ? p.moss : p.mossWash,
            barBorderColor: p.moss,
            barBorderWidth: 1.5,
            topLabelComponent: () => (
              <Say kind="small" style={{ fontSize: 13 * Math.min(scale, 1.2) }}>
                {String(r.strikes)}
              </Say>
            ),
          }))}
          width={width - 50}
          height={150}
          barWidth={barWidth}
          spacing={16}
          initialSpacing={10}
          noOfSections={3}
          maxValue={top}
          yAxisTextStyle={{ color: p.soft, fontFamily: FONT.data, fontSize: 13 }}
          xAxisLabelTextStyle={{ color: p.ink, fontFamily: FONT.data, fontSize: 13 * Math.min(scale, 1.1) }}
          rulesColor={p.rule}
          yAxisColor={p.rule}
          xAxisColor={p.edge}
          barBorderTopLeftRadius={6}
          barBorderTopRightRadius={6}
          disablePress
          disableScroll
          formatYLabel={(v) => String(Math.round(Number(v) * 10) / 10)}
        />
      </View>
      <Say kind="label" tone="soft">
        The number on a bar is how many strikes made it; a pale bar rests on fewer than three and may be luck.
      </Say>
    </Part>
  );
}
