/** Which deviation stands where in the system of a fit: those of all, and those of each day that is eliminated. */
import type { Effect, Group } from './effects';

/** What was fished and drawn, as the fit sees it. */
export interface Row {
  /** Strikes that the model expects of it. */
  expected: number;
  strikes: number;
  effects: readonly Effect[];
}

const seatOf = (e: Effect): string => `${e.group}/${e.name}`;
const LOCAL: ReadonlySet<Group> = new Set(['trip', 'familyTrip']);

/** A row with its deviations by place: those of all (`at`), and those of a day gone by (`inDay`, of its list). */
export interface Placed {
  lnExpected: number;
  strikes: number;
  at: number[];
  x: number[];
  day: number;
  inDay: number[];
  /** Its common deviations by their place among those that the day touches. */
  touches: number[];
}
export interface Day {
  groups: Group[];
  rows: number[];
  /** Places of the common deviations that its rows touch. */
  touched: number[];
}
export interface Design {
  groups: Group[];
  rows: Placed[];
  days: Day[];
  queries: Query[];
}
/** A question: deviations that the rows know by place, and those that they know nothing of. */
export interface Query {
  at: number[];
  x: number[];
  fresh: Effect[];
}

/** The places of all deviations. What a question shares with a day keeps that day's deviations among those of all. */
export function designOf(rows: readonly Row[], queries: readonly (readonly Effect[])[]): Design {
  const seats = new Map<string, number>();
  const groups: Group[] = [];
  const place = (e: Effect): number => {
    const key = seatOf(e);
    let at = seats.get(key);
    if (at === undefined) {
      at = groups.length;
      seats.set(key, at);
      groups.push(e.group);
    }
    return at;
  };
  const asked = new Set(queries.flatMap((q) => q.filter((e) => e.group === 'trip').map(seatOf)));
  const days: Day[] = [];
  const dayOf = new Map<string, number>();
  const inDays: Map<string, number>[] = [];
  const touchedBy: Map<number, number>[] = [];
  const touch = (day: number, at: number): number => {
    const known = touchedBy[day]!;
    let seat = known.get(at);
    if (seat === undefined) {
      seat = known.size;
      known.set(at, seat);
      days[day]!.touched.push(at);
    }
    return seat;
  };
  const designed = rows.map((row, n): Placed => {
    const trip = row.effects.find((e) => e.group === 'trip');
    const local = trip && !asked.has(seatOf(trip)) ? trip.name : null;
    const own = row.effects.filter((e) => local !== null && LOCAL.has(e.group));
    const common = row.effects.filter((e) => !own.includes(e));
    let day = -1;
    if (local !== null) {
      day = dayOf.get(local) ?? days.length;
      if (day === days.length) {
        dayOf.set(local, day);
        days.push({ groups: [], rows: [], touched: [] });
        inDays.push(new Map());
        touchedBy.push(new Map());
      }
      days[day]!.rows.push(n);
    }
    const inDay = own.map((e) => {
      const key = seatOf(e);
      const seat = inDays[day]!.get(key) ?? days[day]!.groups.length;
      if (seat === days[day]!.groups.length) {
        inDays[day]!.set(key, seat);
        days[day]!.groups.push(e.group);
      }
      return seat;
    });
    const at = common.map(place);
    return {
      lnExpected: Math.log(Math.max(row.expected, 1e-12)),
      strikes: row.strikes,
      at,
      x: common.map((e) => e.x),
      day,
      inDay,
      touches: local === null ? [] : at.map((seat) => touch(day, seat)),
    };
  });
  const placed = queries.map((q): Query => {
    const known = q.filter((e) => seats.has(seatOf(e)));
    return { at: known.map(place), x: known.map((e) => e.x), fresh: q.filter((e) => !known.includes(e)) };
  });
  return { groups, rows: designed, days, queries: placed };
}
