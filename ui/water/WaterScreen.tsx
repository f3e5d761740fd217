import { useRouter } from 'expo-router';
import { useState } from 'react';
import { speciesProfile } from '../../core/water/species';
import { nextSunEvent } from '../../core/sky/sun';
import { ACCESS_NAME, capital, SETTING_NAME, SPECIES_NAME } from '../../wording/names';
import { clockText, dayText, untilText } from '../../wording/time';
import { holdingReasons, waterWords } from '../../wording/water';
import { useDay } from '../day/DayProvider';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useNow } from '../platform/clock';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import { View } from 'react-native';
import { MoodPart } from './MoodPart';
import { ReadingTiles } from './ReadingTiles';
import { StartDay } from './StartDay';

export function WaterScreen() {
  const { day, reading, prefs, book } = useDay();
  const { units } = useTheme();
  const router = useRouter();
  const now = useNow(prefs.demoClock, 60_000);
  // Open for one trip only: a new day closes it.
  const [changingTrip, setChangingTrip] = useState<string | null>(null);
  if (!day || !reading) {
    return (
      <Screen title="Water" sub="What have I got in front of me?">
        <StartDay />
      </Screen>
    );
  }
  const changing = changingTrip === day.trip.id;
  const profile = speciesProfile(reading.species);
  const words = profile ? waterWords(reading, profile, units) : null;
  const sun = nextSunEvent(now, day.water);
  const spot = day.trip.spotId ? book.spot[day.trip.spotId] : null;
  return (
    <Screen
      title={day.water.name}
      sub={`${spot ? spot.name : capital(SETTING_NAME[day.water.setting])} · ${SPECIES_NAME[reading.species]} · ${dayText(now, day.water.zone)}, ${clockText(now, day.water.zone)}`}
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
      {words ? (
        <View style={{ gap: 4 }}>
          <Say>
            A fish here sees your lure from <Say kind="strong">{words.sees}</Say>. Expect them <Say kind="strong">{words.where}</Say>.
          </Say>
          <Disclosure title="Why there?">
            {holdingReasons(reading, units).map((t) => (
              <Say key={t}>{t}</Say>
            ))}
            <Say>{`Season: ${words.season}. ${words.comfort}`}</Say>
          </Disclosure>
        </View>
      ) : null}
      <Button title="What to tie on" kind="copper" onPress={() => router.navigate('/lures')} />
      <ReadingTiles />
      <MoodPart />
      <View style={{ gap: 8 }}>
        <Button
          title={changing ? 'Keep this day' : `Another water, fish or day (now ${ACCESS_NAME[reading.access]})`}
          onPress={() => setChangingTrip(changing ? null : day.trip.id)}
        />
        {changing ? <StartDay /> : null}
      </View>
    </Screen>
  );
}
