/**
 * How a record is stored: `{version, data}`. Reading: parse → migrate a copy step by step → validate. A version above
 * ours is refused, not mangled; what cannot be read is a problem that keeps the raw text.
 */
import * as z from 'zod';
import { once } from '../base/once';
import { checkWith } from '../schemas/check';
import type { Problem, Result } from '../base/problems';

type Plain = Record<string, unknown>;

/** One step from a version to the next. */
export interface Migration {
  /** What the newer version has that the older had not, or has otherwise. */
  change: string;
  up: (old: Plain) => Plain;
}

/** A kind of stored record, and how older versions of it become today's. */
export interface RecordKind<T> {
  kind: string;
  version: number;
  readonly schema: z.ZodType<T>;
  /** In order: the first turns data of version 1 into version 2. */
  migrations: readonly Migration[];
}

/**
 * A kind of record. Its version is 1 and one more for each migration, so that a step can neither be missing nor left
 * over. Its schema is made when it is first asked for: an opening checks a few records, and all schemas together would
 * hold up every page before it is drawn.
 */
export const defineRecord = <S extends z.ZodType>(
  kind: string,
  schema: () => S,
  migrations: readonly Migration[] = [],
): RecordKind<z.infer<S>> => {
  const made = once(schema);
  return {
    kind,
    version: migrations.length + 1,
    get schema() {
      return made() as z.ZodType<z.infer<S>>;
    },
    migrations,
  };
};

/** A version that older programs must not meet (it knows more values), though nothing stored has to change. */
export const onlyWidened = (change: string): Migration => ({ change, up: (old) => old });

const envelope = once(() =>
  z.strictObject({ version: z.number().int().min(1), data: z.record(z.string(), z.unknown()) }),
);

/** A record as it is stored: `{version, data}` as text. */
export function encodeRecord<T>(k: RecordKind<T>, data: T): string {
  return JSON.stringify({ version: k.version, data });
}

const problem = (code: string, path: string, expected: string): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [{ code, path, expected }],
});

/** Stored text to a record of today's version; problems instead where it cannot be read. */
export function decodeRecord<T>(k: RecordKind<T>, text: string): Result<T> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return problem('not-json', k.kind, 'JSON text');
  }
  return upgradeRecord(k, value);
}

/** The same from parsed JSON; the given value is never changed. */
export function upgradeRecord<T>(k: RecordKind<T>, value: unknown): Result<T> {
  // As nearly all are: of today, with nothing to be brought up. A long record opens in half the time.
  if (isOfToday(k, value)) return checkWith(k.schema, value.data);
  const e = checkWith(envelope(), value);
  if (!e.ok) return e;
  if (e.value.version > k.version)
    return problem('newer-version', k.kind, `version ${k.version} or older (this is ${e.value.version})`);
  let data: Plain = structuredCopy(e.value.data);
  for (const step of k.migrations.slice(e.value.version - 1)) data = step.up(data);
  return checkWith(k.schema, data);
}

const isOfToday = (k: RecordKind<unknown>, v: unknown): v is { data: unknown } =>
  typeof v === 'object' &&
  v !== null &&
  (v as { version?: unknown }).version === k.version &&
  typeof (v as { data?: unknown }).data === 'object' &&
  Object.keys(v).length === 2;

const structuredCopy = (v: Plain): Plain => JSON.parse(JSON.stringify(v)) as Plain;
