/** Days of the diary as a list, or as the months of a calendar. */
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { outingsOf, type DiaryDay } from '../../../core/diary/days';
import {
  calendarDayText,
  dayCame,
  DIARY,
  dayTitleOf,
  monthText,
  openDayText,
  outingWhere,
  WEEKDAYS,
} from '../../../wording/diary';
import { dateText } from '../../../wording/time';
import { useBook } from '../../day/contexts';
import { Row } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Glyph } from '../../parts/Glyph';
import { Press } from '../../parts/Press';
import { Say } from '../../parts/Say';
import { deviceZone } from '../../platform/clock';
import { useTheme } from '../../theme/theme';

/** Days drawn at once; more by a touch. */
const SHOWN = 20;

interface ListProps {
  days: readonly DiaryDay[];
  /** The one shown beside the list. */
  chosen: string | null;
  onOpen: (tripId: string) => void;
}

/** The zone that a day's clock goes by: its water's. */
export function useZoneOf(): (d: Pick<DiaryDay, 'trip'>) => string {
  const { water } = useBook();
  return (d) => water[d.trip.waterId]?.zone ?? deviceZone();
}

export function DayList({ days, chosen, onOpen }: ListProps) {
  const { water } = useBook();
  const { p, units } = useTheme();
  const zoneOf = useZoneOf();
  const [shown, setShown] = useState(SHOWN);
  const outings = useMemo(() => outingsOf(days), [days]);
  return (
    <View>
      {outings.slice(0, shown).map((o) => {
        const d = o.parts[0]!;
        const title = dayTitleOf(d, zoneOf(d));
        const where = outingWhere(o, (x) => water[x.trip.waterId]?.name ?? '–');
        const came = dayCame(o, units);
        const on = o.parts.some((x) => x.trip.id === chosen);
        return (
          <Press
            key={d.trip.id}
            label={openDayText(title, where, came)}
            selected={chosen === null ? undefined : on}
            onPress={() => onOpen(d.trip.id)}
            style={{
              borderBottomWidth: p.stroke,
              borderBottomColor: p.rule,
              paddingVertical: 8,
              paddingHorizontal: chosen === null ? 0 : 10,
              backgroundColor: on ? p.mossWash : undefined,
            }}
          >
            <Row>
              <View style={{ flex: 1, minWidth: 0 }}>
                <Say kind="strong">{title}</Say>
                <Say kind="label" tone="soft">
                  {where}
                </Say>
                <Say kind="label">{came}</Say>
              </View>
              <Glyph name="right" size={20} />
            </Row>
          </Press>
        );
      })}
      {outings.length > shown ? (
        <Button kind="plain" title={DIARY.more} onPress={() => setShown(shown + 2 * SHOWN)} />
      ) : null}
    </View>
  );
}

const WEEK = 7;
/** Days of a month, from the Monday of its first week on: null before the first and after the last. */
function weeksOf(year: number, month: number): (number | null)[][] {
  const first = (new Date(Date.UTC(year, month, 1)).getUTCDay() + 6) % WEEK;
  const days = new Date(Date.UTC(year, month + 1, 0)).getUTCDate();
  const cells = Array.from({ length: Math.ceil((first + days) / WEEK) * WEEK }, (_, i) =>
    i < first || i >= first + days ? null : i - first + 1,
  );
  return Array.from({ length: cells.length / WEEK }, (_, w) => cells.slice(w * WEEK, (w + 1) * WEEK));
}

const MONTH_KEY = { alignItems: 'center', justifyContent: 'center', minWidth: 56, minHeight: 56 } as const;

export function DayCalendar({ days, chosen, onOpen }: ListProps) {
  const { water } = useBook();
  const { p, units } = useTheme();
  const zoneOf = useZoneOf();
  const dated = days.map((d) => ({ d, date: dateText(d.trip.startedAtMs, zoneOf(d)) }));
  const [back, setBack] = useState(0);
  const [newestYear, newestMonth] = (dated[0]?.date ?? '2000-01').split('-').map(Number) as [number, number];
  const at = new Date(Date.UTC(newestYear, newestMonth - 1 - back, 15));
  const [year, month] = [at.getUTCFullYear(), at.getUTCMonth()];
  const prefix = `${year}-${String(month + 1).padStart(2, '0')}`;
  const oldest = dated.at(-1)?.date.slice(0, prefix.length) ?? prefix;
  const name = monthText(year, month);
  const cell = { flex: 1, minWidth: 40, minHeight: 48, alignItems: 'center', justifyContent: 'center' } as const;
  return (
    <View style={{ gap: 6, maxWidth: 460 }}>
      <Row style={{ justifyContent: 'space-between' }}>
        <Press label={DIARY.earlier} disabled={prefix <= oldest} onPress={() => setBack(back + 1)} style={MONTH_KEY}>
          <Glyph name="left" />
        </Press>
        <Say kind="heading" level={2} role="status">
          {name}
        </Say>
        <Press label={DIARY.later} disabled={back === 0} onPress={() => setBack(back - 1)} style={MONTH_KEY}>
          <Glyph name="right" />
        </Press>
      </Row>
      <Row gap={2}>
        {WEEKDAYS.map((w) => (
          <Say key={w} kind="small" tone="soft" style={{ flex: 1, textAlign: 'center' }}>
            {w}
          </Say>
        ))}
      </Row>
      {weeksOf(year, month).map((week, i) => (
        <Row key={i} gap={2}>
          {week.map((day, k) => {
            if (day === null) return <View key={k} style={cell} />;
            const here = dated.filter((x) => x.date === `${prefix}-${String(day).padStart(2, '0')}`);
            if (here.length === 0)
              return (
                <View key={k} style={cell}>
                  <Say kind="label" tone="soft">
                    {day}
                  </Say>
                </View>
              );
            const { d } = here[0]!;
            const landed = here.some((x) => x.d.tally.landed > 0);
            const on = here.some((x) => x.d.trip.id === chosen);
            const told = here.map(({ d: x }) => `${water[x.trip.waterId]?.name ?? '–'}, ${dayCame(x, units)}`);
            return (
              <Press
                key={k}
                label={calendarDayText(day, name, told)}
                // Two days on one date: the one of the later start.
                onPress={() => onOpen(d.trip.id)}
                style={{
                  ...cell,
                  borderRadius: 10,
                  borderWidth: (on ? 2 : 1) * p.stroke,
                  borderColor: landed ? p.copper : p.moss,
                  backgroundColor: landed ? p.card : p.mossWash,
                }}
              >
                <Say kind="strong">{day}</Say>
                <Say kind="small" tone={landed ? 'copper' : 'soft'}>
                  {landed ? here.reduce((s, x) => s + x.d.tally.landed, 0) : '–'}
                </Say>
              </Press>
            );
          })}
        </Row>
      ))}
      <Say kind="label" tone="soft">
        {DIARY.calendarKey}
      </Say>
    </View>
  );
}
