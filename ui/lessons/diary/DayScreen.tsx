/** A day of the diary by itself. */
import { useLocalSearchParams, useRouter } from 'expo-router';
import { dayTitleOf, dayWhere, DIARY } from '../../../wording/diary';
import { useBook } from '../../day/contexts';
import { Button } from '../../parts/Buttons';
import { Screen } from '../../shell/Screen';
import { DayPage } from './DayPage';
import { useZoneOf } from './DayList';

export function DayScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { trip: trips, water } = useBook();
  const router = useRouter();
  const zoneOf = useZoneOf();
  const trip = trips[id];
  const title = trip ? dayTitleOf({ trip }, zoneOf({ trip })) : DIARY.title;
  return (
    <Screen title={title} sub={trip ? dayWhere({ trip }, water[trip.waterId]?.name ?? '–') : undefined} section={false}>
      <DayPage tripId={id} />
      <Button kind="plain" title={DIARY.back} onPress={() => router.navigate('/lessons/diary' as never)} />
    </Screen>
  );
}
