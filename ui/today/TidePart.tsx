/** The tide of this water: its turns, and high and low waters entered by hand, which win over the gauge. */
import { useCommitter } from '../../data/useBook';
import { useState } from 'react';
import { View } from 'react-native';
import { put } from '../../core/records';
import type { Turn } from '../../core/tide/curve';
import { clockText, dayText } from '../../wording/time';
import { say } from '../../wording/units';
import { DAY_PAGE } from '../../wording/pages/today';
import { useConditions, useBookWithoutLog } from '../day/contexts';
import { Part, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { stepBy, STEPPERS } from '../theme/stepping';
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
const TIME_STEPS: readonly (readonly [string, string, number])[] = [
  ['An hour earlier', '−1 h', -60],
  ['Ten minutes earlier', '−10', -10],
  ['Ten minutes later', '+10', 10],
  ['An hour later', '+1 h', 60],
];

function TurnForm() {
  const { day, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const committer = useCommitter();
  const { p, units } = useTheme();
  const [atMs, setAtMs] = useState(() => Math.round(nowMs / (10 * MIN_MS)) * 10 * MIN_MS);
  const [heightM, setHeightM] = useState(1);
  if (!day) return null;
  const { zone, id } = day.water;
  const entered = [...(book.tides[id]?.turns ?? [])];
  const when = (ms: number): string => `${dayText(ms, zone)}, ${clockText(ms, zone, units)}`;
  const store = (turns: { atMs: number; heightM: number }[]): void =>
    void committer.record(() => [put('tides', { id, turns: [...turns].sort((a, b) => a.atMs - b.atMs) })]);
  const key = {
    minWidth: 56,
    paddingHorizontal: 6,
    alignItems: 'center' as const,
    borderRadius: 12,
    borderWidth: 1.5 * p.stroke,
    borderColor: p.edge,
    backgroundColor: p.card,
  };
  const step = STEPPERS.depth(units, 15);
  return (
    <View style={{ gap: 10 }}>
      {entered.map((t) => (
        <Row key={t.atMs} style={{ justifyContent: 'space-between' }}>
          <Say>{`${when(t.atMs)}: ${say.depth(t.heightM, units)}`}</Say>
          <Press
            label={DAY_PAGE.takeOutTurn(when(t.atMs))}
            onPress={() => store(entered.filter((x) => x !== t))}
            style={{ alignItems: 'center' }}
          >
            <Glyph name="close" size={20} />
          </Press>
        </Row>
      ))}
      <Say kind="figure" role="status">
        {when(atMs)}
      </Say>
      <Row gap={6} wrap>
        {TIME_STEPS.map(([label, title, min]) => (
          <Press key={min} label={label} onPress={() => setAtMs((t) => t + min * MIN_MS)} style={key}>
            <Say kind="strong">{title}</Say>
          </Press>
        ))}
      </Row>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <Say>{DAY_PAGE.heightOver}</Say>
        <Row gap={8}>
          <Press label="Height: less" onPress={() => setHeightM(stepBy(step, heightM, -1))} style={key}>
            <Glyph name="minus" />
          </Press>
          <Say kind="figure">{say.depth(heightM, units)}</Say>
          <Press label="Height: more" onPress={() => setHeightM(stepBy(step, heightM, 1))} style={key}>
            <Glyph name="plus" />
          </Press>
        </Row>
      </Row>
      <Button
        title="Add this turn"
        onPress={() => store([...entered.filter((t) => Math.abs(t.atMs - atMs) > MIN_MS), { atMs, heightM }])}
      />
      <Say kind="label" tone="soft">
        {DAY_PAGE.twoTurns}
      </Say>
    </View>
  );
}
