/**
 * Only so many rods can go: the set-ups that cover the hours best, what each is for, what stays open, and what a swap
 * would lose.
 */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { RodPlan, SetUp } from '../../../core/rods/plan';
import { capital, FAMILY_NAME } from '../../../wording/names';
import {
  fewerText,
  hopeSentence,
  lossText,
  missedSentence,
  openSentence,
  outfitText,
  ownSetSentence,
  pickUpSentence,
  searchSentence,
  weakLinesText,
} from '../../../wording/rods';
import { RODS_PAGE } from '../../../wording/pages/rods';
import { SHARED } from '../../../wording/pages/shared';
import { useConditions, useRanking, useBookWithoutLog } from '../../day/contexts';
import { Card, Note, Part, Row } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { Say } from '../../parts/Say';
import { Stale } from '../../parts/Stale';
import { Screen } from '../../shell/Screen';
import { useTheme } from '../../theme/theme';
import { LurePicture } from '../LurePicture';
import { useNames } from '../useNames';
import { changeRodChoice, useRodChoice } from './choice';
import { useRods } from './useRods';

const HOURS = [2, 4, 8];
const SHOWN_OPEN = 5;
const MAX_ASKED = 5;

export function RodsScreen() {
  const { day } = useConditions();
  const { box } = useBookWithoutLog();
  const router = useRouter();
  const choice = useRodChoice();
  const nameOf = useNames();
  const { units } = useTheme();
  const { rods, outfits, k, plan, best, busy, failed } = useRods();
  if (!day)
    return (
      <Screen title="Few rods" section={false}>
        <Note>{RODS_PAGE.noDayYet}</Note>
        <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
      </Screen>
    );
  const most = rods.length > 0 ? Math.min(rods.length, MAX_ASKED) : 3;
  const lost = choice.chosen && plan && best && best.perHour > 0 ? 1 - plan.perHour / best.perHour : 0;
  return (
    <Screen title="Few rods" sub={RODS_PAGE.takeAlong(day.water.name)} section={false}>
      <View style={{ gap: 8 }}>
        <Say kind="label" tone="soft">
          {RODS_PAGE.howMany}
        </Say>
        <Choices
          label={RODS_PAGE.howMany}
          options={Array.from({ length: most }, (_, i) => ({ value: i + 1, title: String(i + 1) }))}
          value={k}
          onChange={(v) => changeRodChoice({ k: v, chosen: null })}
        />
        <Say kind="label" tone="soft">
          For how long
        </Say>
        <Choices
          label="For how long"
          options={HOURS.map((h) => ({ value: h, title: `${h} hours` }))}
          value={choice.hours}
          onChange={(v) => changeRodChoice({ hours: v })}
        />
      </View>
      {rods.length === 0 ? <Note>{RODS_PAGE.noRod}</Note> : null}
      {box.length === 0 ? <Note>{RODS_PAGE.boxEmpty}</Note> : null}
      {failed ? <Note>{SHARED.failed}</Note> : null}
      {!plan && !failed ? <Say role="status">{RODS_PAGE.waiting}</Say> : null}
      {plan ? (
        <Stale busy={busy} gap={14}>
          <View role="status">
            <Say>{hopeSentence(plan, choice.hours)}</Say>
            {choice.chosen ? (
              <Say kind="strong">{ownSetSentence(lost)}</Say>
            ) : (
              <Say kind="label" tone="soft">
                {searchSentence(plan, k)}
              </Say>
            )}
            {choice.chosen ? (
              <Button kind="plain" title={RODS_PAGE.backToBest} onPress={() => changeRodChoice({ chosen: null })} />
            ) : null}
          </View>
          {plan.needLb !== null ? <Note>{weakLinesText(plan.needLb, units)}</Note> : null}
          {plan.setUps.length < k ? <Note>{fewerText(plan.setUps.length)}</Note> : null}
          {plan.setUps.map((s, i) => (
            <SetUpCard
              key={s.key}
              s={s}
              n={i}
              plan={plan}
              outfit={s.rod === null ? null : outfitText(rods[s.rod]!, outfits[s.rod]!)}
            />
          ))}
          <Part title="What stays open">
            {plan.uncovered.length === 0 ? <Say>{RODS_PAGE.nothingOpen}</Say> : null}
            {plan.uncovered.slice(0, SHOWN_OPEN).map((u) => (
              <Say key={u.scenario}>
                {capital(openSentence(plan.scenarios[u.scenario]!, u.share, u.better, nameOf))}
              </Say>
            ))}
            {plan.uncovered.length > SHOWN_OPEN ? (
              <Say kind="label" tone="soft">
                {RODS_PAGE.rarer(plan.uncovered.length - SHOWN_OPEN)}
              </Say>
            ) : null}
          </Part>
          <Button kind="solid" title="Packing list" onPress={() => router.navigate('/lures/packing' as never)} />
        </Stale>
      ) : null}
      <Button title={SHARED.backToLures} onPress={() => router.navigate('/lures')} />
    </Screen>
  );
}

function SetUpCard({ s, n, plan, outfit }: { s: SetUp; n: number; plan: RodPlan; outfit: string | null }) {
  const { ranking } = useRanking();
  const { p } = useTheme();
  const nameOf = useNames();
  const family = useFamily(s.key);
  const swap = (key: string): void =>
    changeRodChoice({ chosen: plan.setUps.map((x) => (x.key === s.key ? key : x.key)) });
  const now = ranking?.ranked.find((x) => x.key === s.key);
  return (
    <Card>
      <Say kind="label" tone="copper">
        {outfit ?? `Rod ${n + 1}`}
      </Say>
      <Row gap={12}>
        {family ? <LurePicture family={family} width={56} /> : null}
        <View style={{ flex: 1, minWidth: 0 }}>
          <Say kind="heading" level={2}>
            {capital(nameOf(s.key))}
          </Say>
          {family ? (
            <Say kind="label" tone="soft">
              {FAMILY_NAME[family]}
            </Say>
          ) : null}
        </View>
      </Row>
      <View
        style={{ height: 8, borderRadius: 4, backgroundColor: p.rule, overflow: 'hidden' }}
        aria-label={RODS_PAGE.bestOfSet(s.share)}
        role="img"
      >
        <View style={{ height: 8, width: `${Math.max(1, 100 * s.share)}%`, backgroundColor: p.moss }} />
      </View>
      <Say>
        {pickUpSentence(
          s.share,
          s.covers.map((j) => plan.scenarios[j]!),
          plan.scenarios,
        )}
      </Say>
      <Say kind="label" tone="soft">
        {missedSentence(s.missed)}
      </Say>
      {now ? null : (
        <Say kind="label" tone="soft">
          {RODS_PAGE.notForNow}
        </Say>
      )}
      {s.swaps.length > 0 ? (
        <Disclosure title={`Swap the ${nameOf(s.key)}`}>
          {s.swaps.map((x) => (
            <Button key={x.key} title={`${capital(nameOf(x.key))}: ${lossText(x.loss)}`} onPress={() => swap(x.key)} />
          ))}
        </Disclosure>
      ) : null}
    </Card>
  );
}

/** The family of an own lure, or of a family's key. */
function useFamily(key: string) {
  const { ranking } = useRanking();
  const book = useBookWithoutLog();
  return book.lure[key]?.family ?? ranking?.ranked.find((x) => x.key === key)?.family ?? null;
}
