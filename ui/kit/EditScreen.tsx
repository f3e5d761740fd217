/** Add or change one thing of the kit. What is wrong is said beside its field and nothing typed is lost. */
import { fieldProblem, formProblems, type FieldWords } from '../../wording/form';
import { useDayClock } from '../day/useDayClock';
import { useCommitter } from '../../data/useBook';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { checkWith } from '../../core/schemas/check';
import type { Problem } from '../../core/base/problems';
import { inUse, put, RECORDS } from '../../core/records';
import type { FamilyId } from '../../core/lures/family';
import { capital } from '../../wording/names';
import { useBook, useBookWithoutLog } from '../day/contexts';
import { Note, Part, Row } from '../parts/Box';
import { Button, Choices, Picks } from '../parts/Buttons';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { deviceZone } from '../platform/clock';
import { newId } from '../platform/ids';
import { Screen } from '../shell/Screen';
import { onSteps, stepBy } from '../theme/stepping';
import { useTheme } from '../theme/theme';
import { MeasureLure, MeasureReel } from './MeasurePart';
import { PaperFrame } from './PaperFrame';
import {
  EDITABLE,
  fieldsOf,
  getAt,
  KIND_NAME,
  lureDefaults,
  newDraft,
  setAt,
  type FormDraft,
  type EditableKind,
  type Field,
} from './fields';
import type { Lure } from '../../core/records/lure';
import type { Reel } from '../../core/records/reel';

export function EditScreen() {
  const { kind, id, water } = useLocalSearchParams<{ kind: string; id: string; water?: string }>();
  const book = useBookWithoutLog();
  const router = useRouter();
  if (!EDITABLE.includes(kind as EditableKind))
    return <Missing text="There is no such page in the Kit." onBack={() => router.navigate('/kit')} />;
  const k = kind as EditableKind;
  const existing = id === 'new' ? null : (book[k] as Record<string, FormDraft>)[id];
  if (id !== 'new' && !existing)
    return <Missing text={`This ${KIND_NAME[k]} is not in the Kit any more.`} onBack={() => router.navigate('/kit')} />;
  return (
    <PaperFrame>
      <Editor key={`${k}/${id}`} kind={k} existing={existing ?? null} waterId={water ?? null} />
    </PaperFrame>
  );
}

function Missing({ text, onBack }: { text: string; onBack: () => void }) {
  return (
    <Screen title="Kit" section={false}>
      <Note>{text}</Note>
      <Button title="Back to the Kit" onPress={onBack} />
    </Screen>
  );
}

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
  const [draft, setDraft] = useState<FormDraft>(
    () =>
      existing ??
      newDraft(kind, newId(), deviceZone(), (waterId ? book.water[waterId] : null) ?? inUse(book.water)[0] ?? null),
  );
  const [problems, setProblems] = useState<Problem[]>([]);
  const back = (): void => router.navigate(kind === 'spot' ? '/today' : '/kit');
  const change = (key: string, value: unknown): void => {
    setProblems((old) => old.filter((x) => x.path !== key));
    setDraft((d) => {
      const next = setAt(d, key, value);
      if (key === 'usual.cover.kind') return setAt(next, 'usual.cover.density', value === 'none' ? 0 : 0.4);
      return kind === 'lure' && key === 'family' && !existing ? { ...next, ...lureDefaults(value as FamilyId) } : next;
    });
  };
  const save = (data: FormDraft): void => {
    const r = checkWith(RECORDS[kind].schema as never, data);
    if (!r.ok) {
      setProblems(r.problems);
      return;
    }
    // The form stays until the device has it; what the device refuses is told in an alert and held.
    void committer
      .record(() => [put(kind, r.value as never)])
      .then((stored) => {
        if (stored) back();
      });
  };
  const named = (all: readonly { id: string; name: string }[]) => all.map((x) => ({ value: x.id, title: x.name }));
  const fields = fieldsOf(kind, units, {
    water: named(inUse(book.water)),
    reel: named(inUse(book.reel)),
    line: named(inUse(book.line)),
  });
  const retired = draft.retiredAtMs !== null || (kind === 'lure' && draft.lostAtMs !== null);
  const used = kind === 'lure' && Object.values(book.block).some((b) => b.presentation.lureId === draft.id);
  return (
    <Screen
      title={existing ? String(existing.name) : `A new ${KIND_NAME[kind]}`}
      sub={existing ? `Change this ${KIND_NAME[kind]}` : undefined}
      section={false}
    >
      {existing && kind === 'lure' && !existing.bare ? <MeasureLure lure={existing as unknown as Lure} /> : null}
      {existing && kind === 'reel' ? <MeasureReel reel={existing as unknown as Reel} /> : null}
      {fields.map((f) => (
        <FieldView
          key={f.key || f.label}
          f={f}
          value={f.type === 'flags' ? draft : getAt(draft, f.key)}
          problem={problems.find((x) => x.path === f.key)}
          onChange={(v) => (f.type === 'flags' ? setDraft((d) => ({ ...d, ...(v as FormDraft) })) : change(f.key, v))}
        />
      ))}
      {problems.length > 0 ? (
        <View role="alert">
          <Say tone="bad" kind="strong">
            {formProblems(problems, (path) => wordsOf(fields.find((f) => f.key === path)))}
          </Say>
        </View>
      ) : null}
      <Button kind="solid" title="Save" onPress={() => save(draft)} />
      <Button title="Back without saving" onPress={back} />
      {existing ? (
        <View style={{ gap: 6 }}>
          <Button
            title={retired ? `Bring this ${KIND_NAME[kind]} back` : `Retire this ${KIND_NAME[kind]}`}
            onPress={() =>
              save({
                ...draft,
                retiredAtMs: retired ? null : now(),
                ...(kind === 'lure' && retired ? { lostAtMs: null } : {}),
              })
            }
          />
          {kind === 'lure' && !retired ? (
            <Button
              title={Number(draft.count) > 1 ? 'One was lost' : 'It was lost'}
              onPress={() =>
                save(
                  Number(draft.count) > 1
                    ? { ...draft, count: Number(draft.count) - 1 }
                    : { ...draft, lostAtMs: now() },
                )
              }
            />
          ) : null}
          <Say kind="label" tone="soft">
            {used ? 'Retired lures keep their place in your record.' : 'Retired things are kept, out of the way.'}
          </Say>
        </View>
      ) : null}
    </Screen>
  );
}

/** Nothing chosen. */
const NONE = 'none';

const wordsOf = (f: Field | undefined): FieldWords | undefined =>
  f?.type === 'number' ? { label: f.label, text: f.text, onSteps: (si, way) => onSteps(f.stepper, si, way) } : f;

function FieldView({
  f,
  value,
  problem,
  onChange,
}: {
  f: Field;
  value: unknown;
  problem: Problem | undefined;
  onChange: (v: unknown) => void;
}) {
  const { p } = useTheme();
  const wrong = problem ? (
    <Say kind="label" tone="bad">
      {fieldProblem(problem, wordsOf(f)!)}
    </Say>
  ) : null;
  if (f.type === 'text')
    return (
      <View style={{ gap: 4 }}>
        <TextInput
          mode="outlined"
          label={f.label}
          accessibilityLabel={f.label}
          value={String(value ?? '')}
          onChangeText={onChange}
          multiline={f.multiline}
          error={!!problem}
          style={{ backgroundColor: p.card, minHeight: 56 }}
        />
        {wrong}
      </View>
    );
  if (f.type === 'choice')
    return (
      <Part title={f.label}>
        <Choices
          label={f.label}
          options={f.none ? [{ value: NONE, title: f.none }, ...f.options] : f.options}
          value={(value as string) ?? (f.none ? NONE : null)}
          onChange={(v) => onChange(v === NONE ? null : v)}
        />
        {wrong}
      </Part>
    );
  if (f.type === 'flags') {
    const flags = value as FormDraft;
    return (
      <Part title={f.label}>
        <Picks
          label={f.label}
          options={f.options}
          value={f.options.map((o) => o.value).filter((k) => flags[k] === true)}
          onChange={(v) => onChange(Object.fromEntries(f.options.map((o) => [o.value, v.includes(o.value)])))}
        />
      </Part>
    );
  }
  if (f.type === 'many')
    return (
      <Part title={f.label}>
        <Picks label={f.label} options={f.options} value={(value as string[]) ?? []} onChange={onChange} />
      </Part>
    );
  const number = typeof value === 'number' ? value : 0;
  const key = {
    borderRadius: 14,
    borderWidth: 1.5 * p.stroke,
    borderColor: p.edge,
    backgroundColor: p.card,
    width: 60,
    alignItems: 'center' as const,
  };
  return (
    <View style={{ gap: 4 }}>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <View style={{ flexShrink: 1 }}>
          <Say kind="strong">{f.label}</Say>
          {f.hint ? (
            <Say kind="label" tone="soft">
              {f.hint}
            </Say>
          ) : null}
        </View>
        <Row gap={10}>
          <Press label={`${f.label}: less`} onPress={() => onChange(stepBy(f.stepper, number, -1))} style={key}>
            <Glyph name="minus" />
          </Press>
          <Say
            kind="figure"
            style={{ minWidth: 84, textAlign: 'center' }}
            aria-label={`${capital(f.label)}: ${f.text(number)}`}
          >
            {f.text(number)}
          </Say>
          <Press label={`${f.label}: more`} onPress={() => onChange(stepBy(f.stepper, number, 1))} style={key}>
            <Glyph name="plus" />
          </Press>
        </Row>
      </Row>
      {wrong}
    </View>
  );
}
