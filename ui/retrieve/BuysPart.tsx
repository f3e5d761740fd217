/**
 * What one change alone would buy, as bars to touch; and what the angler has set, to be taken back with another touch.
 */
import { View } from 'react-native';
import type { PlanChange, Plan } from '../../core/planning/plan/plan';
import {
  changedByHand,
  changedTo,
  withoutSetting,
  WORTH_SAYING,
  type PlanSettings,
} from '../../core/planning/task/request';
import { changeTitle, gainRangeText, gainText, settingTitle, tellsRange } from '../../wording/retrieve';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useActions, useConditions } from '../day/contexts';
import { useCadenceName } from '../day/useCadenceName';
import { Part, Row } from '../parts/Box';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

const SHOWN = 4;

export function BuysPart({ plan, busy }: { plan: Plan; busy: boolean }) {
  const helps = plan.buys.filter((b) => b.low > 0);
  const tosses = plan.buys.filter((b) => b.gain > WORTH_SAYING && b.low <= 0);
  const hurts = plan.buys.filter((b) => b.gain < -WORTH_SAYING).reverse();
  if (plan.buys.length === 0)
    return busy ? (
      <Say kind="label" tone="soft">
        {RETRIEVE_PAGE.buysWaiting}
      </Say>
    ) : null;
  const widest = Math.max(0.05, ...plan.buys.map((b) => Math.abs(b.gain)));
  const bars = (list: readonly PlanChange[]) =>
    list.map((b) => <ChangeBar key={changeKey(b)} plan={plan} b={b} widest={widest} />);
  return (
    <Part title={RETRIEVE_PAGE.buys}>
      {helps.length === 0 ? (
        <Say>{RETRIEVE_PAGE.buysNothing}</Say>
      ) : (
        <Say kind="label" tone="soft">
          {RETRIEVE_PAGE.buysNote}
        </Say>
      )}
      {bars(helps.slice(0, SHOWN))}
      {helps.length > SHOWN ? <Disclosure title="Smaller gains">{bars(helps.slice(SHOWN))}</Disclosure> : null}
      {tosses.length > 0 ? (
        <Disclosure title={RETRIEVE_PAGE.coinToss}>{bars(tosses.slice(0, SHOWN))}</Disclosure>
      ) : null}
      {hurts.length > 0 ? <Disclosure title={RETRIEVE_PAGE.costsMost}>{bars(hurts.slice(0, SHOWN))}</Disclosure> : null}
      {plan.untried > 0 ? (
        <Say kind="label" tone="soft">
          {RETRIEVE_PAGE.untried(plan.untried)}
        </Say>
      ) : null}
    </Part>
  );
}

const changeKey = (b: PlanChange): string => `${b.kind}-${JSON.stringify(b.facts)}`;

function ChangeBar({ plan, b, widest }: { plan: Plan; b: PlanChange; widest: number }) {
  const actions = useActions();
  const set = useConditions().day?.trip.settings ?? {};
  const { p, units } = useTheme();
  return (
    <Press label={RETRIEVE_PAGE.doIt(b, units)} onPress={() => actions.setSettings(changedTo(plan, set, b.settings))}>
      <View
        style={{
          backgroundColor: p.card,
          borderColor: p.rule,
          borderWidth: p.stroke,
          borderRadius: 12,
          overflow: 'hidden',
          minHeight: 50,
          justifyContent: 'center',
        }}
      >
        <View
          style={{
            position: 'absolute',
            left: 0,
            top: 0,
            bottom: 0,
            width: `${(100 * Math.abs(b.gain)) / widest}%`,
            backgroundColor: b.gain > 0 ? p.copperWash : p.rule,
            opacity: 0.9,
          }}
        />
        <Row style={{ justifyContent: 'space-between', flexWrap: 'wrap', paddingHorizontal: 14, paddingVertical: 8 }}>
          <Say style={{ flexShrink: 1 }}>{changeTitle(b, units)}</Say>
          <View style={{ alignItems: 'flex-end', flexShrink: 1 }}>
            <Say kind="strong" tone={b.gain > 0 ? 'copper' : 'ink'}>
              {gainText(b.gain)}
            </Say>
            {tellsRange(b) ? (
              <Say kind="label" tone="soft">
                {gainRangeText(b).slice(gainText(b.gain).length + 2)}
              </Say>
            ) : null}
          </View>
        </Row>
      </View>
    </Press>
  );
}

/** What the angler has set, each to be taken back. */
export function YoursPart({ set }: { set: PlanSettings }) {
  const actions = useActions();
  const { p, units } = useTheme();
  const keys = changedByHand(set);
  const named = useCadenceName(set);
  if (keys.length === 0) return null;
  const drop = (key: keyof PlanSettings): void =>
    actions.changeTrip((t) => ({ ...t, settings: withoutSetting(t.settings, key) }));
  return (
    <Part title="Your changes">
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {keys.map((key) => (
          <Press
            key={key}
            label={RETRIEVE_PAGE.takeBack(settingTitle(key, set, units, named))}
            onPress={() => drop(key)}
            style={{
              borderRadius: 24,
              borderWidth: 2 * p.stroke,
              borderColor: p.moss,
              backgroundColor: p.mossWash,
              paddingHorizontal: 14,
              paddingVertical: 6,
            }}
          >
            <Row gap={8}>
              <Say kind="strong">{settingTitle(key, set, units, named)}</Say>
              <Glyph name="close" size={16} />
            </Row>
          </Press>
        ))}
        {keys.length > 1 ? (
          <Press
            label={RETRIEVE_PAGE.takeAllBack}
            onPress={() => actions.setSettings(null)}
            style={{ paddingHorizontal: 8 }}
          >
            <Say style={{ textDecorationLine: 'underline' }}>Take all back</Say>
          </Press>
        ) : null}
      </View>
    </Part>
  );
}
