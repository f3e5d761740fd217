/** The plan on one small card, to print or to look at with wet hands. */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { dragSentences, hookSetSentences } from '../../wording/hookset';
import { capital } from '../../wording/names';
import { jointSentences } from '../../wording/rig';
import { angleText, cadenceText, cardRows, overText, reelInText } from '../../wording/retrieve';
import { dayText } from '../../wording/time';
import { say } from '../../wording/units';
import { CARD_PAGE } from '../../wording/pages/card';
import { SHARED } from '../../wording/pages/shared';
import { useConditions, usePlan } from '../day/contexts';
import { Note } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Ink, Sheet } from '../parts/Paper';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import { CadenceLine } from './CadenceLine';
import { useHookSet } from './useHookSet';

const SPAN_S = 12;

export function CardScreen() {
  const { plan, planBusy, lure, tackle } = usePlan();
  const { day, nowMs, reading } = useConditions();
  const { units } = useTheme();
  const router = useRouter();
  const set = useHookSet(lure, tackle, plan);
  if (!plan || !lure || !tackle || !day || !set || !reading)
    return (
      <Screen title="Plan card" section={false}>
        <Note>{CARD_PAGE.noPlan}</Note>
        <Button kind="solid" title={SHARED.backToRetrieve} onPress={() => router.navigate('/retrieve')} />
      </Screen>
    );
  const reelIn = reelInText(plan, units);
  const first = plan.track.beats[0]?.atS ?? 0;
  return (
    <Screen title="Plan card" sub="For the pocket" section={false}>
      {plan.effort === 'first' && planBusy ? <Say role="status">{CARD_PAGE.stillWorking}</Say> : null}
      <Button kind="solid" title={SHARED.print} onPress={() => window.print()} />
      <Sheet id="plan-card" label="The card" width="95mm">
        <View>
          <Ink bold size={20}>
            {lure.name}
          </Ink>
          <Ink>{CARD_PAGE.lure(lure.family, plan.presentation.rig.weightKg, tackle.line.name, units)}</Ink>
          <Ink>
            {CARD_PAGE.where(
              day.water.name,
              dayText(nowMs, day.water.zone),
              day.trip.species,
              say.depthBand(plan.beside ? reading.fishBandM : plan.bandM, units),
            )}
          </Ink>
        </View>
        <CadenceLine
          beats={plan.track.beats}
          fromS={first}
          spanS={SPAN_S}
          atS={null}
          label={`Cadence: ${cadenceText(plan.presentation.cadence)}`}
        />
        <Ink bold>{capital(cadenceText(plan.presentation.cadence))}.</Ink>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap' }}>
          {cardRows(plan, units).map(([name, value]) => (
            <View key={name} style={{ width: '50%', paddingVertical: 3, paddingRight: 8 }}>
              <Ink size={13}>{name}</Ink>
              <Ink bold size={17}>
                {value}
              </Ink>
            </View>
          ))}
        </View>
        {day.conditions.water.currentMps ? <Ink>{`Throw ${angleText(plan.hands.angleDeg)}.`}</Ink> : null}
        {plan.over ? <Ink>{overText(plan.over, units)}</Ink> : null}
        {reelIn ? <Ink>{reelIn}</Ink> : null}
        <Ink>{hookSetSentences(set.advice, tackle.line.material, units)[0]}</Ink>
        <Ink>{dragSentences(set.advice, tackle.line.material, units)[0]}</Ink>
        <Ink>{jointSentences(set.tied.joints, units).join(' ')}</Ink>
        <Ink size={13}>{CARD_PAGE.share(plan)}</Ink>
      </Sheet>
      <Button title={SHARED.backToRetrieve} onPress={() => router.navigate('/retrieve')} />
    </Screen>
  );
}
