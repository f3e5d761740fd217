/** One day of the diary: its water, what was thrown, what happened by the clock, what is still to be told of it. */
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { diaryDay, sameDate, wholeOuting, type DiaryDay, type Outing } from '../../../core/diary/days';
import { againstModel, luresOf, questionsOf, type DayQuestion } from '../../../core/diary/ended';
import { spotsOf } from '../../../core/forecast/ahead';
import { PHASES } from '../../../core/planning/cadence/cadence';
import { adviceOfDay } from '../../../core/log/adviceDid';
import { logOf, struckOut } from '../../../core/log/tally';
import { standing } from '../../../core/records';
import type { CastTally } from '../../../core/records/cast';
import type { EffortBlock } from '../../../core/records/block';
import { adviceDidText } from '../../../wording/adviceDid';
import {
  againstModelText,
  blockCastsText,
  blockText,
  dayCame,
  daySpan,
  DIARY,
  lureOfDayText,
  outingCame,
  outingPart,
  questionText,
  waterAlong,
  waterOfBlock,
} from '../../../wording/diary';
import { capital, PHASE_NAME } from '../../../wording/names';
import { REPORT } from '../../../wording/report';
import { clockText } from '../../../wording/time';
import type { UnitPrefs } from '../../../wording/units';
import { useActions, useBook, usePrefs } from '../../day/contexts';
import { Card, Note, Part } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { DateKey } from '../../parts/DateKey';
import { Disclosure } from '../../parts/Disclosure';
import { NoteField } from '../../parts/NoteField';
import { Say } from '../../parts/Say';
import { DayPhotosLater } from '../../photos/later';
import { EventRow } from '../../strikes/EventRow';
import { LengthChoices } from '../../strikes/LengthChoices';
import { appNowMs } from '../../platform/clock';
import { useTheme } from '../../theme/theme';
import { useZoneOf } from './DayList';
import { TimeLine } from './TimeLine';

const YEAR_MS = 365.25 * 86_400_000;
/** A log may be older than the application. */
const YEARS_BACK = 30;

export function DayPage({ tripId }: { tripId: string }) {
  const book = useBook();
  const prefs = usePrefs();
  const actions = useActions();
  const router = useRouter();
  const { units } = useTheme();
  const zoneOf = useZoneOf();
  const day = useMemo(() => diaryDay(book, tripId), [book, tripId]);
  const outing = useMemo(() => wholeOuting(book, tripId), [book, tripId]);
  if (!day) return <Note>{DIARY.noSuchDay}</Note>;
  const zone = zoneOf(day);
  const open = prefs.activeTripId === tripId;
  const casts = standing(logOf(book, day.blocks), 'cast');
  // A day that goes on is not judged yet.
  const against = open ? null : againstModel(day);
  if (day.gone)
    return (
      <Card tone="wash">
        <Say role="status">{DIARY.struck}</Say>
        <Button kind="solid" title={DIARY.bring} onPress={() => actions.bringBack(tripId)} />
      </Card>
    );
  return (
    <View style={{ gap: 20 }}>
      <View style={{ gap: 6 }}>
        <Say>{`${capital(daySpan(day, zone, units))}. ${capital(dayCame(day, units))}.`}</Say>
        <TimeLine day={day} casts={casts} zone={zone} />
        {outing ? <OutingParts outing={outing} tripId={tripId} /> : null}
        <SameDay tripId={tripId} />
        {open ? <Button title={DIARY.toStrikes} onPress={() => router.navigate('/strikes')} /> : null}
      </View>
      {open ? null : <Asked day={day} outing={outing} zone={zone} />}
      <DayPhotosLater events={day.tally.events} zone={zone} />
      <Happened day={day} zone={zone} open={open} />
      {day.blocks[0] ? (
        <Part title={DIARY.waterThen}>
          {waterAlong(day, zone, units).map((line) => (
            <Say key={line}>{line}</Say>
          ))}
        </Part>
      ) : null}
      {day.tally.casts + day.tally.strikes > 0 ? (
        <Part title={DIARY.lures}>
          {luresOf(day).map((l) => (
            <Say key={l.lureId ?? l.name}>{lureOfDayText(l)}</Say>
          ))}
          {against ? (
            <Say kind="label" tone="soft">
              {againstModelText(against)}
            </Say>
          ) : null}
        </Part>
      ) : null}
      <AdvisedPart day={day} casts={casts} zone={zone} />
      <NotePart day={day} />
      <View style={{ gap: 8 }}>
        <Button
          title={REPORT.make}
          onPress={() => router.navigate(`/lessons/report/${encodeURIComponent(tripId)}` as never)}
        />
        {!open && prefs.activeTripId === null ? (
          <Button
            title={DIARY.goOn}
            onPress={() => {
              actions.takeUpTrip(tripId);
              router.navigate('/strikes');
            }}
          />
        ) : null}
        <Button kind="plain" title={DIARY.strike} onPress={() => actions.strikeDay(tripId)} />
      </View>
    </View>
  );
}

/** Blocks in the order they were fished, each with what happened in it. */
function Happened({ day, zone, open }: { day: DiaryDay; zone: string; open: boolean }) {
  const book = useBook();
  const actions = useActions();
  const { units } = useTheme();
  const gone = struckOut(book, day.blocks);
  if (day.blocks.length === 0) return null;
  const spots = spotsOf(book, day.trip.waterId);
  return (
    <Part title={DIARY.happened} gap={14}>
      {day.blocks.map((b, i) => {
        const tally = day.byBlock[i]!;
        const all = [...tally.events, ...gone.filter((e) => e.blockId === b.id)].sort((x, y) => x.seq - y.seq);
        return (
          <View key={b.id} style={{ gap: 4 }}>
            <Say kind="strong">{`${clockText(b.startedAtMs, zone, units)} · ${blockCastsText(tally)}`}</Say>
            <Say kind="label">{blockText(b, b.spotId ? (book.spot[b.spotId]?.name ?? null) : null)}</Say>
            {all.map((e) => (
              <EventRow
                key={e.id}
                event={e}
                gone={gone.includes(e)}
                species={day.trip.species}
                zone={zone}
                lureName={b.presentation.lureName}
              />
            ))}
            <Disclosure title={moreOfBlock(b, zone, units)}>
              <Say kind="label">{waterOfBlock(b, units)}</Say>
              {spots.length > 0 ? (
                <>
                  <Say kind="strong">{DIARY.where}</Say>
                  <Choices
                    label={DIARY.where}
                    options={[
                      ...spots.map((s) => ({ value: s.id, title: s.name })),
                      { value: '', title: DIARY.nowhere },
                    ]}
                    value={b.spotId ?? ''}
                    onChange={(id) => actions.moveBlock(b.id, id || null)}
                  />
                </>
              ) : null}
              {open ? null : <OtherDay block={b} zone={zone} />}
            </Disclosure>
          </View>
        );
      })}
    </Part>
  );
}

/** Logged on the wrong day: the day they were made on is chosen, and gone to. */
function OtherDay({ block, zone }: { block: EffortBlock; zone: string }) {
  const actions = useActions();
  const router = useRouter();
  const prefs = usePrefs();
  const nowMs = appNowMs(prefs.demoClock);
  return (
    <DateKey
      label={DIARY.whichDay}
      title={DIARY.moveDay}
      atMs={block.startedAtMs}
      firstMs={nowMs - YEARS_BACK * YEAR_MS}
      lastMs={nowMs}
      zone={zone}
      onDay={(dayMs) =>
        void actions.moveToDay(block.id, dayMs, zone).then((to) => {
          if (to) router.navigate(`/lessons/day/${encodeURIComponent(to)}` as never);
        })
      }
    />
  );
}

/** What an outing on several waters came to, and the way to its other parts. */
function OutingParts({ outing, tripId }: { outing: Outing; tripId: string }) {
  const { water } = useBook();
  const router = useRouter();
  const { units } = useTheme();
  const zoneOf = useZoneOf();
  return (
    <View style={{ gap: 6 }}>
      <Say>{outingCame(outing, units)}</Say>
      {outing.parts
        .filter((d) => d.trip.id !== tripId)
        .map((d) => (
          <Button
            key={d.trip.id}
            kind="plain"
            title={outingPart(d, water[d.trip.waterId]?.name ?? DIARY.otherWater, zoneOf(d), units)}
            onPress={() => router.navigate(`/lessons/day/${encodeURIComponent(d.trip.id)}` as never)}
          />
        ))}
    </View>
  );
}

/** Other days on the same date, on other waters: gone to by a touch. */
function SameDay({ tripId }: { tripId: string }) {
  const book = useBook();
  const router = useRouter();
  const { units } = useTheme();
  return useMemo(() => sameDate(book, tripId), [book, tripId]).map((d) => (
    <Button
      key={d.trip.id}
      kind="plain"
      title={DIARY.sameDay(book.water[d.trip.waterId]?.name ?? DIARY.otherWater, dayCame(d, units))}
      onPress={() => router.navigate(`/lessons/day/${encodeURIComponent(d.trip.id)}` as never)}
    />
  ));
}

const moreOfBlock = (b: EffortBlock, zone: string, units: UnitPrefs): string =>
  `${DIARY.ofBlock} ${clockText(b.startedAtMs, zone, units)}`;

/** What was advised along the day, and what was done then. */
function AdvisedPart({ day, casts, zone }: { day: DiaryDay; casts: readonly CastTally[]; zone: string }) {
  const { advice, tombstone } = useBook();
  const { units } = useTheme();
  const { trip, blocks, tally } = day;
  const given = adviceOfDay({ advice, tombstone }, { trip, blocks, casts, events: tally.events });
  if (given.length === 0) return null;
  return (
    <Part title={DIARY.advised}>
      {given.map((a) => (
        <Say key={a.given.id}>{adviceDidText(a, zone, units)}</Say>
      ))}
    </Part>
  );
}

/** At most three things that were not told; at the end of an outing, of all its waters. */
function Asked({ day, outing, zone }: { day: DiaryDay; outing: Outing | null; zone: string }) {
  const { units } = useTheme();
  const last = outing?.parts.at(-1)?.trip.id === day.trip.id;
  const asked = questionsOf(outing && last ? { trip: day.trip, tally: outing.tally } : day).filter(
    (q) => q.ask !== 'note',
  );
  const dayOf = (q: DayQuestion): DiaryDay =>
    (q.ask === 'note' ? null : outing?.parts.find((d) => d.tally.events.includes(q.event))) ?? day;
  if (asked.length === 0) return null;
  return (
    <Card tone="wash">
      <Say kind="strong">{DIARY.ask}</Say>
      {asked.map((q) => (
        <View key={q.ask} style={{ gap: 6 }}>
          <Say>{questionText(q, zone, units)}</Say>
          <AnswerKeys q={q} day={dayOf(q)} />
        </View>
      ))}
    </Card>
  );
}

function AnswerKeys({ q, day }: { q: DayQuestion; day: DiaryDay }) {
  const actions = useActions();
  if (q.ask === 'length') return <LengthChoices event={q.event} species={day.trip.species} />;
  if (q.ask === 'phase')
    return (
      <Choices
        label={DIARY.whenInCast}
        options={PHASES.map((value) => ({ value, title: capital(PHASE_NAME[value]) }))}
        value={null}
        onChange={(phase) => actions.tellEvent(q.event.id, { phase })}
      />
    );
  return null;
}

function NotePart({ day }: { day: DiaryDay }) {
  const actions = useActions();
  return (
    <Part title={DIARY.note}>
      {day.trip.note === '' ? (
        <Say kind="label" tone="soft">
          {DIARY.noteAsk}
        </Say>
      ) : null}
      <NoteField
        label={DIARY.note}
        value={day.trip.note}
        most={2000}
        multiline
        onNote={(note) => actions.noteDay(day.trip.id, note)}
      />
    </Part>
  );
}
