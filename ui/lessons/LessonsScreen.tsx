import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View, type ViewStyle } from 'react-native';
import { tripsOf } from '../../core/records';
import type { SpeciesId } from '../../core/water/terms';
import { ALL_WATERS, NOTHING_YET, SECTION_NOTE, TO_THE_DIARY } from '../../wording/lessons';
import { AS_LOGGED, TOPICS, type TopicId } from '../../wording/lessonTopics';
import { capital, SPECIES_NAME } from '../../wording/names';
import { useBook, useConditions } from '../day/contexts';
import { Note } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { useWide } from '../shell/useWide';
import { TodayPart } from './TodayPart';
import { TopicBody, TopicHead, type TopicOf } from './Topic';
import { useLessons } from './useLessons';
import { useTopics } from './useTopics';

/** Wide, the numbers stay in sight while the list is read. */
const STAYS = { position: 'sticky', top: 16, alignSelf: 'flex-start' } as unknown as ViewStyle;

export function LessonsScreen() {
  const { day } = useConditions();
  const book = useBook();
  const wide = useWide();
  const router = useRouter();
  const { trip, tombstone } = book;
  const trips = useMemo(() => tripsOf({ trip, tombstone }), [trip, tombstone]);
  const species = useMemo(() => [...new Set(trips.map((t) => t.species))], [trips]);
  const [picked, setPicked] = useState<string | null>(null);
  const [waterId, setWaterId] = useState<string | null>(null);
  const chosen = picked ?? (day && species.includes(day.trip.species) ? day.trip.species : (species[0] ?? null));
  const waters = useMemo(
    () => [...new Set(trips.flatMap((t) => (t.species === chosen ? [t.waterId] : [])))],
    [trips, chosen],
  );
  const read = useLessons(chosen, waters.includes(waterId ?? '') ? waterId : null);
  const { topics, headline } = useTopics(read);
  const today = day?.trip.species === chosen;
  return (
    <Screen title="What works" sub={headline} section={!!day && !wide}>
      {day && !wide ? (
        <Say kind="label" tone="soft">
          {SECTION_NOTE(SPECIES_NAME[day.trip.species])}
        </Say>
      ) : null}
      <Button title={TO_THE_DIARY} onPress={() => router.navigate('/lessons/diary' as never)} />
      {species.length > 1 ? (
        <Choices
          label="Fish"
          options={species.map((s) => ({ value: s as string, title: capital(SPECIES_NAME[s as SpeciesId]) }))}
          value={chosen}
          onChange={setPicked}
        />
      ) : null}
      {waters.length > 1 ? (
        <Choices
          label="Water"
          options={[
            { value: '', title: ALL_WATERS },
            ...waters.map((id) => ({ value: id, title: book.water[id]?.name ?? id })),
          ]}
          value={waterId ?? ''}
          onChange={(id) => setWaterId(id || null)}
        />
      ) : null}
      {read.fished.length === 0 ? (
        <Note>{NOTHING_YET}</Note>
      ) : (
        <>
          {read.failed ? <Note>{AS_LOGGED}</Note> : null}
          {wide ? <Workplace topics={topics} today={today} /> : <Listed topics={topics} today={today} />}
        </>
      )}
    </Screen>
  );
}

function Listed({ topics, today }: { topics: readonly TopicOf[]; today: boolean }) {
  const [open, setOpen] = useState<ReadonlySet<TopicId>>(new Set<TopicId>(['patterns']));
  const turn = (id: TopicId): void => {
    const next = new Set(open);
    if (!next.delete(id)) next.add(id);
    setOpen(next);
  };
  return (
    <View style={{ gap: 12 }}>
      {today ? <TodayPart /> : null}
      {topics.map((t) => (
        <View key={t.id}>
          <TopicHead topic={t} open={open.has(t.id)} beside={false} onPress={() => turn(t.id)} />
          {open.has(t.id) ? <TopicBody topic={t} /> : null}
        </View>
      ))}
    </View>
  );
}

function Workplace({ topics, today }: { topics: readonly TopicOf[]; today: boolean }) {
  const [shown, setShown] = useState<TopicId>('patterns');
  const topic = topics.find((t) => t.id === shown) ?? topics[0]!;
  return (
    <View style={{ flexDirection: 'row', gap: 28 }}>
      <View style={{ flex: 1, gap: 6, minWidth: 0 }}>
        {today ? <TodayPart /> : null}
        {topics.map((t) => (
          <TopicHead key={t.id} topic={t} open={t.id === topic.id} beside onPress={() => setShown(t.id)} />
        ))}
      </View>
      <View style={[{ flex: 1.2, minWidth: 0 }, STAYS]} role="region" aria-label={TOPICS[topic.id]}>
        <TopicBody topic={topic} />
      </View>
    </View>
  );
}
