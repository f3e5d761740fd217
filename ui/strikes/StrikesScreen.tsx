import { useRouter } from 'expo-router';
import { guardingText, moodHeadline } from '../../wording/mood';
import { useState } from 'react';
import { View } from 'react-native';
import { castsText, END_DAY_ASK, OFF_AT_THUNDER, STRIKES_CAST_PLAN } from '../../wording/strikes';
import { STYLE_NAME } from '../../wording/names';
import { say } from '../../wording/units';
import { STRIKES_PAGE } from '../../wording/pages/strikes';
import { castsOfTrip } from '../../core/log/tally';
import { useStored } from '../../data/useBook';
import { CastPlanLater } from '../castplan/later';
import { useActions, useConditions, useLog, useMood, usePlan, usePrefs } from '../day/contexts';
import { useCadenceName } from '../day/useCadenceName';
import { Note, Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { useScreenStaysOn } from '../platform/awake';
import { useTheme } from '../theme/theme';
import { RestPart } from '../today/RestPart';
import { Signs } from '../water/Signs';
import { AdvicePart } from './AdvicePart';
import { AskedPart } from './AskedPart';
import { ChangePart } from './ChangePart';
import { EventKeys } from './EventKeys';
import { EventList } from './EventList';
import { LandingPart } from './LandingPart';
import { MarkPart } from './MarkPart';
import { TrialPart } from './TrialPart';
import { UndoKey } from './UndoKey';

/** Drawn by itself the moment a cast is stored: the rest of the day follows. */
function CastsMade({ tripId }: { tripId: string }) {
  return <>{castsText(useStored((s) => castsOfTrip(s.book, tripId)))}</>;
}

function StoredWord({ any }: { any: boolean }) {
  const slow = useStored((s) => s.slow);
  return (
    <Say kind="small" tone="soft">
      {slow ? 'storing…' : any ? 'all stored' : ''}
    </Say>
  );
}

export function StrikesScreen() {
  const { day, reading } = useConditions();
  const { plan, lure, worked } = usePlan();
  const { tally } = useLog();
  const actions = useActions();
  const mood = useMood();
  const named = useCadenceName(day?.trip.settings);
  const { units, p } = useTheme();
  const router = useRouter();
  const [ending, setEnding] = useState(false);
  useScreenStaysOn(usePrefs().staysOn && !!day);
  if (!day || !tally) {
    return (
      <Screen title="Strikes" sub="What happened?">
        <Note>{STRIKES_PAGE.noDay}</Note>
        <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
      </Screen>
    );
  }
  const ready = !!worked && !!lure;
  return (
    <Screen
      title={<CastsMade tripId={day.trip.id} />}
      sub={
        ready
          ? STRIKES_PAGE.inHand(
              lure.name,
              named ?? STYLE_NAME[worked.presentation.style],
              plan ? say.depth(plan.depthM, units) : null,
            )
          : 'No plan yet'
      }
      right={
        <View style={{ alignItems: 'flex-end' }}>
          <UndoKey />
          <StoredWord any={tally.casts + tally.events.length > 0} />
        </View>
      }
      foot={
        ready ? (
          <Press
            label="Cast: add one"
            onPress={actions.logCast}
            style={{ backgroundColor: p.strong, borderRadius: 16, minHeight: 68, alignItems: 'center' }}
          >
            <Say kind="title" tone="onStrong">
              Cast +1
            </Say>
          </Press>
        ) : null
      }
    >
      <AdvicePart />
      {day.trip.castPlan ? <CastPlanLater /> : null}
      {ready ? <EventKeys /> : <Note>{lure ? STRIKES_PAGE.planWaiting : STRIKES_PAGE.noLure}</Note>}
      <LandingPart />
      <TrialPart />
      <AskedPart />
      <ChangePart />
      {day.trip.castPlan ? null : (
        <Button title={STRIKES_CAST_PLAN} onPress={() => router.navigate('/strikes/cover' as never)} />
      )}
      <MarkPart />
      <RestPart quiet />
      <EventList />
      <Disclosure title={STRIKES_PAGE.tellShown}>
        {mood && reading ? (
          <Say>{mood.guarding ? guardingText(mood.guarding) : moodHeadline(mood, reading)}</Say>
        ) : null}
        <Signs />
      </Disclosure>
      <Part title="The day">
        <Say>{STRIKES_PAGE.tally(tally)}</Say>
        {ending ? (
          <View style={{ gap: 8 }}>
            <Say>{END_DAY_ASK}</Say>
            <Button
              kind="solid"
              title="End the day"
              onPress={() => {
                setEnding(false);
                actions.endTrip();
                router.navigate(`/lessons/day/${encodeURIComponent(day.trip.id)}` as never);
              }}
            />
            <Button title="Keep fishing" onPress={() => setEnding(false)} />
          </View>
        ) : (
          <Button title="End the day…" onPress={() => setEnding(true)} />
        )}
        <Say kind="label" tone="soft">
          {OFF_AT_THUNDER}
        </Say>
      </Part>
    </Screen>
  );
}
