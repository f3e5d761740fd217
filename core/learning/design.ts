/** Which deviation stands where in the system of a fit: those of all, and those of each day that is eliminated. */
import type { Effect, Group } from './effects';

/** What was fished and drawn, as the fit sees it. */
export interface Row {
  /** Strikes that the model expects of it. */
  expected: number;
  strikes: number;
  effects: readonly Effect[];
}

const LOCAL: ReadonlySet<Group> = new Set(['trip', 'familyTrip']);

/** A row with its deviations by place: those of all (`at`), and those of a day gone by (`inDay`, of its list). */
export interface Placed {
  lnExpected: number;
  strikes: number;
  /** Ascending. */
  at: Int32Array;
  x: Float64Array;
  day: number;
  inDay: number[];
  /** Its common deviations by their place among those that the day touches. */
  touches: Int32Array;
}
export interface Day {
  groups: Group[];
  /** Names of its own deviations. */
  seats: string[];
  rows: number[];
  /** Places of the common deviations that its rows touch, ascending. */
  touched: Int32Array;
}
export interface Design {
  groups: Group[];
  /** Names of the common deviations. */
  seats: string[];
  rows: Placed[];
  days: Day[];
  queries: Query[];
  /** For each common deviation the first that it meets, in a row or by way of a day. */
  first: Int32Array;
}
/** A question: deviations that the rows know by place, and those that they know nothing of. */
export interface Query {
  at: number[];
  x: number[];
  fresh: Effect[];
}

/** Of a kind in a water: the name of its water. */
const waterOf = (seat: string): string => seat.slice(seat.indexOf(' ') + 1);

/**
 * Seats in the order in which the system has the fewest entries: kinds by water, which meet none of another water,
 * before all else.
 */
function inOrder(seats: readonly string[], groups: readonly Group[]): number[] {
  const key = (i: number): string => (groups[i] === 'familyWater' ? `0 ${waterOf(seats[i]!)}` : '1');
  return seats
    .map((_, i) => i)
    .sort((a, b) => {
      const [x, y] = [key(a), key(b)];
      return x < y ? -1 : x > y ? 1 : a - b;
    });
}

/** Puts a row's deviations at their new places, ascending: few, and mostly in their order. */
function sortRow({ at, x }: Placed, moved: Int32Array): void {
  for (let i = 0; i < at.length; i++) {
    const [place, value] = [moved[at[i]!]!, x[i]!];
    let k = i;
    for (; k > 0 && at[k - 1]! > place; k--) {
      at[k] = at[k - 1]!;
      x[k] = x[k - 1]!;
    }
    at[k] = place;
    x[k] = value;
  }
}

/** The places of all deviations. What a question shares with a day keeps that day's deviations among those of all. */
export function designOf(rows: readonly Row[], queries: readonly (readonly Effect[])[]): Design {
  const seats = new Map<string, number>();
  const groups: Group[] = [];
  const place = (e: Effect): number => {
    const key = e.seat;
    let at = seats.get(key);
    if (at === undefined) {
      at = groups.length;
      seats.set(key, at);
      groups.push(e.group);
    }
    return at;
  };
  const asked = new Set(queries.flatMap((q) => q.filter((e) => e.group === 'trip').map((e) => e.seat)));
  const days: Day[] = [];
  const dayOf = new Map<string, number>();
  const inDays: Map<string, number>[] = [];
  const seatInDay = (day: number, e: Effect): number => {
    const own = inDays[day]!;
    let seat = own.get(e.seat);
    if (seat === undefined) {
      seat = own.size;
      own.set(e.seat, seat);
      days[day]!.groups.push(e.group);
      days[day]!.seats.push(e.seat);
    }
    return seat;
  };
  const dayNamed = (name: string): number => {
    let day = dayOf.get(name);
    if (day === undefined) {
      day = days.length;
      dayOf.set(name, day);
      days.push({ groups: [], seats: [], rows: [], touched: new Int32Array() });
      inDays.push(new Map());
    }
    return day;
  };
  const designed = rows.map((row, n): Placed => {
    const trip = row.effects.find((e) => e.group === 'trip');
    const day = trip && !asked.has(trip.seat) ? dayNamed(trip.name) : -1;
    if (day >= 0) days[day]!.rows.push(n);
    const at: number[] = [];
    const x: number[] = [];
    const inDay: number[] = [];
    for (const e of row.effects)
      if (day >= 0 && LOCAL.has(e.group)) inDay.push(seatInDay(day, e));
      else {
        at.push(place(e));
        x.push(e.x);
      }
    return {
      lnExpected: Math.log(Math.max(row.expected, 1e-12)),
      strikes: row.strikes,
      at: Int32Array.from(at),
      x: Float64Array.from(x),
      day,
      inDay,
      touches: new Int32Array(),
    };
  });
  const order = inOrder([...seats.keys()], groups);
  const moved = new Int32Array(groups.length);
  order.forEach((old, at) => (moved[old] = at));
  for (const r of designed) sortRow(r, moved);
  const first = Int32Array.from(groups, (_, i) => i);
  const meet = (places: Int32Array): void => {
    for (const at of places) first[at] = Math.min(first[at]!, places[0]!);
  };
  for (const r of designed) meet(r.at);
  for (const day of days) {
    const own = day.rows.map((n) => designed[n]!);
    const touched = [...new Set(own.flatMap((r) => [...r.at]))].sort((a, b) => a - b);
    const seat = new Map(touched.map((at, i) => [at, i]));
    day.touched = Int32Array.from(touched);
    for (const r of own) r.touches = r.at.map((at) => seat.get(at)!);
    meet(day.touched);
  }
  const placed = queries.map((q): Query => {
    const known = q.filter((e) => seats.has(e.seat));
    return {
      at: known.map((e) => moved[seats.get(e.seat)!]!),
      x: known.map((e) => e.x),
      fresh: q.filter((e) => !known.includes(e)),
    };
  });
  const names = [...seats.keys()];
  return {
    groups: order.map((old) => groups[old]!),
    seats: order.map((old) => names[old]!),
    rows: designed,
    days,
    queries: placed,
    first,
  };
}
