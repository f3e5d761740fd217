/** A day as one page for a friend: to read, to print, to send. */
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { diaryDay } from '../../../core/diary/days';
import { bestBlock } from '../../../core/diary/ended';
import { photosOf } from '../../../core/log/photos';
import { logOf } from '../../../core/log/tally';
import { standing } from '../../../core/records';
import { resolveConditions } from '../../../core/water/resolve';
import type { Conditions } from '../../../core/water/conditions';
import { DIARY } from '../../../wording/diary';
import {
  castAgainText,
  REPORT,
  REPORT_TELLS,
  REPORT_TELLS_NAME,
  reportOf,
  reportText,
  shrinkOf,
  type ReportTells,
} from '../../../wording/report';
import { describeSection } from '../../../wording/section';
import { useBook, usePrefs } from '../../day/contexts';
import { Note } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Ink, Sheet } from '../../parts/Paper';
import { SheetPhotosLater } from '../../photos/later';
import { Say } from '../../parts/Say';
import { YesNoChoice } from '../../parts/YesNoChoice';
import { shareText } from '../../platform/share';
import { sectionOfReading } from '../../section/model';
import { SectionDrawing } from '../../section/SectionDrawing';
import { Screen } from '../../shell/Screen';
import { useTheme } from '../../theme/theme';
import { useZoneOf } from './DayList';
import { useCastAgain } from './useCastAgain';
import { TimeLine } from './TimeLine';

/** The picture is as wide as the sheet and so high, of its width. */
const PICTURE_SHARE = 0.42;
const SAID = { sent: REPORT.sent, copied: REPORT.copied, refused: REPORT.refused, 'not-now': '' } as const;

export function ReportScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const book = useBook();
  const prefs = usePrefs();
  const router = useRouter();
  const { units } = useTheme();
  const zoneOf = useZoneOf();
  const [tells, setTells] = useState<ReportTells>('water');
  const [said, setSaid] = useState('');
  const [width, setWidth] = useState(0);
  const [pictures, setPictures] = useState(true);
  const day = useMemo(() => diaryDay(book, id), [book, id]);
  const worked = day && (bestBlock(day) ?? day.blocks[0] ?? null);
  const photos = useMemo(
    () =>
      photosOf(
        book,
        (day?.tally.events ?? []).map((e) => e.id),
      ),
    [book, day],
  );
  const track = useCastAgain(worked);
  const model = useMemo(
    () =>
      worked && {
        ...sectionOfReading(
          resolveConditions(worked.conditions as Conditions),
          worked.presentation.tip.heightM,
          Math.max(10, worked.presentation.castM),
        ),
        family: worked.presentation.rig.family,
        path: track && { ...track, range: null },
      },
    [worked, track],
  );
  if (!day || day.gone)
    return (
      <Screen title={REPORT.title} section={false}>
        <Note>{day ? DIARY.struck : DIARY.noSuchDay}</Note>
        <Button title={DIARY.back} onPress={() => router.navigate('/lessons/diary' as never)} />
      </Screen>
    );
  const zone = zoneOf(day);
  const report = reportOf(
    { day, water: book.water[day.trip.waterId] ?? null, spotOf: (s) => book.spot[s] ?? null, tells, zone },
    units,
  );
  return (
    <Screen title={REPORT.title} sub={report.sub} section={false}>
      <View style={{ gap: 8 }}>
        <Say kind="strong">{REPORT.tells}</Say>
        <Choices
          label={REPORT.tells}
          options={REPORT_TELLS.map((value) => ({ value, title: REPORT_TELLS_NAME[value] }))}
          value={tells}
          onChange={setTells}
        />
        <Say kind="label" tone="soft">
          {REPORT.tellsWhy}
        </Say>
        {photos.length > 0 ? (
          <YesNoChoice
            label={REPORT.photos}
            yes={REPORT.withPhotos}
            no={REPORT.withoutPhotos}
            value={pictures}
            onChange={setPictures}
          />
        ) : null}
        {prefs.activeTripId === id ? <Note>{REPORT.open}</Note> : null}
        {day.tally.casts + day.tally.events.length === 0 ? <Note>{REPORT.empty}</Note> : null}
        <Button kind="solid" title={REPORT.print} onPress={() => window.print()} />
        <Button
          title={REPORT.send}
          onPress={() => void shareText(report.title, reportText(report)).then((how) => setSaid(SAID[how]))}
        />
        {said ? (
          <Say role="status" kind="label" tone="moss">
            {said}
          </Say>
        ) : null}
      </View>
      <Sheet
        id="day-report"
        label={REPORT.sheet}
        width="186mm"
        pictures="62%"
        shrink={shrinkOf(report, photos.length > 0 && pictures)}
      >
        <View onLayout={(e) => setWidth(Math.round(e.nativeEvent.layout.width))}>
          <Ink bold size={22}>
            {report.title}
          </Ink>
          <Ink>{report.sub}</Ink>
        </View>
        {model && width > 0 ? (
          <SectionDrawing
            model={model}
            words={describeSection(model, units)}
            width={width}
            height={Math.round(width * PICTURE_SHARE)}
            atS={null}
          />
        ) : null}
        {track && worked ? <Ink>{castAgainText(worked)}</Ink> : null}
        <TimeLine day={day} casts={standing(logOf(book, day.blocks), 'cast')} zone={zone} />
        {photos.length > 0 && pictures ? (
          <SheetPhotosLater photos={photos} events={day.tally.events} zone={zone} />
        ) : null}
        {report.parts.map((part) => (
          <View key={part.title} style={{ gap: 2 }}>
            <Ink bold size={16}>
              {part.title}
            </Ink>
            {part.lines.map((line, i) => (
              <Ink key={i}>{line}</Ink>
            ))}
          </View>
        ))}
      </Sheet>
      <Button title={REPORT.back} onPress={() => router.navigate(`/lessons/day/${encodeURIComponent(id)}` as never)} />
    </Screen>
  );
}
