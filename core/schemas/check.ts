/** Zod issues to problems (code, JSON path, what was expected). */
import * as z from 'zod';
import type { Problem, Result } from '../base/problems';

z.config({ jitless: true });

const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>((s, p) => (typeof p === 'number' ? `${s}[${p}]` : s ? `${s}.${String(p)}` : String(p)), '') ||
  '(whole document)';

/** A value checked by a schema: typed, or its problems with JSON path and what was expected. */
export function checkWith<T>(schema: z.ZodType<T>, value: unknown): Result<T> {
  const r = schema.safeParse(value);
  if (r.success) return { ok: true, value: r.data };
  const problems: Problem[] = r.error.issues.map((i) => ({
    code: i.code,
    path: pathText(i.path),
    expected: expected(i),
    ...bound(i),
  }));
  return { ok: false, problems };
}

function expected(i: z.core.$ZodIssue): string {
  switch (i.code) {
    case 'invalid_type':
      return String(i.expected);
    case 'invalid_value':
      return `one of ${i.values.map(String).join(', ')}`;
    case 'too_small':
      return `at least ${String(i.minimum)}`;
    case 'too_big':
      return `at most ${String(i.maximum)}`;
    case 'unrecognized_keys':
      return `no key ${i.keys.join(', ')}`;
    default:
      return i.message;
  }
}

/** A bound as a fact, for those who say it in the angler's units. */
function bound(i: z.core.$ZodIssue): Pick<Problem, 'limit' | 'of'> {
  if (i.code !== 'too_small' && i.code !== 'too_big') return {};
  const bounded = i.origin === 'string' ? 'letters' : i.origin === 'array' ? 'items' : 'number';
  return { limit: Number(i.code === 'too_small' ? i.minimum : i.maximum), of: bounded };
}
