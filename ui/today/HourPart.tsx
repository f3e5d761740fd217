/** Another hour of the day: what the water will be like, and which lures to begin with. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { contentHash } from '../../core/base/hash';
import { clockMinutes, DAY_MIN } from '../../core/base/zone';
import { dayAtHour, stepAt } from '../../core/forecast/hour';
import type { DayLine } from '../../core/forecast/line';
import { startOf } from '../../core/ranking/ranked';
import { resolveConditions } from '../../core/water/resolve';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import { clockOfMinutes, hourFrom, hourLine, hourMood, hourStart, typedHour } from '../../wording/hour';
import { rateLine } from '../../wording/lures';
import { capital } from '../../wording/names';
import { monthOf } from '../../wording/time';
import { DAY_PAGE } from '../../wording/pages/today';
import { useBookWithoutLog, useConditions, useRanking, useRankingQuestion } from '../day/contexts';
import { useNames } from '../lures/useNames';
import { Adjuster } from '../parts/Adjuster';
import { Note, Part } from '../parts/Box';
import { Say } from '../parts/Say';
import { Stale } from '../parts/Stale';
import { useTheme } from '../theme/theme';

const STEP_MIN = 30;
const SHOWN = 3;

/** The hour asked: until one is chosen, that of the best time or the next full hour. */
function useHour(line: DayLine, nowMs: number, zone: string) {
  const [asked, setAsked] = useState<number | null>(null);
  const usual = clockMinutes(line.best?.fromMs ?? nowMs, zone);
  return [asked ?? (Math.ceil(usual / STEP_MIN) * STEP_MIN) % DAY_MIN, setAsked] as const;
}

export function HourPart({ line, nowMs }: { line: DayLine; nowMs: number }) {
  const { day: today } = useConditions();
  const book = useBookWithoutLog();
  const { ranking: now } = useRanking();
  const { options, basis, log } = useRankingQuestion();
  const { units, p } = useTheme();
  const nameOf = useNames();
  const { zone } = today!.water;
  const [minutes, setMinutes] = useHour(line, nowMs, zone);
  const step = stepAt(line, minutes, zone);
  const at = useMemo(
    () => dayAtHour(book, today!, step, nowMs, monthOf(step.atMs, zone)),
    [book, today, step, nowMs, zone],
  );
  const conditions = at?.day.conditions;
  const question = useMemo(() => ({ ...options, planned: {}, inHand: null }), [options]);
  const tackle = useMemo(() => ({ tackle: basis.tackle }), [basis.tackle]);
  const query = useQuery({
    queryKey: queryKeys.hour(contentHash([conditions, question, tackle, log.id])),
    queryFn: ({ signal }) => compute.rankPlanned(signal, conditions!, question, { ...tackle, log: log.log }),
    enabled: !!conditions,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 300_000,
  });
  if (!at || !conditions) return null;
  const move = (way: number): void => setMinutes((minutes + way * STEP_MIN + DAY_MIN) % DAY_MIN);
  const then = query.data ?? null;
  const start = then && startOf(then);
  const startNow = now && startOf(now);
  return (
    <Part title="At another hour">
      <Adjuster
        label="Hour"
        hint="Which hour"
        text={clockOfMinutes(minutes, units)}
        onLess={() => move(-1)}
        onMore={() => move(1)}
        typed={{ ...typedHour(units), onNumber: setMinutes }}
      />
      <Say>{hourLine(resolveConditions(conditions), step.tideMps, units)}</Say>
      {query.isError ? <Note>{DAY_PAGE.hourFailed}</Note> : null}
      {!then && !query.isError ? <Say role="status">{DAY_PAGE.hourWaiting}</Say> : null}
      {then && start ? (
        <Stale busy={query.isFetching} gap={8}>
          <Say kind="strong">{hourStart(nameOf(start), startNow && nameOf(startNow))}</Say>
          <Say>{hourMood(then.mood, now?.mood ?? null)}</Say>
          {then.ranked.slice(0, SHOWN).map((x) => (
            <View key={x.key} style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule, paddingBottom: 6 }}>
              <Say kind="strong">{capital(nameOf(x.key))}</Say>
              <Say kind="label" tone="soft">
                {rateLine(x)}
              </Say>
            </View>
          ))}
        </Stale>
      ) : then ? (
        <Say>{DAY_PAGE.hourNothing}</Say>
      ) : null}
      <Say kind="label" tone="soft">
        {hourFrom(at.forecast, step.tideMps !== null)}
      </Say>
    </Part>
  );
}
