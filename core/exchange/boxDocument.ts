/** The lures of a box as an open document: what `rank` and `cover` read, and what the Kit writes and reads as JSON. */
import * as z from 'zod';
import { familyById } from '../lures/families';
import { COLOURS, FAMILIES, HOOKS } from '../lures/family';
import type { OwnLure } from '../lures/own';
import type { Lure } from '../records/lure';

const weightKg = z.number().min(0.0002).max(0.5).nullish();

/**
 * Only the family must be said; the rest is the family's usual. The weight is `weightKg`; the older `massKg` is read as
 * well.
 */
export const boxLureSchema = z.strictObject({
  family: z.enum(FAMILIES),
  name: z.string().max(60).nullish(),
  weightKg,
  massKg: weightKg,
  lengthM: z.number().min(0.005).max(0.5).nullish(),
  hook: z.enum(HOOKS).nullish(),
  /** A soft body without head or hook. */
  bare: z.boolean().nullish(),
  colour: z.enum(COLOURS).nullish(),
  priceMinor: z.number().int().min(0).max(1_000_000).nullish(),
  count: z.number().int().min(0).max(10_000).nullish(),
  favourite: z.boolean().nullish(),
  note: z.string().max(500).nullish(),
});
export type BoxLure = z.infer<typeof boxLureSchema>;
/** A box as verbs take it: at most 5,000 lures. */
export const boxSchema = z.array(boxLureSchema).max(5000);

/** The ids of a document's lures, and the lure that one stands for; undefined: a family, or no such lure. */
const ID = 'lure-';
/** The document's lure behind a key of an answer (`lure-3`). */
export const lureAt = (box: readonly BoxLure[] | null | undefined, key: string): BoxLure | undefined =>
  key.startsWith(ID) ? box?.[Number(key.slice(ID.length)) - 1] : undefined;

/** A lure of the document, with its place in the list as its id. Without a colour it has the one that is wanted. */
export function ownLureOf(l: BoxLure, index: number): OwnLure {
  const f = familyById(l.family);
  return {
    id: `${ID}${index + 1}`,
    family: l.family,
    weightKg: l.weightKg ?? l.massKg ?? f.weightKg[1],
    lengthM: l.lengthM ?? f.lengthM[1],
    hook: l.hook ?? f.hook,
    bare: !!l.bare && f.soft,
    colour: l.colour ?? null,
    priceMinor: l.priceMinor ?? 0,
  };
}

/** As it stands in a box; without a name it is called after its kind. */
export function lureOf(l: BoxLure): Omit<Lure, 'id'> {
  const f = familyById(l.family);
  return {
    name: l.name?.trim() || l.family,
    family: l.family,
    weightKg: l.weightKg ?? l.massKg ?? f.weightKg[1],
    lengthM: l.lengthM ?? f.lengthM[1],
    colour: l.colour ?? 'natural',
    hook: l.hook ?? f.hook,
    bare: !!l.bare && f.soft,
    priceMinor: l.priceMinor ?? 0,
    count: l.count ?? 1,
    note: l.note ?? '',
    favourite: l.favourite ?? false,
    retiredAtMs: null,
    lostAtMs: null,
  };
}

/** The same in the document. */
export const documentLure = (l: Omit<Lure, 'id'>): BoxLure => ({
  family: l.family,
  name: l.name,
  weightKg: l.weightKg,
  lengthM: l.lengthM,
  hook: l.hook,
  bare: l.bare,
  colour: l.colour,
  priceMinor: l.priceMinor,
  count: l.count,
  favourite: l.favourite,
  note: l.note,
});
