import * as z from 'zod';
import { contentHash } from '../base/hash';
import type { Cadence } from '../planning/cadence/cadence';
import { cadenceSchema } from '../schemas/plan';
import { defineRecord } from './define';
import { id, itemName, ms } from './fields';

/** A cadence of the angler's own, under the angler's name for it. */
export const cadenceRecord = defineRecord('cadence', () =>
  z.strictObject({ id, name: itemName, cadence: cadenceSchema(), atMs: ms, retiredAtMs: ms.nullable() }),
);
export type OwnCadence = z.infer<typeof cadenceRecord.schema>;

/** The angler's name for a cadence; null: it is kept under none. */
export function nameOfCadence(kept: Readonly<Record<string, OwnCadence>>, c: Cadence): string | null {
  const same = contentHash(c);
  const found = Object.values(kept).find((o) => o.retiredAtMs === null && contentHash(o.cadence) === same);
  return found?.name ?? null;
}
