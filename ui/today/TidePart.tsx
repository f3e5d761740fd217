/** The tide of this water: its turns, and high and low waters entered by hand, which win over the gauge. */
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { put } from '../../core/records';
import type { Turn } from '../../core/tide/curve';
import { clockMs, clockText, dateText } from '../../wording/time';
import { say } from '../../wording/units';
import { useDay } from '../day/DayProvider';
import { PaperFrame } from '../kit/PaperFrame';
import { Part, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { stepBy, STEPPERS } from '../theme/stepping';
import { useTheme } from '../theme/theme';

export function TidePart({ date, turns }: { date: string; turns: readonly Turn[] }) {
  const { day, book } = useDay();
  const { units } = useTheme();
  if (!day || day.water.salinity === 'fresh') return null;
  const { zone } = day.water;
  const entered = book.tides[day.water.id]?.turns ?? [];
  return (
    <Part title="Tide">
      <Say>
        {turns.length > 0
          ? turns.map((t) => `${t.kind === 'high' ? 'High' : 'Low'} ${say.depth(t.heightM, units)} at ${clockText(t.atMs, zone)}`).join(', ') + '.'
          : 'Nothing is known of the tide here: enter high and low water from your table.'}
      </Say>
      <Say kind="label" tone="soft">
        {day.tide?.kind === 'turns'
          ? 'From the times you entered, a smooth curve between them.'
          : turns.length > 0
            ? 'From the made-up gauge of the station.'
            : ''}
      </Say>
      <Disclosure title={entered.length > 0 ? `High and low water by hand (${entered.length})` : 'Enter high and low water by hand'}>
        <PaperFrame>
          <TurnForm date={date} />
        </PaperFrame>
      </Disclosure>
    </Part>
  );
}

function TurnForm({ date }: { date: string }) {
  const { day, book, committer } = useDay();
  const { p, units } = useTheme();
  const [time, setTime] = useState('');
  const [heightM, setHeightM] = useState(1);
  const [wrong, setWrong] = useState('');
  if (!day) return null;
  const { zone, id } = day.water;
  const entered = [...(book.tides[id]?.turns ?? [])];
  const store = (turns: { atMs: number; heightM: number }[]): void =>
    void committer.record(() => [put('tides', { id, turns: [...turns].sort((a, b) => a.atMs - b.atMs) })]);
  const add = (): void => {
    const atMs = clockMs(date, time, zone);
    if (atMs === null) return setWrong('Write the time as hours and minutes, such as 6:40.');
    setWrong('');
    setTime('');
    store([...entered.filter((t) => Math.abs(t.atMs - atMs) > 60_000), { atMs, heightM }]);
  };
  const key = { width: 52, alignItems: 'center' as const };
  const step = STEPPERS.depth(units, 15);
  return (
    <View style={{ gap: 8 }}>
      {entered.map((t) => (
        <Row key={t.atMs} style={{ justifyContent: 'space-between' }}>
          <Say>{`${dateText(t.atMs, zone)} ${clockText(t.atMs, zone)}: ${say.depth(t.heightM, units)}`}</Say>
          <Press label={`Take out the turn at ${clockText(t.atMs, zone)}`} onPress={() => store(entered.filter((x) => x !== t))} style={key}>
            <Glyph name="close" size={20} />
          </Press>
        </Row>
      ))}
      <TextInput
        mode="outlined"
        label={`Time on ${date}`}
        accessibilityLabel={`Time of the turn on ${date}, hours and minutes`}
        value={time}
        onChangeText={setTime}
        placeholder="6:40"
        error={wrong !== ''}
        style={{ backgroundColor: p.card }}
      />
      <Row style={{ justifyContent: 'space-between' }}>
        <Say>Height over low water</Say>
        <Row gap={4}>
          <Press label="Height: less" onPress={() => setHeightM(stepBy(step, heightM, -1))} style={key}>
            <Glyph name="minus" />
          </Press>
          <Say kind="figure">{say.depth(heightM, units)}</Say>
          <Press label="Height: more" onPress={() => setHeightM(stepBy(step, heightM, 1))} style={key}>
            <Glyph name="plus" />
          </Press>
        </Row>
      </Row>
      {wrong ? (
        <Say role="alert" tone="bad" kind="label">
          {wrong}
        </Say>
      ) : null}
      <Button title="Add this turn" onPress={add} />
      <Say kind="label" tone="soft">
        Two turns around now are needed; more make the line longer.
      </Say>
    </View>
  );
}
