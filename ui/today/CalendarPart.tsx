/** The day ahead into the calendar one keeps anyway. */
import { useState } from 'react';
import { View } from 'react-native';
import type { DayLine } from '../../core/forecast/line';
import type { Stay } from '../../core/forecast/spots';
import { TELLS, type Tells } from '../../core/exchange/privacy';
import { CALENDAR, calendarDate, calendarOf, calendarText } from '../../wording/calendar';
import { SHARED } from '../../wording/pages/shared';
import { DAY_PAGE } from '../../wording/pages/today';
import { useBookWithoutLog, useConditions } from '../day/contexts';
import { Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { TellsChoice } from '../parts/TellsChoice';
import { realNowMs } from '../platform/clock';
import { saveFile } from '../platform/files';
import { useTheme } from '../theme/theme';
import { restsAt } from './RestPart';
import { useRestList } from './useDayAhead';

interface CalendarPartProps {
  line: DayLine;
  stays: readonly Stay[];
  /** The round is being worked out anew. */
  asking: boolean;
  ahead: number;
}

export function CalendarPart({ line, stays, asking, ahead }: CalendarPartProps) {
  const { day, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const { units } = useTheme();
  const rest = useRestList();
  const [tells, setTells] = useState<Tells>('names');
  const [said, setSaid] = useState('');
  if (!day) return null;
  const entries = calendarOf(
    {
      water: day.water,
      line,
      stays,
      rest: ahead === 0 ? rest : [],
      spotOf: (id) => book.spot[id] ?? null,
      restsAt: (r) => restsAt(book, r),
      tells,
      nowMs,
    },
    units,
  );
  const save = async (): Promise<void> => {
    try {
      // The writer is fetched only here.
      const { writeCalendar } = await import('../../core/exchange/calendar');
      saveFile(
        `moss-kettle-${calendarDate(line, day.water.zone)}.ics`,
        writeCalendar(tells === 'nothing' ? 'Fishing' : day.water.name, entries, realNowMs()),
        'text/calendar',
      );
      setSaid(CALENDAR.done);
    } catch {
      setSaid(CALENDAR.failed);
    }
  };
  return (
    <Part title="For your calendar">
      <Say>{calendarText(entries.length)}</Say>
      <TellsChoice label={SHARED.tells} why={CALENDAR.tells} options={TELLS} value={tells} onChange={setTells} />
      <View>
        <Button title={DAY_PAGE.saveForCalendar} disabled={asking} onPress={() => void save()} />
      </View>
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
    </Part>
  );
}
