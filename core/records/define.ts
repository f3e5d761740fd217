/**
 * How a record is stored: `{version, data}`. Reading: parse → migrate a copy step by step → validate. A version above ours is refused, not mangled;
 * what cannot be read is a problem that keeps the raw text.
 */
import * as z from 'zod';
import { checkWith } from '../exchange/problems';
import type { Problem, Result } from '../problems';

type Plain = Record<string, unknown>;

export interface RecordKind<T> {
  kind: string;
  version: number;
  schema: z.ZodType<T>;
  /** migrations[n] turns data of version n into version n + 1. */
  migrations: Record<number, (old: Plain) => Plain>;
}

export const defineRecord = <S extends z.ZodType>(
  kind: string,
  schema: S,
  version = 1,
  migrations: RecordKind<z.infer<S>>['migrations'] = {},
): RecordKind<z.infer<S>> => ({
  kind,
  version,
  schema: schema as z.ZodType<z.infer<S>>,
  migrations,
});

const envelope = z.strictObject({ version: z.number().int().min(1), data: z.record(z.string(), z.unknown()) });

export function encodeRecord<T>(k: RecordKind<T>, data: T): string {
  return JSON.stringify({ version: k.version, data });
}

const problem = (code: string, path: string, expected: string): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [{ code, path, expected }],
});

export function decodeRecord<T>(k: RecordKind<T>, text: string): Result<T> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return problem('not-json', k.kind, 'JSON text');
  }
  return upgradeRecord(k, value);
}

export function upgradeRecord<T>(k: RecordKind<T>, value: unknown): Result<T> {
  const e = checkWith(envelope, value);
  if (!e.ok) return e;
  if (e.value.version > k.version) return problem('newer-version', k.kind, `version ${k.version} or older (this is ${e.value.version})`);
  let data: Plain = structuredCopy(e.value.data);
  for (let v = e.value.version; v < k.version; v++) {
    const step = k.migrations[v];
    if (!step) return problem('no-migration', k.kind, `a step from version ${v}`);
    data = step(data);
  }
  return checkWith(k.schema, data);
}

const structuredCopy = (v: Plain): Plain => JSON.parse(JSON.stringify(v)) as Plain;
