/** The tide of this water: its turns, and high and low waters entered by hand, which win over the gauge. */
import { useCommitter } from '../../data/useBook';
import { useState } from 'react';
import { View } from 'react-native';
import { atClock, clockMinutes, startOfDay } from '../../core/base/zone';
import { put } from '../../core/records';
import type { Turn } from '../../core/tide/curve';
import { clockOfMinutes } from '../../wording/hour';
import { clockText, dayText } from '../../wording/time';
import { say } from '../../wording/units';
import { DAY_PAGE } from '../../wording/pages/today';
import { useConditions, useBookWithoutLog } from '../day/contexts';
import { Part, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { DateKey } from '../parts/DateKey';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { SteppedNumber } from '../parts/SteppedNumber';
import { STEPPERS } from '../theme/stepping';
import { useTheme } from '../theme/theme';

export function TidePart({ turns }: { turns: readonly Turn[] }) {
  const { day } = useConditions();
  const book = useBookWithoutLog();
  const { units } = useTheme();
  if (!day || day.water.salinity === 'fresh') return null;
  const { zone } = day.water;
  const entered = book.tides[day.water.id]?.turns ?? [];
  return (
    <Part title="Tide">
      <Say>
        {turns.length > 0
          ? turns
              .map((t) => DAY_PAGE.turn(t.kind === 'high', say.depth(t.heightM, units), clockText(t.atMs, zone, units)))
              .join(', ') + '.'
          : DAY_PAGE.noTide}
      </Say>
      <Say kind="label" tone="soft">
        {day.tide?.kind === 'turns' ? DAY_PAGE.fromTimes : turns.length > 0 ? DAY_PAGE.fromGauge : ''}
      </Say>
      <Disclosure title={entered.length > 0 ? DAY_PAGE.byHand(entered.length) : DAY_PAGE.enterTide}>
        <TurnForm />
      </Disclosure>
    </Part>
  );
}

const MIN_MS = 60_000;
const DAY_MS = 24 * 60 * MIN_MS;
/** How far from today a turn may be entered, days. */
const DAYS_AWAY = 30;

interface EnteredTurn {
  atMs: number;
  heightM: number;
}

function TurnForm() {
  const { day, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const committer = useCommitter();
  const { units } = useTheme();
  const zone = day?.water.zone ?? 'UTC';
  const [dayMs, setDayMs] = useState(() => startOfDay(nowMs, zone));
  const [minutes, setMinutes] = useState(() => Math.round(clockMinutes(nowMs, zone) / 10) * 10);
  const [heightM, setHeightM] = useState(1);
  if (!day) return null;
  const { id } = day.water;
  const entered = [...(book.tides[id]?.turns ?? [])];
  const when = (ms: number): string => `${dayText(ms, zone)}, ${clockText(ms, zone, units)}`;
  /** Worked out on what is stored: of two quick touches the page may still show neither. */
  const change = (then: (turns: readonly EnteredTurn[]) => EnteredTurn[]): void =>
    void committer.record((now) => {
      const turns = then(now.tides[id]?.turns ?? []).sort((a, b) => a.atMs - b.atMs);
      return [put('tides', { id, turns })];
    });
  const atMs = atClock(dayMs, minutes, zone);
  return (
    <View style={{ gap: 10 }}>
      {entered.map((t) => (
        <Row key={t.atMs} style={{ justifyContent: 'space-between' }}>
          <Say>{`${when(t.atMs)}: ${say.depth(t.heightM, units)}`}</Say>
          <Press
            label={DAY_PAGE.takeOutTurn(when(t.atMs))}
            onPress={() => change((turns) => turns.filter((x) => x.atMs !== t.atMs))}
            style={{ alignItems: 'center' }}
          >
            <Glyph name="close" size={20} />
          </Press>
        </Row>
      ))}
      <DateKey
        label={DAY_PAGE.turnDay}
        title={dayText(atMs, zone)}
        atMs={dayMs}
        firstMs={nowMs - DAYS_AWAY * DAY_MS}
        lastMs={nowMs + DAYS_AWAY * DAY_MS}
        zone={zone}
        onDay={setDayMs}
      />
      <SteppedNumber
        label={DAY_PAGE.turnTime}
        value={minutes}
        stepper={STEPPERS.clock()}
        text={(v) => clockOfMinutes(v, units)}
        onNumber={setMinutes}
      />
      <SteppedNumber
        label={DAY_PAGE.heightOver}
        value={heightM}
        stepper={STEPPERS.tide(units)}
        text={(v) => say.depth(v, units)}
        onNumber={setHeightM}
      />
      <Button
        title={DAY_PAGE.addTurn}
        label={DAY_PAGE.addTurnAt(when(atMs), say.depth(heightM, units))}
        onPress={() => change((turns) => [...turns.filter((t) => Math.abs(t.atMs - atMs) > MIN_MS), { atMs, heightM }])}
      />
      <Say kind="label" tone="soft">
        {DAY_PAGE.twoTurns}
      </Say>
    </View>
  );
}
