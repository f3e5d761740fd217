/**
 * What the names of a list stand for in the record: its waters, spots, fish and lures, by their own names or by what
 * the angler says; and what the list leaves open.
 */
import { clockOfDay, midnightMs, type CivilDate } from '../../base/zone';
import type { Problem } from '../../base/problems';
import { FAMILIES, type FamilyId } from '../../lures/family';
import type { Book } from '../../records';
import type { Lure } from '../../records/lure';
import type { Spot } from '../../records/spot';
import type { WaterPlace } from '../../records/water';
import type { Outfit } from '../../tackle/outfit';
import { SPECIES, type SpeciesId } from '../../water/terms';
import type { CatchRow } from './read';

/** What a list calls by names of its own. */
export const NAMED = ['water', 'fish', 'lure'] as const;
export type Named = (typeof NAMED)[number];

/** What the list leaves open, and how it calls what the record has. */
export interface CatchDays {
  /** Where a line names no water, or all of them where the list has no such column; null: such lines stay out. */
  waterId: string | null;
  /** Where a line names no fish. */
  species: SpeciesId | null;
  /** Casts of a day where the list tells none, 1–1000; null: such days stay out. */
  castsADay: number | null;
  /** Plain names of kinds of lure and of fish, in small letters. */
  kinds: ReadonlyMap<string, FamilyId>;
  fishes: ReadonlyMap<string, SpeciesId>;
  /** Names of the list, in small letters, and what they stand for: an id of the record, a kind or a fish. */
  aliases?: Partial<Record<Named, Readonly<Record<string, string>>>>;
  nowMs: number;
  /** What a lure is thrown with; absent: what is usual for its weight. */
  outfitFor?: (lure: Lure | null, weightKg: number) => Outfit;
}

/** A line with what it names. */
export interface Placed {
  row: CatchRow;
  water: WaterPlace;
  spot: Spot | null;
  species: SpeciesId;
  lure: Lure | null;
  family: FamilyId;
  day: CivilDay;
}
/** A day of a water: the moments of its clock, minutes after midnight. */
export interface CivilDay {
  startMs: number;
  clock: (minutes: number) => number;
}

const FIRST_YEAR = 1970;

export const lower = (s: string): string => s.trim().toLowerCase();
export const own = <T>(of: Readonly<Record<string, T>> | undefined, key: string): T | undefined =>
  of && Object.hasOwn(of, key) ? of[key] : undefined;

/** The record by the names in it, and the days of its waters. */
export type Places = ReturnType<typeof placesIn>;
export const placesIn = (book: Book) => {
  const waters = Object.values(book.water);
  const days = new Map<string, CivilDay>();
  return {
    book,
    water: new Map(waters.map((w) => [lower(w.name), w])),
    spot: new Map(Object.values(book.spot).map((s) => [`${s.waterId} ${lower(s.name)}`, s])),
    lure: new Map(Object.values(book.lure).map((l) => [lower(l.name), l])),
    day: ({ year, month, day }: CivilDate, zone: string): CivilDay => {
      const key = `${year} ${month} ${day} ${zone}`;
      const known = days.get(key);
      if (known) return known;
      const startMs = midnightMs(year, month, day, zone);
      const made = { startMs, clock: clockOfDay(startMs, zone) };
      days.set(key, made);
      return made;
    },
  };
};

/** What the names of a line stand for; `undefined`: nothing known. */
const resolve = {
  water: ({ water }: CatchRow, at: Places, how: CatchDays): WaterPlace | undefined => {
    const name = lower(water);
    const id = own(how.aliases?.water, name) ?? at.water.get(name)?.id ?? (name === '' ? how.waterId : null);
    return id === null ? undefined : own(at.book.water, id);
  },
  fish: ({ fish }: CatchRow, _: Places, how: CatchDays): SpeciesId | undefined => {
    const name = lower(fish);
    if (name === '') return how.species ?? undefined;
    const id = own(how.aliases?.fish, name) ?? name.replace(/[\s_]+/g, '-');
    return how.fishes.get(name) ?? SPECIES.find((s) => s === id);
  },
  lure: (row: CatchRow, at: Places, how: CatchDays) => {
    const name = lower(row.lure);
    const alias = own(how.aliases?.lure, name);
    const lure = (alias === undefined ? undefined : own(at.book.lure, alias)) ?? at.lure.get(name) ?? null;
    const family = lure?.family ?? kindIn(alias ?? name, how) ?? kindIn(lower(row.kind), how);
    return family === undefined ? undefined : { lure, family };
  },
};
const kindIn = (word: string, how: CatchDays): FamilyId | undefined => {
  const id = word.replace(/[\s_]+/g, '-');
  return how.kinds.get(word) ?? FAMILIES.find((f) => f === id);
};
const WANTED: Readonly<Record<Named, string>> = {
  water: 'a water of yours',
  fish: 'a fish that is known',
  lure: 'a lure of your box or a kind',
};

/** A line placed in the record, or what is wrong with it. */
export function placedIn(row: CatchRow, at: Places, how: CatchDays): Placed | Omit<Problem, 'path'> {
  const water = resolve.water(row, at, how);
  const species = resolve.fish(row, at, how);
  const thrown = resolve.lure(row, at, how);
  if (!water || !species || !thrown) {
    const what = !water ? 'water' : !species ? 'fish' : 'lure';
    const had = row[what].slice(0, 40);
    return { code: `unknown-${what}`, expected: had === '' ? `a ${what}` : `${WANTED[what]}, not “${had}”` };
  }
  const day = at.day(row.date, water.zone);
  if (row.date.year < FIRST_YEAR || day.startMs < 0)
    return { code: 'bad-date', expected: `a date from ${FIRST_YEAR} on` };
  if (day.clock(row.minutes ?? 0) > how.nowMs) return { code: 'to-come', expected: 'a day that is over' };
  const spot = row.spot === '' ? null : (at.spot.get(`${water.id} ${lower(row.spot)}`) ?? null);
  return { row, water, spot, species, ...thrown, day };
}

/** A name that the list has and the record has not, as it stands there first, with how many lines have it. */
export interface UnknownName {
  name: string;
  lines: number;
}
export interface ListNames {
  /** Most lines first. */
  unknown: UnknownName[];
  /** Those that stand for something by an alias alone, in small letters. */
  aliased: string[];
}
/** The names of a list that the record does not have. */
export function namesOf(rows: readonly CatchRow[], at: Places, how: CatchDays): Record<Named, ListNames> {
  const found = (what: Named): ListNames => {
    const unknown = new Map<string, UnknownName>();
    const seen = new Set(['']);
    const aliased: string[] = [];
    for (const row of rows) {
      const key = lower(row[what]);
      const before = unknown.get(key);
      if (before) before.lines++;
      if (seen.has(key)) continue;
      seen.add(key);
      if (resolve[what](row, at, how) === undefined) unknown.set(key, { name: row[what], lines: 1 });
      else if (own(how.aliases?.[what], key) !== undefined) aliased.push(key);
    }
    return { unknown: [...unknown.values()].sort((a, b) => b.lines - a.lines), aliased };
  };
  return { water: found('water'), fish: found('fish'), lure: found('lure') };
}
