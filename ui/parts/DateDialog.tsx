/**
 * The library's calendar, one day to be chosen, in our own overlay: its own dialog keeps a field without a name behind
 * the calendar.
 */
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Calendar, en, registerTranslation } from 'react-native-paper-dates';
import { SHELL } from '../../wording/pages/shell';
import { Card, Row } from './Box';
import { Button } from './Buttons';
import { Overlay } from './Overlay';
import { Say } from './Say';

registerTranslation('en', en);

/** Six weeks, their head and the months above them: it takes its height from what it stands in. */
const CALENDAR_PX = 420;

export function DateDialog({
  label,
  date,
  first,
  last,
  onDate,
  onClose,
}: {
  label: string;
  date: Date;
  first: Date;
  last: Date;
  onDate: (d: Date) => void;
  onClose: () => void;
}) {
  const [chosen, setChosen] = useState(date);
  return (
    <Overlay open onClose={onClose}>
      <Card style={{ width: '100%', maxWidth: 400, maxHeight: '100%', padding: 0 }}>
        <ScrollView contentContainerStyle={{ paddingVertical: 12, gap: 8 }}>
          <View style={{ paddingHorizontal: 14 }}>
            <Say kind="heading" level={2}>
              {label}
            </Say>
          </View>
          <View style={{ height: CALENDAR_PX }}>
            <Calendar
              locale="en"
              mode="single"
              date={chosen}
              validRange={{ startDate: first, endDate: last }}
              startYear={first.getFullYear()}
              endYear={last.getFullYear()}
              startWeekOnMonday
              onChange={({ date: d }) => d && setChosen(d)}
            />
          </View>
          <View style={{ paddingHorizontal: 14 }}>
            <Row gap={8} wrap>
              <Button kind="solid" title={SHELL.takeDay} onPress={() => onDate(chosen)} />
              <Button title={SHELL.close} onPress={onClose} />
            </Row>
          </View>
        </ScrollView>
      </Card>
    </Overlay>
  );
}
