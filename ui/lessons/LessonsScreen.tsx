import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { learnFromBook } from '../../core/lessons/patterns';
import { comparisonText, lessonsHeadline } from '../../wording/lessons';
import { capital, SPECIES_NAME } from '../../wording/names';
import { useBook, useConditions } from '../day/contexts';
import { Note, Part } from '../parts/Box';
import { Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { TodayPart } from './TodayPart';
import { PatternRow } from './PatternRow';
import { PhaseChart } from './PhaseChart';
import type { SpeciesId } from '../../core/water/terms';

const COMPARED = 4;

export function LessonsScreen() {
  const { day } = useConditions();
  const book = useBook();
  const species = useMemo(() => [...new Set(Object.values(book.trip).map((t) => t.species))], [book.trip]);
  const [picked, setPicked] = useState<string | null>(null);
  const chosen = picked ?? (day && species.includes(day.trip.species) ? day.trip.species : (species[0] ?? null));
  const lessons = useMemo(() => learnFromBook(book, { species: chosen }), [book, chosen]);
  const { patterns } = lessons;
  const highest = Math.max(0.01, ...patterns.map((x) => x.perCast.high));
  const nameOf = (id: string): string => patterns.find((x) => x.presentation === id)?.lureName ?? id;
  const compared = new Set(
    patterns
      .filter((x) => !x.tooThin)
      .slice(0, COMPARED)
      .map((x) => x.presentation),
  );
  const comparisons = lessons.comparisons
    .filter((c) => compared.has(c.a) && compared.has(c.b))
    .sort((a, b) => Math.abs(b.aBeatsB - 0.5) - Math.abs(a.aBeatsB - 0.5));
  return (
    <Screen title="What works" sub={lessonsHeadline(lessons)} section={!!day}>
      {day ? (
        <Say
          kind="label"
          tone="soft"
        >{`In the section: strikes in 100 casts by the depth fished, for ${SPECIES_NAME[day.trip.species]}; pale bars rest on fewer than thirty casts.`}</Say>
      ) : null}
      {species.length > 1 ? (
        <Choices
          label="Fish"
          options={species.map((s) => ({ value: s as string, title: capital(SPECIES_NAME[s as SpeciesId]) }))}
          value={chosen}
          onChange={setPicked}
        />
      ) : null}
      {patterns.length === 0 ? (
        <Note>
          Nothing to learn from yet. Count your casts and touch what happens on the Strikes page, blanks too: after
          thirty casts of one pattern this page starts to say something.
        </Note>
      ) : (
        <>
          {day?.trip.species === chosen ? <TodayPart /> : null}
          <Part title="Strikes by pattern">
            <Say kind="label" tone="soft">
              A pattern is one lure worked one way. The dot is the best guess, the bar holds the truth nine times in
              ten, the tick is what the model expected.
            </Say>
            <View>
              {patterns.map((x) => (
                <PatternRow key={x.presentation} x={x} highest={highest} />
              ))}
            </View>
          </Part>
          {comparisons.length > 0 ? (
            <Part title="Which beats which">
              {comparisons.slice(0, 5).map((c) => (
                <Say key={`${c.a}${c.b}`}>{comparisonText(c, nameOf)}</Say>
              ))}
              <Say kind="label" tone="soft">
                With many pairs, one in ten that looks 90 % sure is luck.
              </Say>
            </Part>
          ) : (
            <Note>Not enough yet to compare patterns: two need thirty casts each.</Note>
          )}
          <PhaseChart patterns={patterns} />
        </>
      )}
    </Screen>
  );
}
