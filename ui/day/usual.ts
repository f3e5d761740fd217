/**
 * What nobody entered: a lure of a kind, under the kind's own id as the ranking names it, and the tackle that usually
 * throws a lure of its weight. Both are marked as assumed wherever they show.
 */
import { familyById } from '../../core/lures/families';
import { FAMILIES, type FamilyId } from '../../core/lures/family';
import type { Line } from '../../core/records/line';
import type { Lure } from '../../core/records/lure';
import type { Reel } from '../../core/records/reel';
import type { Rod } from '../../core/records/rod';
import { usualOutfit } from '../../core/tackle/outfit';
import { capital, FAMILY_NAME } from '../../wording/names';
import { usualTackleName } from '../../wording/tackle';
import type { UnitPrefs } from '../../wording/units';

const isKind = (id: string): id is FamilyId => (FAMILIES as readonly string[]).includes(id);

/** A lure of this kind as it is usually sold. */
function lureOfKind(family: FamilyId): Lure {
  const f = familyById(family);
  return {
    id: family,
    name: capital(FAMILY_NAME[family]),
    family,
    weightKg: f.weightKg[1],
    lengthM: f.lengthM[1],
    colour: 'natural',
    hook: f.hook,
    bare: false,
    priceMinor: 0,
    count: 0,
    note: '',
    favourite: false,
    retiredAtMs: null,
    lostAtMs: null,
  };
}
const made = new Map<FamilyId, Lure>();

/** A lure of the box, or of a kind; undefined for what is neither. */
export function lureById(lures: Readonly<Record<string, Lure>>, id: string): Lure | undefined {
  const own = lures[id];
  if (own || !isKind(id)) return own;
  if (!made.has(id)) made.set(id, lureOfKind(id));
  return made.get(id);
}

/** It stands for a kind: there is none of it in the box. */
export const isOfKind = (lure: Pick<Lure, 'id' | 'family'>): boolean => lure.id === lure.family;

const PIECE_ID = 'usual';
const base = { id: PIECE_ID, retiredAtMs: null };

/** A rod, a reel and a line for a lure of this weight. */
export function usualTackle(lureKg: number, u: UnitPrefs): { rod: Rod; reel: Reel; line: Line } {
  const { rod, reel, line } = usualOutfit(lureKg);
  return {
    rod: { ...base, ...rod, name: usualTackleName.rod(rod, u), reelId: null, lineId: null },
    reel: { ...base, ...reel, name: usualTackleName.reel(reel) },
    line: { ...base, ...line, name: usualTackleName.line(line, u) },
  };
}
