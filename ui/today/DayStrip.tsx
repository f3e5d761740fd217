/** The day line in small, on the Water page and, wide, below the section: touch it for the day ahead. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { bestShort } from '../../wording/day';
import { WATER_PAGE } from '../../wording/pages/water';
import { SHARED } from '../../wording/pages/shared';
import { useConditions, usePrefs } from '../day/contexts';
import { Press } from '../parts/Press';
import { Row } from '../parts/Box';
import { Glyph } from '../parts/Glyph';
import { Say } from '../parts/Say';
import { useNow } from '../platform/clock';
import { useAtRest } from '../platform/idle';
import { useTheme } from '../theme/theme';
import { DayDrawing } from './DayDrawing';
import { useDayAhead } from './useDayAhead';

/** How high the hill is, px, unless told otherwise. */
const HILL_PX = 58;
/** What stands below it, px. */
const WORDS_PX = 46;

export function DayStrip({ heightPx = HILL_PX }: { heightPx?: number }) {
  const { day } = useConditions();
  const prefs = usePrefs();
  const { p } = useTheme();
  const router = useRouter();
  const nowMs = useNow(prefs.demoClock, 60_000);
  // The astronomy is fetched when the page is at rest: the first screen does not wait for it.
  const { answer, failed } = useDayAhead(0, { wanted: useAtRest() });
  const [width, setWidth] = useState(0);
  if (!day || failed) return null;
  const line = answer?.line;
  const { zone } = day.water;
  return (
    <Press
      as="link"
      label={WATER_PAGE.ahead}
      {...({ href: '/today' } as object)}
      onPress={(e) => {
        e.preventDefault();
        router.navigate('/today');
      }}
      style={{
        borderWidth: p.stroke,
        borderColor: p.rule,
        borderRadius: 12,
        backgroundColor: p.card,
        overflow: 'hidden',
        minHeight: heightPx + WORDS_PX,
      }}
    >
      <View onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}>
        {line && width > 0 ? (
          <DayDrawing line={line} width={width} height={heightPx} zone={zone} nowMs={nowMs} full={false} />
        ) : (
          <View style={{ height: heightPx }} />
        )}
      </View>
      <Row gap={8} style={{ paddingHorizontal: 12, paddingVertical: 6 }}>
        <Say style={{ flex: 1, minWidth: 0 }}>
          {line ? (line.best ? bestShort(line.best, zone, prefs.units) : WATER_PAGE.goodHoursOver) : SHARED.dayWaiting}
        </Say>
        <Glyph name="right" size={18} color={p.soft} />
      </Row>
    </Press>
  );
}
