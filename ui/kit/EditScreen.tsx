/** Add or change one thing of the kit. What is wrong is said beside its field and nothing typed is lost. */
import { notSavedText, type FieldWords } from '../../wording/form';
import { EDIT_PAGE } from '../../wording/pages/editing';
import { SHARED } from '../../wording/pages/shared';
import { useDayClock } from '../day/useDayClock';
import { useCommitter } from '../../data/useBook';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { get } from 'react-hook-form';
import { View } from 'react-native';
import { inUse, put } from '../../core/records';
import type { FamilyId } from '../../core/lures/family';
import { useBook, useBookWithoutLog } from '../day/contexts';
import { Note, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { deviceZone } from '../platform/clock';
import { newId } from '../platform/ids';
import { tellSaved } from '../shell/saved';
import { Screen } from '../shell/Screen';
import { onSteps } from '../theme/stepping';
import { useTheme } from '../theme/theme';
import { MeasureLure, MeasureReel } from './MeasurePart';
import { FieldView } from './form/FieldView';
import {
  EDITABLE,
  fieldsOf,
  KIND_NAME,
  lureDefaults,
  newDraft,
  POSITION_KEYS,
  type FormDraft,
  type EditableKind,
  type Field,
} from './form/fields';
import { problemsIn, useRecordForm } from './form/useRecordForm';
import type { Lure } from '../../core/records/lure';
import type { Reel } from '../../core/records/reel';

export function EditScreen() {
  const { kind, id, water } = useLocalSearchParams<{ kind: string; id: string; water?: string }>();
  const book = useBookWithoutLog();
  const router = useRouter();
  if (!EDITABLE.includes(kind as EditableKind))
    return <Missing text={EDIT_PAGE.noSuchPage} onBack={() => router.navigate('/kit')} />;
  const k = kind as EditableKind;
  const existing = id === 'new' ? null : (book[k] as Record<string, FormDraft>)[id];
  if (id !== 'new' && !existing)
    return <Missing text={EDIT_PAGE.gone(KIND_NAME[k])} onBack={() => router.navigate('/kit')} />;
  return <Editor key={`${k}/${id}`} kind={k} existing={existing ?? null} waterId={water ?? null} />;
}

function Missing({ text, onBack }: { text: string; onBack: () => void }) {
  return (
    <Screen title="Kit" section={false}>
      <Note>{text}</Note>
      <Button title={SHARED.backToKit} onPress={onBack} />
    </Screen>
  );
}

/** Where one goes on with what was made for it; else to the Kit. */
const BACK_TO: Partial<Record<EditableKind, string>> = { spot: '/today', piece: '/strikes/cover' };

function Editor({
  kind,
  existing,
  waterId,
}: {
  kind: EditableKind;
  existing: FormDraft | null;
  waterId: string | null;
}) {
  const now = useDayClock();
  const committer = useCommitter();
  const book = useBook();
  const { units } = useTheme();
  const router = useRouter();
  const [start] = useState<FormDraft>(
    () =>
      existing ??
      newDraft(kind, newId(), deviceZone(), (waterId ? book.water[waterId] : null) ?? inUse(book.water)[0] ?? null),
  );
  const named = (all: readonly { id: string; name: string }[]) => all.map((x) => ({ value: x.id, title: x.name }));
  const fields = fieldsOf(kind, units, {
    water: named(inUse(book.water)),
    reel: named(inUse(book.reel)),
    line: named(inUse(book.line)),
    spot: named(inUse(book.spot).filter((s) => s.waterId === start.waterId)),
  });
  const form = useRecordForm(kind, existing ? String(start.id) : 'new', start, (path) =>
    wordsOf(fields.find((f) => keysOf(f).includes(path))),
  );
  const [tried, setTried] = useState(false);
  const [unread, setUnread] = useState<readonly string[]>([]);
  const problems = problemsIn(form.formState.errors, fields.flatMap(keysOf));
  // After one's first water comes the day on it.
  const [first] = useState(() => kind === 'water' && inUse(book.water).length === 0);
  const back = (): void => router.navigate((BACK_TO[kind] ?? (first ? '/' : '/kit')) as never);
  const change = (f: Field, value: unknown): void => {
    const put = (key: string, v: unknown): void =>
      form.setValue(key, v, { shouldDirty: true, shouldValidate: tried && f.type !== 'flags' });
    if (takesSeveral(f)) for (const [key, v] of Object.entries(value as FormDraft)) put(key, v);
    else put(f.key, value);
    if (f.key === 'usual.cover.kind') put('usual.cover.density', value === 'none' ? 0 : 0.4);
    if (kind === 'lure' && f.key === 'family' && !existing)
      for (const [key, v] of Object.entries(lureDefaults(value as FamilyId))) put(key, v);
  };
  // The form stays until the device has it; what the device refuses is told in an alert and held.
  const save = (more: FormDraft = {}): void => {
    setTried(true);
    if (unread.length > 0) return;
    void form.handleSubmit(async (values) => {
      const record = { ...values, ...more };
      const stored = await committer.record(() => [put(kind, record as never)]);
      if (!stored) return;
      form.forget();
      tellSaved(String(record.name), `/kit/${kind}/${String(record.id)}`);
      back();
    })();
  };
  const draft = form.values;
  const retired = draft.retiredAtMs !== null || (kind === 'lure' && draft.lostAtMs !== null);
  const used = kind === 'lure' && Object.values(book.block).some((b) => b.presentation.lureId === draft.id);
  const wrong = fields
    .filter((f) => keysOf(f).some((k) => problems[k]) || (tried && unread.includes(f.key)))
    .map((f) => f.label.toLowerCase());
  return (
    <Screen
      title={existing ? String(existing.name) : `A new ${KIND_NAME[kind]}`}
      sub={existing ? `Change this ${KIND_NAME[kind]}` : undefined}
      section={false}
    >
      {form.takenUp ? (
        <Row wrap>
          <Say role="status" style={{ flexShrink: 1 }}>
            {EDIT_PAGE.goesOn}
          </Say>
          <Button title="Begin anew" onPress={form.beginAnew} />
        </Row>
      ) : null}
      {existing && kind === 'lure' && !existing.bare ? <MeasureLure lure={existing as unknown as Lure} /> : null}
      {existing && kind === 'reel' ? <MeasureReel reel={existing as unknown as Reel} /> : null}
      {fields.map((f) => (
        <FieldView
          key={f.key || f.label}
          f={f}
          value={takesSeveral(f) ? draft : (get(draft, f.key) as unknown)}
          problem={keysOf(f)
            .map((k) => problems[k])
            .find((x) => x !== undefined)}
          onChange={(v) => change(f, v)}
          onTrouble={(yes) => setUnread((all) => [...all.filter((k) => k !== f.key), ...(yes ? [f.key] : [])])}
        />
      ))}
      {wrong.length > 0 ? (
        <View role="alert">
          <Say tone="bad" kind="strong">
            {notSavedText(wrong)}
          </Say>
        </View>
      ) : null}
      <Button kind="solid" title="Save" onPress={() => save()} />
      <Button
        title="Back without saving"
        onPress={() => {
          form.forget();
          back();
        }}
      />
      {existing ? (
        <View style={{ gap: 6 }}>
          <Button
            title={retired ? EDIT_PAGE.bringBack(KIND_NAME[kind]) : `Retire this ${KIND_NAME[kind]}`}
            onPress={() =>
              save({ retiredAtMs: retired ? null : now(), ...(kind === 'lure' && retired ? { lostAtMs: null } : {}) })
            }
          />
          {kind === 'lure' && !retired ? (
            <Button
              title={Number(draft.count) > 1 ? 'One was lost' : 'It was lost'}
              onPress={() => save(Number(draft.count) > 1 ? { count: Number(draft.count) - 1 } : { lostAtMs: now() })}
            />
          ) : null}
          <Say kind="label" tone="soft">
            {used ? EDIT_PAGE.retiredLures : EDIT_PAGE.retiredThings}
          </Say>
        </View>
      ) : null}
    </Screen>
  );
}

/** A field that reads and changes several stored values at once. */
const takesSeveral = (f: Field): boolean => f.type === 'flags' || f.type === 'position' || f.type === 'sketch';

/** The stored values that a field stands for. */
const keysOf = (f: Field): readonly string[] =>
  f.type === 'flags' ? f.options.map((o) => o.value) : f.type === 'position' ? POSITION_KEYS : [f.key];

const wordsOf = (f: Field | undefined): FieldWords | undefined =>
  f?.type === 'number' ? { label: f.label, text: f.text, onSteps: (si, way) => onSteps(f.stepper, si, way) } : f;
