import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { familyById } from '../../core/lures/families';
import { thrownKg } from '../../core/lures/own';
import { measurementsOf } from '../../core/records';
import type { Plan } from '../../core/planning/plan/plan';
import { rodFit } from '../../core/tackle/rod';
import { capital, FAMILY_NAME } from '../../wording/names';
import { STYLE_WHY } from '../../wording/cadence';
import {
  aimText,
  asideText,
  movedOnText,
  notCastSentence,
  overText,
  pathSureness,
  planWay,
  reelInText,
  shareSentence,
  styleTitle,
  wishSentence,
} from '../../wording/retrieve';
import { exclusionSentence } from '../../wording/reasons';
import { assumedTackleText, ofKindText } from '../../wording/tackle';
import { say } from '../../wording/units';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { SHARED } from '../../wording/pages/shared';
import { useActions, useConditions, usePlan, useRanking, useBookWithoutLog } from '../day/contexts';
import { isOfKind } from '../day/usual';
import { useKeptPlan } from '../day/keptPlan';
import { useCadenceName } from '../day/useCadenceName';
import { Card, Note, Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { AskedPart } from '../strikes/AskedPart';
import { useTheme } from '../theme/theme';
import { BeatPart } from './BeatPart';
import { Behind, Down } from './below/parts';
import { AimPart } from './AimPart';
import { BuysPart, YoursPart } from './BuysPart';
import { ComparePart } from './ComparePart';
import { HandsPart } from './HandsPart';
import { HookSetPart } from './HookSetPart';
import { PlanProgress } from './PlanProgress';
import { TacklePart } from './TacklePart';

export function RetrieveScreen() {
  const { day, reading } = useConditions();
  const { request, lure, plan, planBusy, planError, tackle, suggested, water } = usePlan();
  const { ranking } = useRanking();
  const actions = useActions();
  const book = useBookWithoutLog();
  const { units } = useTheme();
  const router = useRouter();
  const kept = useKeptPlan();
  const cadenceName = useCadenceName(day?.trip.settings);
  if (!day || !lure || !tackle) {
    const missing = !day ? SHARED.noDay : !lure ? RETRIEVE_PAGE.noLure : RETRIEVE_PAGE.chooseLure;
    return (
      <Screen title="Retrieve" sub={RETRIEVE_PAGE.question}>
        <Note>{missing}</Note>
        <Button
          kind="solid"
          title={!day ? 'To the water' : 'To the Kit'}
          onPress={() => router.navigate(!day ? '/' : '/kit')}
        />
      </Screen>
    );
  }
  const f = familyById(lure.family);
  const way = plan ? planWay(plan) : 'cast';
  const reelIn = plan && way === 'cast' ? reelInText(plan, units) : null;
  const weightKg = (lure.bare ? plan?.presentation.rig.weightKg : null) ?? thrownKg(lure);
  const fit = rodFit(tackle.rod, weightKg);
  const leftOut = ranking?.excluded.find((x) => x.key === lure.id) ?? null;
  return (
    <Screen
      title={lure.name}
      sub={RETRIEVE_PAGE.lureLine(lure.family, weightKg, tackle.line.name, units)}
      right={
        plan ? (
          <View style={{ alignItems: 'flex-end' }} role="status" aria-label={RETRIEVE_PAGE.inZone(plan)}>
            <Say kind="label" tone="soft">
              {RETRIEVE_PAGE.zoneWord(f.mode === 'surface', plan.effort === 'first')}
            </Say>
            <Say kind="title" tone="copper">
              {say.percent(plan.zoneShare.mean)}
            </Say>
          </View>
        ) : null
      }
    >
      {planError ? <Note>{RETRIEVE_PAGE.failed}</Note> : null}
      {!plan && !planError ? <Say role="status">{RETRIEVE_PAGE.waiting}</Say> : null}
      {isOfKind(lure) || tackle.assumed.length > 0 ? (
        <Card>
          {isOfKind(lure) ? (
            <Say>
              {ofKindText(
                FAMILY_NAME[lure.family],
                book.box.some((l) => l.family === lure.family),
              )}
            </Say>
          ) : null}
          {tackle.assumed.length > 0 ? <Say>{assumedTackleText(tackle.assumed)}</Say> : null}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {isOfKind(lure) ? (
              <Button title="Add the lure" onPress={() => router.navigate('/kit/lure/new' as never)} />
            ) : null}
            {tackle.assumed.map((piece) => (
              <Button
                key={piece}
                title={`Add a ${piece}`}
                onPress={() => router.navigate(`/kit/${piece}/new` as never)}
              />
            ))}
          </View>
        </Card>
      ) : null}
      {leftOut ? <Note>{RETRIEVE_PAGE.leftInBox(exclusionSentence(leftOut, units))}</Note> : null}
      {fit !== 'fits' ? <Note>{RETRIEVE_PAGE.rodRated(weightKg, fit === 'too-heavy', tackle.rod, units)}</Note> : null}
      {water.movedTo && request ? (
        <Card tone="wash">
          <Say role="status">{movedOnText(request.conditions, water.movedTo, units)}</Say>
          <Button title="Plan anew" onPress={water.planAnew} />
        </Card>
      ) : null}
      {plan ? (
        <>
          <View style={{ gap: 4 }}>
            <Say>
              {way !== 'cast'
                ? notCastSentence(plan, units)
                : f.mode === 'surface'
                  ? RETRIEVE_PAGE.onTopAllTheWay(
                      plan.hands.castM,
                      Math.max(0, day.conditions.water.fishDepthM ?? 0),
                      units,
                    )
                  : shareSentence(plan, units)}
            </Say>
            {f.mode !== 'surface' && plan.bottomS > 3 ? (
              <Say kind="label" tone="soft">
                {RETRIEVE_PAGE.touching(plan.bottomS)}
              </Say>
            ) : null}
            <Sureness
              plan={plan}
              lureId={lure.bare || isOfKind(lure) ? null : lure.id}
              measured={measurementsOf(book, lure.id).length > 0}
            />
            {way === 'cast' && day.trip.aimM !== null ? <Say>{aimText(plan, day.trip.aimM, units)}</Say> : null}
            {plan.over ? <Say>{overText(plan.over, units)}</Say> : null}
            {reelIn ? <Say>{reelIn}</Say> : null}
            {planBusy ? <PlanProgress /> : null}
          </View>
          {way === 'cast' ? <AskedPart /> : null}
          <YoursPart set={day.trip.settings} />
          {way === 'behind' ? null : <BeatPart plan={plan} />}
          {way === 'cast' ? <HandsPart plan={plan} /> : null}
          {way === 'down' ? (
            <Down
              key={lure.id}
              request={request!}
              fishDepthM={plan.depthM}
              onIce={reading?.access === 'ice'}
              marks={reading?.marks ?? []}
            />
          ) : null}
          {way === 'behind' ? <Behind key={lure.id} request={request!} /> : null}
          {way === 'cast' ? (
            <>
              <Part title="Why like this">
                <Say>{wishSentence(plan, plan.hands.style, units)}</Say>
              </Part>
              <BuysPart plan={plan} busy={planBusy} />
              <AimPart plan={plan} busy={planBusy} />
              <Part title="The cadence">
                <Say kind="label" tone="soft">
                  {plan.own
                    ? RETRIEVE_PAGE.ownCadence(cadenceName)
                    : `${capital(styleTitle(plan.hands.style))}: ${STYLE_WHY[plan.hands.style]}.`}
                </Say>
                <Button
                  title={RETRIEVE_PAGE.stepByStep}
                  onPress={() => router.navigate('/retrieve/cadence' as never)}
                />
              </Part>
            </>
          ) : null}
          <HookSetPart lure={lure} tackle={tackle} plan={plan} />
          <Button title={RETRIEVE_PAGE.card} onPress={() => router.navigate('/retrieve/card' as never)} />
          {way === 'cast' ? (
            <Disclosure title={RETRIEVE_PAGE.more} startOpen={kept !== null}>
              <View style={{ gap: 18 }}>
                <ComparePart plan={plan} />
                <Part title={RETRIEVE_PAGE.nothingCast}>
                  <Button
                    title={RETRIEVE_PAGE.belowOrBehind}
                    onPress={() => router.navigate('/retrieve/below' as never)}
                  />
                </Part>
              </View>
            </Disclosure>
          ) : null}
        </>
      ) : null}
      {/* In one place, with a plan or without: what was opened in it stays open when the plan comes. */}
      <TacklePart />
      {suggested ? (
        <Part title={RETRIEVE_PAGE.another}>
          <Say>{RETRIEVE_PAGE.ranksFirst(suggested.name)}</Say>
          <Button title={RETRIEVE_PAGE.changeTo(suggested.name)} onPress={() => actions.chooseLure(null)} />
        </Part>
      ) : null}
    </Screen>
  );
}

/** How sure the path is, and the way to make it surer; no lure: a body that is rigged anew each time. */
function Sureness({ plan, lureId, measured }: { plan: Plan; lureId: string | null; measured: boolean }) {
  const { units } = useTheme();
  const router = useRouter();
  const sure = pathSureness(plan, measured, units);
  const aside = asideText(plan, units);
  return (
    <>
      {aside ? (
        <Say kind="label" tone="soft">
          {aside}
        </Say>
      ) : null}
      {sure ? (
        <View style={{ alignItems: 'flex-start' }}>
          <Say kind="label" tone="soft">
            {sure}
          </Say>
          {measured || lureId === null ? null : (
            <Button
              kind="plain"
              title={RETRIEVE_PAGE.measure}
              onPress={() => router.navigate(`/kit/lure/${lureId}` as never)}
            />
          )}
        </View>
      ) : null}
    </>
  );
}
