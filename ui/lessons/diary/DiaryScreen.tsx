/** Past days: as a list or a calendar, found by a word; wide, the day beside them. */
import { useRouter } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { View } from 'react-native';
import { bestsOf, findDays, gatherDays, outingsOf, type DiaryDay } from '../../../core/diary/days';
import type { SpeciesId } from '../../../core/water/terms';
import { bestText, dayTitleOf, dayWhere, DIARY, diaryHead } from '../../../wording/diary';
import { capital, SPECIES_NAME } from '../../../wording/names';
import { useBook } from '../../day/contexts';
import { isShort } from '../../day/dayHistory';
import { Note, Part } from '../../parts/Box';
import { SHARED } from '../../../wording/pages/shared';
import { Button, Choices } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { Find } from '../../parts/Find';
import { Say } from '../../parts/Say';
import { useInSteps } from '../../platform/inSteps';
import { Screen } from '../../shell/Screen';
import { useWide } from '../../shell/useWide';
import { useTheme } from '../../theme/theme';
import { DayCalendar, DayList, useZoneOf } from './DayList';
import { DayPage } from './DayPage';

const ALL = '';
const NONE: readonly DiaryDay[] = [];

export function DiaryScreen() {
  const book = useBook();
  const wide = useWide();
  const router = useRouter();
  const zoneOf = useZoneOf();
  const { units } = useTheme();
  const { trip, block, cast, event, tombstone, water, spot } = book;
  const gather = useCallback(
    () => gatherDays({ trip, block, cast, event, tombstone }),
    [trip, block, cast, event, tombstone],
  );
  const gathered = useInSteps(gather, isShort(book));
  const days = gathered ?? NONE;
  const [text, setText] = useState('');
  const [species, setSpecies] = useState<string>(ALL);
  const [landed, setLanded] = useState(false);
  const [view, setView] = useState<'list' | 'calendar'>('list');
  const [picked, setPicked] = useState<string | null>(null);
  const found = useMemo(
    () =>
      findDays(
        { water, spot },
        days,
        { text, species: (species || null) as SpeciesId | null, landed },
        (s) => SPECIES_NAME[s],
      ),
    [water, spot, days, text, species, landed],
  );
  const bests = useMemo(() => bestsOf(days), [days]);
  const fish = [...new Set(days.map((d) => d.trip.species))];
  const chosen = wide ? (picked ?? found[0]?.trip.id ?? null) : null;
  const open = (id: string): void => {
    if (wide) setPicked(id);
    else router.navigate(`/lessons/day/${encodeURIComponent(id)}` as never);
  };
  const shown = chosen ? days.find((d) => d.trip.id === chosen) : undefined;
  const list = (
    <View style={{ gap: 14 }}>
      <Find label={DIARY.find} value={text} onChange={setText} />
      {fish.length > 1 ? (
        <Choices
          label={DIARY.fish}
          options={[
            { value: ALL, title: DIARY.all },
            ...fish.map((s) => ({ value: s as string, title: capital(SPECIES_NAME[s]) })),
          ]}
          value={species}
          onChange={setSpecies}
        />
      ) : null}
      <Choices
        label={DIARY.withFish}
        options={[
          { value: 0, title: DIARY.anyDay },
          { value: 1, title: DIARY.landedDay },
        ]}
        value={landed ? 1 : 0}
        onChange={(v) => setLanded(v === 1)}
      />
      <Choices
        label={DIARY.view}
        options={[
          { value: 'list', title: DIARY.asList },
          { value: 'calendar', title: DIARY.asCalendar },
        ]}
        value={view}
        onChange={(v) => setView(v as 'list' | 'calendar')}
      />
      {found.length === 0 ? (
        <Note>{DIARY.nothingFound}</Note>
      ) : view === 'list' ? (
        <DayList days={found} chosen={chosen} onOpen={open} />
      ) : (
        <DayCalendar days={found} chosen={chosen} onOpen={open} />
      )}
      {bests.length > 0 ? (
        <Disclosure title={DIARY.bests}>
          {bests.map((b) => (
            <Say key={b.species}>{bestText(b, water[b.trip.waterId]?.name ?? '–', zoneOf(b), units)}</Say>
          ))}
        </Disclosure>
      ) : null}
    </View>
  );
  return (
    <Screen title={DIARY.title} sub={days.length > 0 ? diaryHead(outingsOf(days)) : undefined} section={false}>
      {gathered === null ? <Say role="status">{DIARY.gathering}</Say> : null}
      {gathered?.length === 0 ? <Note>{DIARY.none}</Note> : null}
      <Button title={DIARY.catchUp} onPress={() => router.navigate('/lessons/catch-up' as never)} />
      <Button kind="plain" title={SHARED.fromElsewhere} onPress={() => router.navigate('/kit/catches' as never)} />
      {days.length === 0 ? null : wide ? (
        <View style={{ flexDirection: 'row', gap: 28, alignItems: 'flex-start' }}>
          <View style={{ flex: 1, minWidth: 0 }}>{list}</View>
          <View style={{ flex: 1.3, minWidth: 0 }} role="region" aria-label={DIARY.chosen}>
            {chosen && shown ? (
              <Part
                title={`${dayTitleOf(shown, zoneOf(shown))}, ${dayWhere(shown, water[shown.trip.waterId]?.name ?? '–')}`}
              >
                <DayPage key={chosen} tripId={chosen} />
              </Part>
            ) : chosen ? (
              <DayPage key={chosen} tripId={chosen} />
            ) : null}
          </View>
        </View>
      ) : (
        list
      )}
    </Screen>
  );
}
