/** What the log does to the choice, with its switch, and what is worth a try. */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { nextToPlan } from '../../core/ranking/head';
import { AMONG_REASONS, levelText, LOG_CHOICES, TRIAL_TITLE, trialText, TRY_IT } from '../../wording/learning';
import { useActions, useBookWithoutLog, useRanking } from '../day/contexts';
import { letLogCount, useLogCounts } from '../day/dayHistory';
import { Card } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { lureById } from '../day/usual';
import { useNames } from './useNames';

/** The switch, and how this angler fares here. */
export function LogSwitch() {
  const { ranking } = useRanking();
  const on = useLogCounts();
  if (!ranking || (on && ranking.blocks === 0)) return null;
  const level = on ? levelText(ranking) : null;
  return (
    <View style={{ gap: 8 }}>
      <Choices
        label={LOG_CHOICES.label}
        options={[
          { value: 1, title: LOG_CHOICES.on },
          { value: 0, title: LOG_CHOICES.off },
        ]}
        value={on ? 1 : 0}
        onChange={(v) => letLogCount(v === 1)}
      />
      {level ? (
        <Say kind="label" tone="soft">
          {`${level} ${AMONG_REASONS}`}
        </Say>
      ) : null}
    </View>
  );
}

/** A lure that may well be better than it stands. */
export function TrialCard() {
  const { ranking } = useRanking();
  const { lure } = useBookWithoutLog();
  const actions = useActions();
  const router = useRouter();
  const nameOf = useNames();
  // What the head's plans find may still turn it: an offer does not come and go under one's hand.
  const trial = ranking && !nextToPlan(ranking) ? trialText(ranking, nameOf) : null;
  if (!trial) return null;
  const own = lureById(lure, trial.key);
  return (
    <Card>
      <Say kind="label" tone="copper">
        {TRIAL_TITLE}
      </Say>
      <Say kind="strong">{trial.title}</Say>
      <Say>{trial.text}</Say>
      {own ? (
        <Button
          title={TRY_IT}
          label={`Try the ${nameOf(trial.key)}`}
          onPress={() => {
            actions.startTrial({
              lureId: own.id,
              againstId: lureById(lure, trial.against.key)?.id ?? null,
              casts: trial.casts,
              strikesPerHour: trial.strikesPerHour,
              againstPerHour: trial.against.strikesPerHour,
              pBest: trial.pBest,
            });
            router.navigate('/retrieve');
          }}
        />
      ) : null}
    </Card>
  );
}
