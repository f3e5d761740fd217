/** The day ahead: when, where to go and in what order, what rests, the tide, the station. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { forecastToMs } from '../../core/forecast/ahead';
import { bestText, BEYOND_FORECAST, dayTitle } from '../../wording/day';
import { clockText, dayText } from '../../wording/time';
import { DAY_PAGE } from '../../wording/pages/today';
import { SHARED } from '../../wording/pages/shared';
import { useActions, useBookWithoutLog, useConditions, usePrefs } from '../day/contexts';
import { Note, Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useNow } from '../platform/clock';
import { Screen } from '../shell/Screen';
import { CalendarPart } from './CalendarPart';
import { DayDrawing } from './DayDrawing';
import { HourPart } from './HourPart';
import { RestPart } from './RestPart';
import { SpotsPart } from './SpotsPart';
import { StationPart } from './StationPart';
import { TidePart } from './TidePart';
import { useDayAhead } from './useDayAhead';

const DAY_MS = 86_400_000;
/** Days that can be asked, from today. */
const DAYS = [0, 1, 2, 3, 4];

export function TodayScreen() {
  const { day, schools } = useConditions();
  const prefs = usePrefs();
  const actions = useActions();
  const router = useRouter();
  const book = useBookWithoutLog();
  const [ahead, setAhead] = useState(0);
  const nowMs = useNow(prefs.demoClock, 60_000);
  const [budgetMin, setBudgetMin] = useState<number | null>(null);
  const { answer, failed, asking } = useDayAhead(ahead, { budgetMin });
  const [width, setWidth] = useState(0);
  if (!day)
    return (
      <Screen title="The day ahead" section={false}>
        <Note>{DAY_PAGE.noDay}</Note>
        <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
      </Screen>
    );
  const { zone } = day.water;
  const line = answer?.line;
  const toMs = forecastToMs(book, day, nowMs);
  const shown = line && line.fromMs <= nowMs + ahead * DAY_MS && line.toMs > nowMs + ahead * DAY_MS ? line : null;
  return (
    <Screen title="The day ahead" sub={`${day.water.name} · ${dayText(nowMs + ahead * DAY_MS, zone)}`} section={false}>
      <View style={{ gap: 8 }} onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}>
        <Choices
          label="Which day"
          options={DAYS.map((value) => ({ value, title: dayTitle(value, nowMs + value * DAY_MS, zone) }))}
          value={ahead}
          onChange={setAhead}
        />
        {failed ? <Note>{DAY_PAGE.failed}</Note> : null}
        {shown && width > 0 ? (
          <>
            <Say kind="strong">{shown.best ? bestText(shown.best, zone, prefs.units) : DAY_PAGE.noHours}</Say>
            {ahead > 0 && (toMs === null || shown.fished.fromMs > toMs) ? <Note>{BEYOND_FORECAST}</Note> : null}
            <DayDrawing line={shown} width={width} height={210} zone={zone} nowMs={ahead === 0 ? nowMs : null} full />
            <Say kind="label" tone="soft">
              {DAY_PAGE.picture(shown.turns.length > 0, schools.moon === 'counted', shown.almanac.moonIllumination)}
            </Say>
            <Say kind="label" tone="soft">
              {shown.almanac.sunriseMs !== null && shown.almanac.sunsetMs !== null
                ? DAY_PAGE.sun(
                    clockText(shown.almanac.sunriseMs, zone, prefs.units),
                    clockText(shown.almanac.sunsetMs, zone, prefs.units),
                  )
                : DAY_PAGE.noSun}
            </Say>
          </>
        ) : failed ? null : (
          <Say role="status">{SHARED.dayWaiting}</Say>
        )}
      </View>
      {shown ? <HourPart key={`hour of ${ahead}`} line={shown} nowMs={nowMs} /> : null}
      <SpotsPart answer={answer} asking={asking} ahead={ahead} budgetMin={budgetMin} onBudget={setBudgetMin} />
      <RestPart />
      {shown ? (
        <CalendarPart
          key={`calendar of ${ahead}`}
          line={shown}
          stays={answer?.round.stays ?? []}
          asking={asking}
          ahead={ahead}
        />
      ) : null}
      <TidePart turns={shown?.turns ?? []} />
      <StationPart />
      <Part title="Moon periods">
        <Say>{DAY_PAGE.moonNote}</Say>
        <Choices
          label="Moon periods"
          options={[
            { value: 'shown', title: 'Only show them' },
            { value: 'counted', title: 'Count them' },
          ]}
          value={schools.moon}
          onChange={(v) => actions.chooseSchool('moon', v)}
        />
      </Part>
    </Screen>
  );
}
