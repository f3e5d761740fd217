/** The cast plan of a piece in today's water, with the lure in hand; and the one that is being fished. */
import { useLayoutEffect, useMemo } from 'react';
import { castsAtPiece } from '../../core/castplan/aims';
import { castPlanQuestion } from '../../core/castplan/asked';
import type { CastPlanQuestion } from '../../core/castplan/casts';
import { aimsOf, fishedOf } from '../../core/castplan/fished';
import { anglesAfter, bestStand, NOTHING_FISHED, planFrom, type CastPlan } from '../../core/castplan/plan';
import type { Point } from '../../core/castplan/shape';
import { withHook } from '../../core/lures/hookSnag';
import { familyById } from '../../core/lures/families';
import type { Piece } from '../../core/records/piece';
import type { Flow, SideOfPiece } from '../../core/water/pieces';
import { aimsNow } from '../day/aims';
import { useBook, useBookWithoutLog, useConditions, useMood, usePlan, useRanking } from '../day/contexts';

/** What is asked of the planner for this piece now; null without a day. */
function useQuestion(piece: Piece | null, wind: Flow): CastPlanQuestion | null {
  const { reading, schools } = useConditions();
  const { plan, lure } = usePlan();
  const { ranking } = useRanking();
  const ranked = lure ? ranking?.ranked.find((r) => r.lureId === lure.id) : undefined;
  const strikesPerCast = ranked ? ranked.strikesPerHour / Math.max(1, ranked.zone.castsPerHour) : null;
  const family = lure ? withHook(familyById(lure.family), lure.hook) : null;
  const thrown = {
    family: lure?.family ?? null,
    hook: lure?.hook ?? null,
    flightM: plan?.flightM ?? null,
    // A cast that is aimed is as long as what it is aimed at is far: it says nothing of what one can reach.
    castM: plan && !plan.aim ? plan.hands.castM : null,
    pastM: plan?.overshootM ?? null,
    // To two digits: the log's last word moves no order.
    strikesPerCast: strikesPerCast === null ? null : Number(strikesPerCast.toPrecision(2)),
  };
  const said = JSON.stringify(thrown);
  return useMemo(
    () => (piece && reading ? castPlanQuestion(piece, reading, { ...thrown, family }, schools, wind) : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `said` is all of what is thrown
    [piece, reading, schools, said, wind],
  );
}

/** The plan of a piece that is looked at, untouched, from one side or from the best place. */
export function usePlanOf(piece: Piece | null, side: SideOfPiece | null, wind: Flow): CastPlan | null {
  const q = useQuestion(piece, wind);
  return useMemo(() => {
    const stand = q && bestStand(q, side);
    return q && stand ? planFrom(q, stand, NOTHING_FISHED) : null;
  }, [q, side]);
}

/** The places it is fished from after that one, untouched so far, the best first. */
export function useAngles(piece: Piece, wind: Flow, stand: Point | null): CastPlan[] {
  const q = useQuestion(piece, wind);
  return useMemo(() => (q && stand ? anglesAfter(q, stand) : []), [q, stand]);
}

/** Where one would stand better, as the wind is now, and how many times as much it promises. */
export interface Better {
  plan: CastPlan;
  times: number;
}
/** For less nobody moves. */
const WORTH_MOVING = 1.15;

export interface FishedPlan {
  piece: Piece;
  plan: CastPlan;
  access: CastPlanQuestion['access'];
  better: Better | null;
  /** From where it is fished next, once all is cast at from here; null while it is not, or where nothing is left. */
  next: CastPlan | null;
}

/** The plan that is being fished, as it stands after what was logged; null: none. It tells the log what is next. */
export function useFishedPlan(): FishedPlan | null {
  const { day, nowMs } = useConditions();
  const kept = useBookWithoutLog();
  const book = useBook();
  const mood = useMood();
  const on = day?.trip.castPlan ?? null;
  const piece = on ? (kept.piece[on.pieceId] ?? null) : null;
  const q = useQuestion(piece, on?.wind ?? 'none');
  const moodMean = mood?.mean ?? 2;
  const fished = useMemo(
    () => (day && on ? fishedOf(book, day.trip, moodMean, nowMs) : null),
    [book, day, on, moodMean, nowMs],
  );
  const plan = useMemo(() => {
    if (!q || !on || !fished) return null;
    return planFrom(q, { x: on.stand.xM, y: on.stand.yM }, fished);
  }, [q, on, fished]);
  const better = useMemo((): Better | null => {
    if (!q || !plan || !fished || q.wind.to === 'none' || plan.strikes <= 0) return null;
    const stand = bestStand(q);
    const there = stand && planFrom(q, stand, fished);
    const times = there ? there.strikes / plan.strikes : 0;
    return there && times >= WORTH_MOVING ? { plan: there, times } : null;
  }, [q, plan, fished]);
  const next = useMemo(
    () => (q && plan && fished && plan.casts.length === 0 ? (anglesAfter(q, plan.stand, fished, 1)[0] ?? null) : null),
    [q, plan, fished],
  );
  const after = day && on ? castsAtPiece(book, day.trip) : 0;
  const access = q?.access;
  // With what is drawn: a cast may follow at once.
  useLayoutEffect(() => {
    aimsNow.setState({ aims: plan && piece && access ? aimsOf(piece, plan, access, after) : null });
  }, [plan, piece, access, after]);
  return useMemo(
    () => (piece && plan && access ? { piece, plan, access, better, next } : null),
    [piece, plan, access, better, next],
  );
}
