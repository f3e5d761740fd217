/** How a lure is let down, or towed: depth, line, marks, drift, speed; asked of the simulator as one changes them. */
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { contentHash } from '../../../core/base/hash';
import { compileCadence } from '../../../core/planning/cadence/cadence';
import { AHEAD_M } from '../../../core/planning/below/inline';
import type { Below, PlanRequest } from '../../../core/planning/task/request';
import { queryKeys } from '../../../data/keys';
import {
  driftSentence,
  dropSentence,
  marksSentence,
  paceSentence,
  passSentence,
  passTitle,
  workedSentence,
  TOWED_TROUBLE,
  unreachedText,
  upSentence,
  VERTICAL_TROUBLE,
} from '../../../wording/below';
import { cadenceText } from '../../../wording/retrieve';
import { capital } from '../../../wording/names';
import { FT, say } from '../../../wording/units';
import { BELOW_PAGE } from '../../../wording/pages/below';
import { SHARED } from '../../../wording/pages/shared';
import { compute } from '../../../workers/client';
import { Adjuster } from '../../parts/Adjuster';
import { useActions } from '../../day/contexts';
import { Card, Note, Part } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { stepBy, STEPPERS } from '../../theme/stepping';
import { useTheme } from '../../theme/theme';
import { CadenceLine } from '../CadenceLine';

const SPAN_S = 14;

interface DownProps {
  request: PlanRequest;
  fishDepthM: number;
  onIce: boolean;
  /** Where fish were marked. */
  marks: readonly { depthM: number; count: number }[];
}

export function Down({ request, fishDepthM, onIce, marks }: DownProps) {
  const { units } = useTheme();
  const fish = useFish();
  const [depthM, setDepthM] = useState(request.set?.below?.depthM ?? fishDepthM);
  const [driftMps, setDriftMps] = useState(0);
  const [markEveryM, setMarkEveryM] = useState(units.depth === 'ft' ? 10 * FT : 3);
  const depths = [...new Set(marks.map((m) => m.depthM))].sort((a, b) => a - b);
  const asked = { ...request, depthM, driftMps: onIce ? 0 : driftMps, markEveryM };
  const { data, isError, isFetching } = useQuery({
    queryKey: queryKeys.below('down', contentHash(asked)),
    queryFn: ({ signal }) => compute.vertical(signal, asked),
    staleTime: Infinity,
  });
  return (
    <>
      <Adjuster
        label="Depth"
        hint={depths.length > 1 ? BELOW_PAGE.workingDepthNote : BELOW_PAGE.workingDepth}
        text={say.depth(depthM, units)}
        presets={depths.length > 1 ? depths.map((d) => ({ value: d, title: say.depth(d, units) })) : undefined}
        preset={depthM}
        onPreset={setDepthM}
        onLess={() => setDepthM(stepBy(STEPPERS.depth(units), depthM, -1))}
        onMore={() => setDepthM(stepBy(STEPPERS.depth(units), depthM, 1))}
      />
      {onIce ? null : (
        <Adjuster
          label="Drift"
          hint={BELOW_PAGE.boatSpeed}
          text={say.speed(driftMps, units)}
          onLess={() => setDriftMps(stepBy(STEPPERS.speed(units), driftMps, -1))}
          onMore={() => setDriftMps(stepBy(STEPPERS.speed(units), driftMps, 1))}
        />
      )}
      <Adjuster
        label={BELOW_PAGE.lineMarks}
        hint={BELOW_PAGE.lineMarksNote}
        text={say.depth(markEveryM, units)}
        onLess={() => setMarkEveryM(stepBy(STEPPERS.depth(units), markEveryM, -1))}
        onMore={() => setMarkEveryM(stepBy(STEPPERS.depth(units), markEveryM, 1))}
      />
      <Answer busy={isFetching} failed={isError}>
        {!data ? null : 'problem' in data ? (
          <Trouble told={VERTICAL_TROUBLE[data.problem]} />
        ) : (
          <>
            <Part title="Let it down">
              <Say>{dropSentence(data, units)}</Say>
              <Say>{marksSentence(data, markEveryM, units)}</Say>
              {upSentence(data) ? <Say>{upSentence(data)}</Say> : null}
              <Say>{driftSentence(data, units)}</Say>
            </Part>
            <Part title="Work it">
              <CadenceLine
                beats={
                  compileCadence(data.cadence, { metresPerTurn: 1 }, { startS: 0, endS: SPAN_S, sinks: true }).beats
                }
                fromS={0}
                spanS={SPAN_S}
                atS={null}
                label={`Cadence: ${cadenceText(data.cadence)}`}
              />
              <Say kind="label">{capital(cadenceText(data.cadence))}.</Say>
              <Say>{workedSentence(data, units)}</Say>
            </Part>
            <Button title={BELOW_PAGE.fishAt(depthM, units)} onPress={() => fish({ way: 'down', depthM })} />
          </>
        )}
      </Answer>
    </>
  );
}

export function Behind({ request }: { request: PlanRequest }) {
  const { units } = useTheme();
  const fish = useFish();
  const heavier = STEPPERS.inline(units);
  const [speedMps, setSpeedMps] = useState<number | null>(request.set?.below?.speedMps ?? null);
  const [inlineKg, setInlineKg] = useState(request.set?.below?.inlineKg ?? 0);
  const asked = { ...request, speedMps, inlineKg };
  const { data, isError, isFetching } = useQuery({
    queryKey: queryKeys.below('behind', contentHash(asked)),
    queryFn: ({ signal }) => compute.towed(signal, asked),
    staleTime: Infinity,
  });
  const now = speedMps ?? (data && !('problem' in data) ? data.speedMps : 1);
  const step = (way: 1 | -1): void => setSpeedMps(Math.max(0.2, stepBy(STEPPERS.speed(units), now, way)));
  return (
    <>
      <Adjuster
        label="Speed"
        hint={BELOW_PAGE.throughWater}
        text={say.speed(now, units)}
        onLess={() => step(-1)}
        onMore={() => step(1)}
        onClear={speedMps === null ? undefined : () => setSpeedMps(null)}
        clearTitle={BELOW_PAGE.letLureDecide}
      />
      <Adjuster
        label={BELOW_PAGE.lineWeight}
        hint={BELOW_PAGE.weightNote(AHEAD_M, units)}
        text={inlineKg > 0 ? say.weight(inlineKg, units) : 'none'}
        onLess={() => setInlineKg(stepBy(heavier, inlineKg, -1))}
        onMore={() => setInlineKg(stepBy(heavier, inlineKg, 1))}
      />
      <Answer busy={isFetching} failed={isError}>
        {!data ? null : 'problem' in data ? (
          <Trouble told={TOWED_TROUBLE[data.problem]} />
        ) : (
          <>
            <Say>{paceSentence(data, units)}</Say>
            {data.passes.map((pass, i) => (
              <Card key={i}>
                <Say kind="heading" level={2}>
                  {passTitle(pass, i, units)}
                </Say>
                <Say>{passSentence(pass, units)}</Say>
              </Card>
            ))}
            <Button
              title={BELOW_PAGE.towAt(now, units)}
              onPress={() =>
                fish({
                  way: 'behind',
                  ...(speedMps === null ? {} : { speedMps }),
                  ...(inlineKg > 0 ? { inlineKg } : {}),
                })
              }
            />
            {unreachedText(data.unreachedM, units) ? <Note>{unreachedText(data.unreachedM, units)}</Note> : null}
            <Say kind="label" tone="soft">
              {BELOW_PAGE.depthsAre}
            </Say>
          </>
        )}
      </Answer>
    </>
  );
}

/** Takes it as the plan in hand: what is logged from now on was fished like that. */
function useFish(): (below: Below) => void {
  const actions = useActions();
  const router = useRouter();
  return (below) => {
    actions.setSettings({ below });
    router.navigate('/retrieve');
  };
}

/** Why it cannot be done with this lure, and the way to another. */
function Trouble({ told }: { told: string }) {
  const router = useRouter();
  return (
    <>
      <Note>{told}</Note>
      <Button title={BELOW_PAGE.otherLure} onPress={() => router.navigate('/lures')} />
    </>
  );
}

function Answer({ busy, failed, children }: { busy: boolean; failed: boolean; children: ReactNode }) {
  return (
    <View style={{ gap: 14 }} role="region" aria-label="The answer" aria-busy={busy}>
      {failed ? <Note>{SHARED.failed}</Note> : null}
      {busy && !children ? <Say role="status">{BELOW_PAGE.waiting}</Say> : null}
      {children}
    </View>
  );
}
