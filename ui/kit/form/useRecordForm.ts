/**
 * A form over one kind of record: the library's form with the record's own schema. What is half filled in outlasts the
 * page; what is wrong is said at its field, in its words and units.
 */
import { useEffect, useState } from 'react';
import { get, set, useForm, useWatch, type FieldErrors, type Resolver, type UseFormReturn } from 'react-hook-form';
import { z } from 'zod';
import { checkWith } from '../../../core/schemas/check';
import { RECORDS } from '../../../core/records';
import { deviceSketches } from '../../../data/deviceSketches';
import { fieldProblem, type FieldWords } from '../../../wording/form';
import type { EditableKind, FormDraft } from './fields';

export interface RecordForm extends UseFormReturn<FormDraft> {
  /** As they stand. */
  values: FormDraft;
  /** It goes on where it was left, and how to begin anew. */
  takenUp: boolean;
  beginAnew: () => void;
  /** Nothing is kept of it any more. */
  forget: () => void;
}

/** The paths that are wrong, with what is wrong with them. */
export function problemsIn(errors: FieldErrors<FormDraft>, keys: readonly string[]): Record<string, string> {
  const out: Record<string, string> = {};
  for (const key of keys) {
    const message = (get(errors, key) as { message?: string } | undefined)?.message;
    if (message) out[key] = message;
  }
  return out;
}

const resolverFor =
  (kind: EditableKind, wordsOf: (path: string) => FieldWords | undefined): Resolver<FormDraft> =>
  (values) => {
    const r = checkWith(RECORDS[kind].schema as never, values);
    if (r.ok) return { values: r.value as FormDraft, errors: {} };
    const errors = {};
    for (const p of r.problems)
      set(errors, p.path, { type: p.code, message: fieldProblem(p, wordsOf(p.path) ?? { label: p.path }) });
    return { values: {}, errors };
  };

const KEPT = z.object({ of: z.unknown(), values: z.record(z.string(), z.unknown()) });

export function useRecordForm(
  kind: EditableKind,
  /** What is edited, or the id under which a new one is begun. */
  name: string,
  start: FormDraft,
  wordsOf: (path: string) => FieldWords | undefined,
): RecordForm {
  const form = useForm<FormDraft>({ defaultValues: start, resolver: resolverFor(kind, wordsOf) });
  const [takenUp, setTakenUp] = useState(false);
  const key = `form/${kind}/${name}`;
  // Half filled in is only good for what it was begun from.
  const [of] = useState(() => (name === 'new' ? null : JSON.stringify(start)));
  useEffect(() => {
    let gone = false;
    void deviceSketches()
      .read(key)
      .then((kept) => {
        const read = KEPT.safeParse(kept);
        if (gone || !read.success || read.data.of !== of || form.formState.isDirty) return;
        form.reset(
          { ...start, ...read.data.values, ...(of === null ? { id: start.id } : {}) },
          { keepDefaultValues: true },
        );
        setTakenUp(true);
      });
    return () => {
      gone = true;
    };
    // Begun once for each record: the editor is keyed by it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const values = useWatch({ control: form.control }) as FormDraft;
  const changed = form.formState.isDirty;
  useEffect(() => {
    if (changed) deviceSketches().write(key, { of, values });
  }, [key, of, values, changed]);
  const forget = (): void => deviceSketches().write(key, null);
  return {
    ...form,
    values,
    takenUp,
    forget,
    beginAnew: () => {
      form.reset(start);
      setTakenUp(false);
      forget();
    },
  };
}
