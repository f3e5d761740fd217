/** What the bites on the lure in hand ask of the hands; one touch does it, another takes it back. */
import { useState } from 'react';
import { View } from 'react-native';
import { contentHash } from '../../core/base/hash';
import { isSmaller, workedLikeThat } from '../../core/log/asked';
import type { PlanSettings } from '../../core/planning/task/request';
import { askedText, insteadText } from '../../wording/strikes';
import { STRIKES_PAGE } from '../../wording/pages/strikes';
import { useActions, useConditions, usePlan, useRanking, useBookWithoutLog } from '../day/contexts';
import { Card } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useHandsAsked } from './useHandsAsked';

interface Done {
  text: string;
  lureId: string;
  before: PlanSettings;
  after: PlanSettings;
}

export function AskedPart() {
  const asked = useHandsAsked();
  const { plan, lure } = usePlan();
  const { day } = useConditions();
  const { ranking } = useRanking();
  const { lure: lures } = useBookWithoutLog();
  const actions = useActions();
  const [done, setDone] = useState<Done | null>(null);
  if (!plan || !lure || !day || plan.presentation.lureId !== lure.id) return null;
  const set = day.trip.settings;
  if (done && done.lureId === lure.id && contentHash(done.after) === contentHash(set))
    return (
      <Card tone="wash">
        <Say role="status">{STRIKES_PAGE.done(done.text)}</Say>
        <Button
          title="Take it back"
          onPress={() => {
            actions.changeTrip((t) => ({ ...t, settings: done.before }));
            setDone(null);
          }}
        />
      </Card>
    );
  if (!asked) return null;
  const { answer } = asked;
  const { fact, advice, does } = askedText(asked);
  const after = workedLikeThat(plan, set, answer);
  const smaller =
    answer.kind === 'smaller'
      ? ranking?.ranked.find((r) => r.lureId && lures[r.lureId] && isSmaller(r.rig.sizeM, plan.presentation.rig.sizeM))
      : undefined;
  const smallerLure = smaller?.lureId ? lures[smaller.lureId] : undefined;
  return (
    <Card tone="wash">
      <View role="status">
        <Say>
          <Say kind="strong">{fact}</Say>
          {` ${advice}`}
        </Say>
      </View>
      {does && after && answer.kind === 'set' ? (
        <Button
          kind="solid"
          title={does}
          onPress={() => {
            setDone({ text: insteadText(answer, asked.now), lureId: lure.id, before: set, after });
            actions.changeTrip((t) => ({ ...t, settings: after }));
          }}
        />
      ) : null}
      {smallerLure ? (
        <Button title={STRIKES_PAGE.changeTo(smallerLure.name)} onPress={() => actions.chooseLure(smallerLure.id)} />
      ) : null}
    </Card>
  );
}
