import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { nextSunEvent } from '../../core/sky/sun';
import { capital, SETTING_NAME, SPECIES_NAME } from '../../wording/names';
import { CHANGE_DAY, stationText } from '../../wording/day';
import { clockText, dayText, untilText } from '../../wording/time';
import { WATER_PAGE } from '../../wording/pages/water';
import { SHARED } from '../../wording/pages/shared';
import { useConditions, usePrefs, useBookWithoutLog, useStationState } from '../day/contexts';
import { Note } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useNow } from '../platform/clock';
import { Screen } from '../shell/Screen';
import { useWide } from '../shell/useWide';
import { DayStrip } from '../today/DayStrip';
import { CautionsPart } from './CautionsPart';
import { Derived } from './Derived';
import { MoodPart } from './MoodPart';
import { ReadingSheet } from './ReadingSheet';
import { SpotChoice } from './SpotChoice';
import { StartDay } from './StartDay';

export function WaterScreen() {
  const { day, reading } = useConditions();
  const prefs = usePrefs();
  const book = useBookWithoutLog();
  const station = useStationState();
  const router = useRouter();
  const wide = useWide();
  const now = useNow(prefs.demoClock, 60_000);
  // Open for one trip only: a new day closes it. From the head it opens below the head, from the foot at the foot.
  const [changing, setChanging] = useState<{ tripId: string; at: 'head' | 'foot' } | null>(null);
  if (!day || !reading) {
    return (
      <Screen title="Water" sub={WATER_PAGE.question}>
        <StartDay />
      </Screen>
    );
  }
  const open = changing?.tripId === day.trip.id ? changing.at : null;
  const turn = (at: 'head' | 'foot') => (): void => setChanging(open ? null : { tripId: day.trip.id, at });
  const sun = nextSunEvent(now, day.water);
  const spot = day.trip.spotId ? book.spot[day.trip.spotId] : null;
  return (
    <Screen
      title={day.water.name}
      sub={`${spot ? spot.name : capital(SETTING_NAME[day.water.setting])} · ${SPECIES_NAME[reading.species]} · ${dayText(now, day.water.zone)}, ${clockText(now, day.water.zone, prefs.units)}`}
      opens={{ label: CHANGE_DAY, expanded: open === 'head', onPress: turn('head') }}
      right={
        sun ? (
          <View style={{ alignItems: 'flex-end' }}>
            <Say kind="label" tone="soft">
              {sun.kind}
            </Say>
            <Say kind="labelStrong">{untilText(sun.atMs - now)}</Say>
          </View>
        ) : null
      }
    >
      {open === 'head' ? (
        <View style={{ gap: 10 }}>
          <SpotChoice />
          <StartDay />
        </View>
      ) : null}
      <Derived />
      <Button title={SHARED.tieOn} kind="copper" onPress={() => router.navigate('/lures')} />
      <CautionsPart />
      {/* Wide, the hours stand below the section. */}
      {wide ? null : <DayStrip />}
      <ReadingSheet />
      {station.problem || station.slow ? <Note>{stationText({ ...station, used: day.station !== null })}</Note> : null}
      <MoodPart />
      <View style={{ gap: 8 }}>
        <Button title={open === 'foot' ? 'Cancel' : WATER_PAGE.another(reading.access)} onPress={turn('foot')} />
        {open === 'foot' ? <StartDay /> : null}
      </View>
    </Screen>
  );
}
