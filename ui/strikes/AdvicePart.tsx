/** The one quiet line: what was logged, and what to do now. */
import { useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { adviceOf } from '../../core/log/advice';
import { adviceGiven } from '../../core/log/adviceGiven';
import { logOf } from '../../core/log/tally';
import { put, standing } from '../../core/records';
import { useCommitter } from '../../data/useBook';
import { adviceText, adviceToCome } from '../../wording/advice';
import { useBook, useConditions, useLog, usePlan, useRanking } from '../day/contexts';
import { useDayClock } from '../day/useDayClock';
import { useNames } from '../lures/useNames';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { useRestList } from '../today/useDayAhead';
import { useHandsAsked } from './useHandsAsked';

/** Where no ranking comes. */
const USUAL_CASTS = 12;
/** It is waited for so long, ms: no number is told that another takes the place of. */
const WAIT_MS = 5000;
/** So far down the ranking what is tied on next is looked for. */
const LOOKED_AT = 8;

function useWaited(): boolean {
  const [waited, setWaited] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setWaited(true), WAIT_MS);
    return () => clearTimeout(timer);
  }, []);
  return waited;
}

export function AdvicePart() {
  const { day, reading, nowMs } = useConditions();
  const { tally } = useLog();
  const { lure } = usePlan();
  const { ranking, rankingError } = useRanking();
  const waited = useWaited();
  const book = useBook();
  const rests = useRestList();
  const nameOf = useNames();
  const { units } = useTheme();
  // What the part below offers to do.
  const asks = useHandsAsked()?.answer.kind === 'set';
  const now = useDayClock();
  const { record } = useCommitter();
  const told = useMemo(() => {
    if (!day || !tally) return null;
    const casts = standing(logOf(book, tally.blocks), 'cast');
    const three = ranking?.plan ?? null;
    const here = tally.blocks.filter((b) => b.spotId === day.trip.spotId);
    const thrown = new Set([lure?.id, ...here.map((b) => b.presentation.lureId)]);
    const order = [
      three?.start,
      three?.follow,
      three?.refusal,
      ...(ranking?.ranked ?? []).slice(0, LOOKED_AT).map((r) => r.key),
    ];
    const next = order.find((key) => key && !thrown.has(key)) ?? null;
    const follow = three?.follow && three.follow !== lure?.id ? nameOf(three.follow) : null;
    const advice = adviceOf({
      events: tally.events,
      casts,
      blocks: tally.blocks,
      signs: day.trip.signs,
      rests,
      giveIt: three?.casts ?? USUAL_CASTS,
      follow,
      next: next ? nameOf(next) : null,
      guarding: reading?.behaviour === 'guarding',
      asks,
      nowMs,
    });
    const [e, c] = [tally.events.at(-1), casts.at(-1)];
    const touch = e && c ? (e.seq > c.seq ? e : c) : (e ?? c);
    return { advice, touch, tripId: day.trip.id, strikes: tally.strikes };
  }, [day, tally, ranking, lure, book, rests, nameOf, reading, asks, nowMs]);
  // Kept once with the touch that it followed, so that the day can tell what came of it.
  const kept = useRef(new Set<string>());
  useEffect(() => {
    const given = ranking && told?.touch ? adviceGiven(told.advice, told.touch, told.tripId, now()) : null;
    if (!given || kept.current.has(given.id)) return;
    kept.current.add(given.id);
    void record((b) => (Object.hasOwn(b.advice, given.id) ? [] : [put('advice', given)]));
  }, [told, ranking, record, now]);
  if (!told || !day) return null;
  const { fact, advice: what } =
    ranking || rankingError || waited ? adviceText(told.advice, day.water.zone, units) : adviceToCome(told.strikes);
  return (
    <View role="status" aria-live="polite">
      <Say>
        <Say kind="strong">{fact}</Say>
        {` ${what}`}
      </Say>
    </View>
  );
}
