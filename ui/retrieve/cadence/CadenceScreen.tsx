/**
 * The cadence step by step: built, nudged, stretched, copied, looped, undone; checked against wrist, rod and reel; kept
 * under a name.
 */
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { familyById } from '../../../core/lures/families';
import { cadenceLengthS, STEP_KINDS, type Cadence, type StepKind } from '../../../core/planning/cadence/cadence';
import { cadenceFaults } from '../../../core/planning/cadence/check';
import {
  copyStep,
  edit,
  freshStep,
  insertStep,
  MAX_STEPS,
  MAX_TURNS,
  nudgeStep,
  redo,
  removeStep,
  setLength,
  setLoop,
  setTurns,
  STEP_S,
  stretchAll,
  undo,
} from '../../../core/planning/cadence/edit';
import type { Plan } from '../../../core/planning/plan/plan';
import { withoutSetting } from '../../../core/planning/task/request';
import { faultText, STEP_HOW } from '../../../wording/cadence';
import { capital, STEP_NAME } from '../../../wording/names';
import { cadenceText, liveText, turnsText } from '../../../wording/retrieve';
import { say } from '../../../wording/units';
import { CADENCE_PAGE } from '../../../wording/pages/cadence';
import { SHARED } from '../../../wording/pages/shared';
import { useActions, useConditions, usePlan } from '../../day/contexts';
import { useLivePath } from '../../day/livePath';
import { Adjuster } from '../../parts/Adjuster';
import { Note, Part, Row } from '../../parts/Box';
import { Button, Picks } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { Screen } from '../../shell/Screen';
import { stepBy, STEPPERS } from '../../theme/stepping';
import { useTheme } from '../../theme/theme';
import { beginDraft, setCadenceDraft, useCadenceDraft } from './draft';
import { LibraryPart } from './LibraryPart';
import { Surface } from './Surface';
import { useLiveCast } from './useLiveCast';

export function CadenceScreen() {
  const { plan } = usePlan();
  const router = useRouter();
  if (!plan)
    return (
      <Screen title="Cadence" sub="Step by step" section={false}>
        <Note>{CADENCE_PAGE.noPlan}</Note>
        <Button kind="solid" title={SHARED.backToRetrieve} onPress={() => router.navigate('/retrieve')} />
      </Screen>
    );
  return <Editor plan={plan} />;
}

/** The step of a length that a thumb means: tenths for flicks, halves for hangs. */
const lengthStep = (s: number): number => (s < 1.95 ? 0.1 : 0.5);
const SLOWER = 1.25;
/** Turns are counted in quarters. */
const TURNS = STEPPERS.plain(0.25, 0, MAX_TURNS);

function Editor({ plan }: { plan: Plan }) {
  const { lure, tackle, request } = usePlan();
  const { day } = useConditions();
  const actions = useActions();
  const { p, units } = useTheme();
  const router = useRouter();
  const kept = useCadenceDraft(day?.trip.id);
  const planned = plan.presentation.cadence;
  const draft = kept ?? beginDraft(planned, day?.trip.id ?? '');
  const [saved, setSaved] = useState(false);
  const [under, setUnder] = useState<Cadence | null>(null);
  const shown = under ?? draft.history.now;
  const isPlanned = JSON.stringify(shown) === JSON.stringify(planned);
  useLiveCast(request, plan, isPlanned || plan.flightM === 0 ? null : shown);
  const live = useLivePath();
  // Another plan in hand, and nothing changed in the draft: begin with the plan's own.
  useEffect(() => {
    if (kept && kept.history.past.length === 0 && kept.from !== JSON.stringify(planned)) setCadenceDraft(null);
  }, [kept, planned]);
  if (!lure || !tackle || !day) return null;
  const { now: c, past, future } = draft.history;
  const at = Math.min(draft.at, c.steps.length - 1);
  const step = c.steps[at]!;
  const change = (next: Cadence, to = at): void => {
    setSaved(false);
    setCadenceDraft({
      ...draft,
      history: edit(draft.history, next),
      at: Math.max(0, Math.min(to, next.steps.length - 1)),
    });
  };
  const take = (to: number): void => setCadenceDraft({ ...draft, at: to });
  const back = (history = undo(draft.history)): void =>
    setCadenceDraft({ ...draft, history, at: Math.min(at, history.now.steps.length - 1) });
  const longer = (way: 1 | -1): void => {
    const by = lengthStep(way > 0 ? step.durationS + 0.01 : step.durationS - 0.01);
    change(setLength(c, at, step.durationS + way * by));
  };
  const nudge = (by: 1 | -1): void => {
    const moved = nudgeStep(c, at, by);
    change(moved.cadence, moved.at);
  };
  const add = (kind: StepKind): void => change(insertStep(c, at, freshStep(kind, plan.hands.turnsPerS)), at + 1);
  const remove = (): void => change(removeStep(c, at), Math.min(at, c.steps.length - 2));
  const copy = (): void => change(copyStep(c, at), at + 1);
  const onKey = (e: {
    key: string;
    shiftKey: boolean;
    altKey: boolean;
    ctrlKey: boolean;
    metaKey: boolean;
  }): boolean => {
    const command = e.ctrlKey || e.metaKey;
    const way = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
    if (command && e.key.toLowerCase() === 'z') back(e.shiftKey ? redo(draft.history) : undo(draft.history));
    else if (command && e.key.toLowerCase() === 'y') back(redo(draft.history));
    else if (command) return false;
    else if (way !== 0 && e.shiftKey) longer(way);
    else if (way !== 0 && e.altKey) nudge(way);
    else if (way !== 0) take(Math.max(0, Math.min(c.steps.length - 1, at + way)));
    else if (e.key === 'Delete' || e.key === 'Backspace') remove();
    else if (e.key.toLowerCase() === 'c') copy();
    else return false;
    return true;
  };
  const faults = cadenceFaults(c, tackle.rod);
  const cannot = faults.some((f) => f.cannot);
  const lengthS = cadenceLengthS(c);
  const turns = c.steps.reduce((s, x) => s + (x.handleTurns ?? 0), 0);
  const perTurnM = plan.hands.turnsPerS > 0 ? plan.handleSpeedMps / plan.hands.turnsPerS : 0;
  const takesUp = turns > 0 ? CADENCE_PAGE.takesUp(turns, perTurnM, units) : '';
  return (
    <Screen title="Cadence" sub={CADENCE_PAGE.title(lure.name)}>
      <View style={{ gap: 8 }}>
        <Surface cadence={c} at={at} onTake={take} onUnder={setUnder} onChange={change} onKey={onKey} />
        {live ? <Say role="status">{liveText(live, units)}</Say> : null}
        <Say kind="label" tone="soft">
          {CADENCE_PAGE.round(lengthS, takesUp)}
        </Say>
        <Say role="status" aria-live="polite">
          {capital(cadenceText(c))}.
        </Say>
        <Row gap={8} wrap>
          <Button title="Undo" disabled={past.length === 0} onPress={() => back()} />
          <Button title="Redo" disabled={future.length === 0} onPress={() => back(redo(draft.history))} />
          <Picks
            label={CADENCE_PAGE.afterLast}
            options={[{ value: 'loop', title: 'Again and again' }]}
            value={c.loop ? ['loop'] : []}
            onChange={(v) => change(setLoop(c, v.includes('loop')))}
          />
        </Row>
      </View>
      <Part title={`Step ${at + 1}: ${STEP_NAME[step.kind]}`}>
        <Say kind="label" tone="soft">
          {STEP_HOW[step.kind]}.
        </Say>
        <Adjuster
          label="How long"
          hint="How long"
          text={say.seconds(step.durationS)}
          onLess={() => longer(-1)}
          onMore={() => longer(1)}
          typed={{
            dimension: 'time',
            fromPlain: (s) => s,
            range: STEP_S,
            text: say.seconds,
            onNumber: (v) => change(setLength(c, at, v)),
          }}
        />
        {step.handleTurns !== undefined ? (
          <Adjuster
            label={SHARED.handleTurns}
            hint={CADENCE_PAGE.turnsIn(step.handleTurns / step.durationS)}
            text={turnsText(step.handleTurns)}
            onLess={() => change(setTurns(c, at, stepBy(TURNS, step.handleTurns!, -1)))}
            onMore={() => change(setTurns(c, at, stepBy(TURNS, step.handleTurns!, 1)))}
            typed={{
              dimension: 'plain',
              fromPlain: (n) => n,
              range: [0, MAX_TURNS],
              text: turnsText,
              onNumber: (v) => change(setTurns(c, at, v)),
            }}
          />
        ) : null}
        <Row gap={8} wrap>
          <Button title="Earlier" disabled={at === 0} onPress={() => nudge(-1)} />
          <Button title="Later" disabled={at === c.steps.length - 1} onPress={() => nudge(1)} />
          <Button title="Copy" disabled={c.steps.length >= MAX_STEPS} onPress={copy} />
          <Button title="Remove" disabled={c.steps.length < 2} onPress={remove} />
        </Row>
      </Part>
      <Part title="Add after it">
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {STEP_KINDS.map((kind) => (
            <Button
              key={kind}
              title={capital(STEP_NAME[kind])}
              label={CADENCE_PAGE.add(freshStep(kind, plan.hands.turnsPerS))}
              disabled={c.steps.length >= MAX_STEPS}
              onPress={() => add(kind)}
            />
          ))}
        </View>
        <Row gap={8} wrap>
          <Button kind="plain" title={CADENCE_PAGE.slower} onPress={() => change(stretchAll(c, SLOWER))} />
          <Button kind="plain" title={CADENCE_PAGE.quicker} onPress={() => change(stretchAll(c, 1 / SLOWER))} />
        </Row>
      </Part>
      {faults.length > 0 ? (
        <View role="status" style={{ gap: 6 }}>
          {faults.map((f) => (
            <View
              key={`${f.code}-${f.step}`}
              style={{ borderLeftWidth: 4 * p.stroke, borderLeftColor: f.cannot ? p.copper : p.edge, paddingLeft: 12 }}
            >
              <Say kind={f.cannot ? 'strong' : 'body'}>
                {faultText(f, f.step === null ? null : c.steps[f.step]!.kind, units)}
              </Say>
            </View>
          ))}
        </View>
      ) : null}
      <View style={{ gap: 8 }}>
        <Button
          kind="copper"
          title={cannot ? CADENCE_PAGE.cannot : CADENCE_PAGE.fishIt}
          disabled={cannot}
          onPress={() => {
            actions.setSettings({ cadence: c });
            setCadenceDraft(null);
            router.navigate('/retrieve');
          }}
        />
        {day.trip.settings.cadence ? (
          <Button
            title={CADENCE_PAGE.planCadence}
            onPress={() => {
              actions.changeTrip((t) => ({ ...t, settings: withoutSetting(t.settings, 'cadence') }));
              setCadenceDraft(null);
            }}
          />
        ) : null}
      </View>
      <LibraryPart
        family={familyById(lure.family)}
        plan={plan}
        cadence={c}
        saved={saved}
        onSaved={() => setSaved(true)}
        onBegin={(from) => {
          // One change more, so that what was there can be had back.
          change(from, 0);
        }}
      />
    </Screen>
  );
}
