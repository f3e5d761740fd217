/**
 * The station of this water: how old its report is, what it says, what to do when it fails; and readings from a file.
 */
import { useCommitter } from '../../data/useBook';
import { useState } from 'react';
import { View } from 'react-native';
import { put } from '../../core/records';
import { STATION_FAULTS, type StationFault } from '../../core/stations/answer';
import type { Problem } from '../../core/base/problems';
import { importText, STATION_FAULT_NAME, stationReadingText, stationText } from '../../wording/day';
import { problemText } from '../../wording/problems';
import { DAY_PAGE } from '../../wording/pages/today';
import { useActions, useConditions, usePrefs, useBookWithoutLog, useStationState } from '../day/contexts';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { newId } from '../platform/ids';
import { pickTextFile } from '../platform/files';
import { useTheme } from '../theme/theme';

const SHOWN = 12;

export function StationPart() {
  const { day } = useConditions();
  const station = useStationState();
  const prefs = usePrefs();
  const actions = useActions();
  const { units } = useTheme();
  if (!day) return null;
  return (
    <Part title="Station">
      {day.water.station ? (
        <>
          <Say role="status">{stationText({ ...station, used: day.station !== null })}</Say>
          {day.station ? <Say>{stationReadingText(day.station, units)}</Say> : null}
          <Say kind="label" tone="soft">
            {DAY_PAGE.ownWins}
          </Say>
          <Button title={station.asking ? 'Asking…' : 'Ask again'} disabled={station.asking} onPress={station.ask} />
          {prefs.demoClock ? (
            <Disclosure title={DAY_PAGE.tryFault}>
              <Say>{DAY_PAGE.standIn}</Say>
              <Choices
                label={DAY_PAGE.fault}
                options={STATION_FAULTS.map((f) => ({ value: f, title: STATION_FAULT_NAME[f] }))}
                value={prefs.stationFault}
                onChange={(v) => actions.savePrefs({ stationFault: v as StationFault })}
              />
            </Disclosure>
          ) : null}
        </>
      ) : (
        <Say>{DAY_PAGE.noStation}</Say>
      )}
      <ReadingsFromFile />
    </Part>
  );
}

/** Water temperatures from a station's file: they make the trend. */
function ReadingsFromFile() {
  const { day } = useConditions();
  const book = useBookWithoutLog();
  const committer = useCommitter();
  const [said, setSaid] = useState('');
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  if (!day) return null;
  const waterId = day.water.id;
  const stored = Object.values(book.waterLog).filter((l) => l.waterId === waterId && l.points.length > 0);
  const read = async (): Promise<void> => {
    const text = await pickTextFile('.csv,text/csv,text/plain');
    if (text === null) return;
    const { readReadingsCsv } = await import('../../core/exchange/csv');
    const r = readReadingsCsv(text);
    setProblems(r.problems);
    // Told as taken once the device has them.
    const taken =
      r.points.length === 0 ||
      (await committer.record(() => [
        put('waterLog', { id: newId(), waterId, name: 'from a file', points: r.points }),
      ]));
    if (taken) setSaid(importText(r.points.length, r.problems.length));
  };
  return (
    <Disclosure
      title={
        stored.length > 0 ? DAY_PAGE.fromFiles(stored.reduce((s, l) => s + l.points.length, 0)) : 'Readings from a file'
      }
    >
      <Say kind="label" tone="soft">
        {DAY_PAGE.csvIs}
      </Say>
      <Button title="Read a CSV file…" onPress={() => void read()} />
      {said ? (
        <Say role="status" kind="strong">
          {said}
        </Say>
      ) : null}
      <View>
        {problems.slice(0, SHOWN).map((x) => (
          <Say key={x.path} kind="label">
            {problemText(x)}
          </Say>
        ))}
        {problems.length > SHOWN ? <Say kind="label">{DAY_PAGE.andMore(problems.length - SHOWN)}</Say> : null}
      </View>
      {stored.map((l) => (
        <Button
          key={l.id}
          kind="plain"
          title={DAY_PAGE.takeOut(l.points.length)}
          onPress={() => void committer.commit(() => [put('waterLog', { ...l, points: [] })])}
        />
      ))}
    </Disclosure>
  );
}
