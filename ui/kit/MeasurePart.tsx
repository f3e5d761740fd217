/**
 * Measurement: what the angler counts by the boat or the dock, and how it narrows what is known of the lure or the
 * reel.
 */
import { useDayClock } from '../day/useDayClock';
import { useCommitter } from '../../data/useBook';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { contentHash } from '../../core/base/hash';
import { familyById } from '../../core/lures/families';
import { measurementsOf, put } from '../../core/records';
import type { Narrowed } from '../../core/planning/calibrate/assess';
import { triedLure } from '../../core/planning/calibrate/tried';
import { lureMeasurement, turnCount } from '../../core/records/measured';
import { freeSink, timeToSinkS } from '../../core/simulation/sink';
import { metresPerTurn } from '../../core/tackle/reel';
import type { LineSpec } from '../../core/tackle/line';
import { queryKeys } from '../../data/keys';
import {
  knownSentence,
  MEASUREMENT_HOW,
  MEASUREMENT_TITLE,
  measurementText,
  SLIP_TEXT,
  type Known,
} from '../../wording/measure';
import { say } from '../../wording/units';
import { EDIT_PAGE } from '../../wording/pages/editing';
import { SHARED } from '../../wording/pages/shared';
import { compute } from '../../workers/client';
import { usePlan, useBookWithoutLog } from '../day/contexts';
import { Adjuster } from '../parts/Adjuster';
import { Card, Part, Row } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { newId } from '../platform/ids';
import { bringIntoView } from '../platform/scrolling';
import { stepBy, STEPPERS, type Stepper } from '../theme/stepping';
import { useTheme } from '../theme/theme';
import type { Lure } from '../../core/records/lure';
import type { Reel } from '../../core/records/reel';
import { LURE_MEASUREMENTS, type Measurement } from '../../core/records/measurement';

/** Counts are told apart by line only where one is in use; else this. */
const USUAL_LINE: LineSpec = { material: 'braid', strengthLb: 15 };

/** What each kind of count tells of. */
const TELLS: Record<Measurement['kind'], Known> = {
  'sink-slack': 'sink',
  'sink-tight': 'sink',
  'ticks-bottom': 'runs',
  'turns-in': 'turn',
};

const present = <T,>(x: T | null): x is T => x !== null;

export function MeasureLure({ lure }: { lure: Lure }) {
  const { tackle } = usePlan();
  const book = useBookWithoutLog();
  const line = tackle ? { material: tackle.line.material, strengthLb: tackle.line.strengthLb } : USUAL_LINE;
  const kept = measurementsOf(book, lure.id);
  const { sink, lips, sinks } = whatItIs(lure, line);
  const kinds = LURE_MEASUREMENTS.filter((k) => (k === 'ticks-bottom' ? lips : sinks));
  const question = {
    family: lure.family,
    weightKg: lure.weightKg,
    line,
    measurements: kept.map(lureMeasurement).filter(present),
  };
  const known = useQuery({
    queryKey: queryKeys.assessment(contentHash(question)),
    queryFn: ({ signal }) => compute.assessLure(signal, question),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
  if (kinds.length === 0) return null;
  const depthM = sinks ? 3 : 2.5;
  const start = {
    depthM,
    seconds: sinks ? Math.round(timeToSinkS(sink!, depthM) * 2.2) / 2 : 0,
    castM: sinks ? 6 : 25,
    turnsPerS: 1.2,
    turns: 0,
  };
  const facts: [Known, Narrowed][] = [];
  if (known.data?.sinkMps) facts.push(['sink', known.data.sinkMps]);
  if (known.data?.runsM) facts.push(['runs', known.data.runsM]);
  return (
    <Measuring
      ofId={lure.id}
      kinds={kinds}
      kept={kept}
      line={line}
      metresPerTurn={tackle ? metresPerTurn(tackle.reel, 12) : 0.7}
      start={start}
      facts={facts}
      nonsense={known.data?.nonsense ?? []}
      busy={known.isFetching}
    />
  );
}

export function MeasureReel({ reel }: { reel: Reel }) {
  const book = useBookWithoutLog();
  const kept = measurementsOf(book, reel.id);
  const spec = { ratio: reel.ratio, spoolM: reel.spoolM, arborM: reel.arborM, capacityM: reel.capacityM };
  const question = { reel: spec, counts: kept.map(turnCount).filter(present) };
  const known = useQuery({
    queryKey: queryKeys.assessment(contentHash(question)),
    queryFn: ({ signal }) => compute.assessReel(signal, question),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
  const castM = 20;
  return (
    <Measuring
      ofId={reel.id}
      kinds={['turns-in']}
      kept={kept}
      line={null}
      metresPerTurn={metresPerTurn(spec, 12)}
      start={{ depthM: 0, seconds: 0, castM, turnsPerS: 0, turns: Math.round(castM / metresPerTurn(spec, castM / 2)) }}
      facts={known.data ? [['turn', known.data.perTurnM]] : []}
      nonsense={known.data?.nonsense ?? []}
      busy={known.isFetching}
    />
  );
}

function whatItIs(lure: Lure, line: LineSpec) {
  const { lure: physics, waterDensityKgM3 } = triedLure(lure.family, lure.weightKg, line);
  const sink = freeSink(physics, waterDensityKgM3);
  return {
    sink,
    lips: physics.liftAreaM2 > 0 && familyById(lure.family).mode === 'swim',
    sinks: sink !== null && sink.terminalMps > 0.1,
  };
}

interface MeasuringProps {
  ofId: string;
  kinds: readonly Measurement['kind'][];
  kept: readonly Measurement[];
  line: LineSpec | null;
  metresPerTurn: number;
  /** Where the numbers of the form begin. */
  start: { depthM: number; seconds: number; castM: number; turnsPerS: number; turns: number };
  facts: readonly [Known, Narrowed][];
  nonsense: readonly boolean[];
  busy: boolean;
}

function Measuring({ ofId, kinds, kept, line, metresPerTurn: perTurnM, start, facts, nonsense, busy }: MeasuringProps) {
  const now = useDayClock();
  const committer = useCommitter();
  const { units } = useTheme();
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState(kinds[0]!);
  const [form, setForm] = useState(start);
  const [said, setSaid] = useState('');
  const top = useRef<View>(null);
  // The form was long: back to where what it taught can be read.
  useEffect(() => {
    if (said) bringIntoView(top.current);
  }, [said]);
  const usedFor = (k: Known): number => kept.filter((c, i) => TELLS[c.kind] === k && nonsense[i] === false).length;
  const step = (key: keyof typeof form, s: Stepper, label: string, text: (v: number) => string) => (
    <Adjuster
      label={label}
      text={text(form[key])}
      onLess={() => setForm((f) => ({ ...f, [key]: stepBy(s, f[key], -1) }))}
      onMore={() => setForm((f) => ({ ...f, [key]: stepBy(s, f[key], 1) }))}
    />
  );
  const keep = (): void => {
    const lure = kind !== 'turns-in';
    const data: Measurement = {
      id: newId(),
      ofId,
      kind,
      depthM: lure ? form.depthM : null,
      seconds: kind === 'sink-slack' || kind === 'sink-tight' ? form.seconds : null,
      turns: lure ? null : form.turns,
      castM: form.castM,
      speedMps: kind === 'ticks-bottom' ? Math.round(form.turnsPerS * perTurnM * 100) / 100 : null,
      line,
      atMs: now(),
    };
    void committer
      .record(() => [put('calibration', data)])
      .then((stored) => {
        if (!stored) return;
        setOpen(false);
        setSaid(`Kept: ${measurementText(data, units)}.`);
      });
  };
  const takeBack = (c: Measurement): void =>
    void committer
      .record(() => [put('tombstone', { id: `gone-${c.id}`, of: c.id, atMs: now() })])
      .then((stored) => stored && setSaid(EDIT_PAGE.takenBack(c, units)));
  return (
    <Part
      title={EDIT_PAGE.howWellKnown}
      right={open ? null : <Button title="Measure it" onPress={() => setOpen(true)} />}
    >
      <View ref={top} />
      {facts.length === 0 && busy ? <Say role="status">Working it out…</Say> : null}
      {facts.map(([k, n]) => (
        <View key={k} style={{ gap: 6 }}>
          <Say>{knownSentence(k, n, usedFor(k), units)}</Say>
          <RangeBar n={n} />
        </View>
      ))}
      {open ? (
        <Card tone="wash">
          {kinds.length > 1 ? (
            <Choices
              label="What you count"
              options={kinds.map((k) => ({ value: k, title: MEASUREMENT_TITLE[k] }))}
              value={kind}
              onChange={setKind}
            />
          ) : null}
          <Say>{MEASUREMENT_HOW[kind]}</Say>
          {kind === 'turns-in' ? (
            <>
              {step('castM', STEPPERS.distance(units), 'Length of line', (v) => say.distance(v, units))}
              {step('turns', STEPPERS.plain(0.5, 1, 400), SHARED.handleTurns, String)}
            </>
          ) : (
            <>
              {step('depthM', STEPPERS.depth(units), 'Depth', (v) => say.depth(v, units))}
              {kind === 'ticks-bottom'
                ? step('turnsPerS', STEPPERS.plain(0.1, 0.3, 3), EDIT_PAGE.handleTurnsASecond, (v) => v.toFixed(1))
                : step('seconds', STEPPERS.seconds(), 'Seconds counted', say.seconds)}
              {step('castM', STEPPERS.distance(units), 'How far out', (v) => say.distance(v, units))}
              {line ? (
                <Say kind="label" tone="soft">
                  {EDIT_PAGE.onTheLine(line, units)}
                </Say>
              ) : null}
            </>
          )}
          <Row gap={8} wrap>
            <Button kind="solid" title="Keep this count" onPress={keep} />
            <Button title="Not now" onPress={() => setOpen(false)} />
          </Row>
        </Card>
      ) : null}
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
      {kept.map((c, i) => (
        <Row key={c.id} gap={8} style={{ justifyContent: 'space-between' }}>
          <View style={{ flex: 1, minWidth: 0 }}>
            <Say>{measurementText(c, units)}</Say>
            {nonsense[i] ? (
              <Say kind="label" tone="bad">
                {SLIP_TEXT}
              </Say>
            ) : null}
          </View>
          <Button title="Take back" label={EDIT_PAGE.takeBack(c, units)} onPress={() => takeBack(c)} />
        </Row>
      ))}
    </Part>
  );
}

/** The likely range before anything was counted, and in it the range now with its middle. */
function RangeBar({ n: { before, after } }: { n: Narrowed }) {
  const { p } = useTheme();
  const from = Math.min(before.low, after.low) * 0.9;
  const to = Math.max(before.high, after.high) * 1.05;
  const at = (v: number): number => (100 * (v - from)) / (to - from);
  const bar = (low: number, high: number, top: number, height: number, colour: string) => (
    <View
      style={{
        position: 'absolute',
        left: `${at(low)}%`,
        width: `${at(high) - at(low)}%`,
        top,
        height,
        borderRadius: height / 2,
        backgroundColor: colour,
      }}
    />
  );
  return (
    <View aria-hidden style={{ height: 26 }}>
      {bar(before.low, before.high, 4, 18, p.rule)}
      {bar(after.low, after.high, 8, 10, p.copper)}
      <View
        style={{
          position: 'absolute',
          left: `${at(after.mid)}%`,
          top: 0,
          width: 3 * p.stroke,
          height: 26,
          marginLeft: -1.5,
          backgroundColor: p.ink,
        }}
      />
    </View>
  );
}
