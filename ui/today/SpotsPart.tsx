/** Candidate spots: the round over the day, and each with its four features. */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { DayAnswer } from '../../workers/almanac';
import { stayText, worthText } from '../../wording/day';
import { budgetText, budgetTitle } from '../../wording/budget';
import { spotFeatures, spotWarnings } from '../../wording/spots';
import { clockText } from '../../wording/time';
import { DAY_PAGE } from '../../wording/pages/today';
import { useActions, useConditions, useBookWithoutLog } from '../day/contexts';
import { Note, Part, Row } from '../parts/Box';
import { atSpot } from '../day/tripActions';
import { Button, Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Press } from '../parts/Press';
import { Glyph } from '../parts/Glyph';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { spotsOf } from '../../core/forecast/ahead';
import { seasonOf } from '../../core/water/season';

/** Times one may have, min; 0: all of the day. */
const BUDGETS = [0, 60, 90, 150, 240, 360];

interface SpotsPartProps {
  answer: DayAnswer | null;
  /** Something else is asked by now than what the answer is to. */
  asking: boolean;
  ahead: number;
  budgetMin: number | null;
  onBudget: (min: number | null) => void;
}

export function SpotsPart({ answer, asking, ahead, budgetMin, onBudget }: SpotsPartProps) {
  const { day, reading } = useConditions();
  const book = useBookWithoutLog();
  const actions = useActions();
  const router = useRouter();
  const { p, units } = useTheme();
  if (!day) return null;
  const spots = spotsOf(book, day.water.id);
  const { zone } = day.water;
  const add = (
    <Button title="Add a spot" onPress={() => router.navigate(`/kit/spot/new?water=${day.water.id}` as never)} />
  );
  if (spots.length === 0)
    return (
      <Part title="Spots" right={add}>
        <Note>{DAY_PAGE.noSpots}</Note>
      </Part>
    );
  const nameOf = (id: string): string => book.spot[id]?.name ?? 'a spot';
  const { round, budgeted } = answer ?? {};
  const phase = reading ? seasonOf(reading) : null;
  return (
    <Part title={ahead === 0 && budgetMin === null ? DAY_PAGE.round : 'Your round'} right={add}>
      <Say kind="label" tone="soft">
        {DAY_PAGE.howLong}
      </Say>
      <Choices
        label={DAY_PAGE.howLong}
        options={BUDGETS.map((value) => ({ value, title: budgetTitle(value) }))}
        value={budgetMin ?? 0}
        onChange={(min) => onBudget(min || null)}
      />
      {budgetMin !== null && round ? (
        <Say kind="strong" role="status">
          {asking ? DAY_PAGE.roundWaiting : budgetText(budgeted ?? null, ahead === 0, zone, units)}
        </Say>
      ) : null}
      {!round ? <Say>{DAY_PAGE.roundWaiting}</Say> : round.stays.length === 0 ? <Say>{DAY_PAGE.noHourLeft}</Say> : null}
      {round?.stays.map((s, i) => (
        <View key={s.id}>
          {i > 0 && s.fromMs - round.stays[i - 1]!.toMs >= 45 * 60_000 ? (
            <Say kind="label" tone="soft">
              {DAY_PAGE.slack(clockText(round.stays[i - 1]!.toMs, zone, units), clockText(s.fromMs, zone, units))}
            </Say>
          ) : null}
          <Row gap={10} style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule, paddingVertical: 6 }} wrap>
            <View style={{ minWidth: 96 }}>
              <Say kind="strong">{`${clockText(s.fromMs, zone, units)}–${clockText(s.toMs, zone, units)}`}</Say>
              {s.travelMin > 0 ? (
                <Say kind="small" tone="soft">
                  {DAY_PAGE.travel(s.travelMin)}
                </Say>
              ) : null}
            </View>
            <View style={{ flex: 1, minWidth: 120 }}>
              <Say kind="strong">{nameOf(s.id)}</Say>
              <Say kind="small" tone="soft">
                {[
                  stayText(s, answer?.line.best ?? null),
                  book.spot[s.id]?.note ?? '',
                  book.spot[s.id] ? spotWarnings(book.spot[s.id]!) : '',
                ]
                  .filter(Boolean)
                  .join(' ')}
              </Say>
            </View>
            {ahead === 0 && day.trip.spotId === s.id ? (
              <Say kind="label" tone="moss">
                you are here
              </Say>
            ) : (
              <Button
                title="Be there"
                label={`Be at ${nameOf(s.id)}`}
                onPress={() => actions.changeTrip((t) => atSpot(t, s.id))}
              />
            )}
          </Row>
        </View>
      ))}
      <Disclosure title={DAY_PAGE.allSpots(spots.length)}>
        {[...spots]
          .sort(
            (a, b) =>
              (round?.ranked.findIndex((x) => x.id === a.id) ?? 0) -
              (round?.ranked.findIndex((x) => x.id === b.id) ?? 0),
          )
          .map((s) => {
            const ranked = round?.ranked.find((x) => x.id === s.id);
            return (
              <Press
                key={s.id}
                label={`${s.name}: open`}
                onPress={() => router.navigate(`/kit/spot/${s.id}` as never)}
                style={{ paddingVertical: 4 }}
              >
                <Row gap={10}>
                  <View style={{ flex: 1, minWidth: 0 }}>
                    <Say kind="strong">{s.name}</Say>
                    <Say kind="label">{spotFeatures(s, phase)}</Say>
                    {spotWarnings(s) ? <Say kind="label">{spotWarnings(s)}</Say> : null}
                    {ranked && ranked.bestAtMs !== null ? (
                      <Say kind="label" tone="soft">
                        {DAY_PAGE.bestFrom(clockText(ranked.bestAtMs, zone, units), worthText(ranked.promise), s.note)}
                      </Say>
                    ) : null}
                  </View>
                  <Glyph name="right" size={18} color={p.soft} />
                </Row>
              </Press>
            );
          })}
      </Disclosure>
    </Part>
  );
}
