/** What the hands do, as tiles: cast, count, handle, rod tip, hang, cadence. Each can be set by hand. */
import { useState } from 'react';
import { View } from 'react-native';
import type { Plan } from '../../core/planning/plan/plan';
import { withoutSetting, type PlanSettings } from '../../core/planning/task/request';
import { capital, TIP_NAME } from '../../wording/names';
import { firstName, floatText, handleTurnsPerS, styleTitle, turnsText } from '../../wording/retrieve';
import { say } from '../../wording/units';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useActions, useConditions } from '../day/contexts';
import { useCadenceName } from '../day/useCadenceName';
import { useSectionInSight } from '../shell/inSight';
import { Adjuster } from '../parts/Adjuster';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { Tile } from '../parts/Tile';
import { stepBy, STEPPERS, type Stepper, typedBy } from '../theme/stepping';
import type { Palette } from '../theme/palette';
import { useTheme } from '../theme/theme';
import { CADENCE_STYLES } from '../../core/lures/styles';
import { TIP_POSITIONS } from '../../core/tackle/stand';

type Key = keyof PlanSettings;
type NumberKey = 'castM' | 'countdownS' | 'turnsPerS' | 'pauseS';

export function HandsPart({ plan }: { plan: Plan }) {
  const { day } = useConditions();
  const actions = useActions();
  const { units, p } = useTheme();
  const [open, setOpen] = useState<Key | null>(null);
  const opened = useSectionInSight(open);
  const h = plan.hands;
  const named = useCadenceName(day?.trip.settings);
  const set = day?.trip.settings ?? {};
  const drop = (key: Key) => () => {
    actions.changeTrip((t) => ({ ...t, settings: withoutSetting(t.settings, key) }));
  };
  // From what is set this instant, so that quick taps add up while the plan is still being worked out.
  const step = (key: NumberKey, planned: number, stepper: Stepper, way: 1 | -1): void =>
    actions.changeTrip((t) => ({
      ...t,
      settings: { ...t.settings, [key]: stepBy(stepper, t.settings[key] ?? planned, way) },
    }));
  const number = (
    key: NumberKey,
    label: string,
    hint: string,
    text: (v: number) => string,
    planned: number,
    stepper: Stepper,
  ) => (
    <Adjuster
      label={label}
      hint={hint}
      text={text(set[key] ?? planned)}
      onLess={() => step(key, planned, stepper, -1)}
      onMore={() => step(key, planned, stepper, 1)}
      typed={{
        ...typedBy(stepper, text),
        onNumber: (v) => actions.changeTrip((t) => ({ ...t, settings: { ...t.settings, [key]: v } })),
      }}
      onClear={set[key] === undefined ? undefined : drop(key)}
      clearTitle={RETRIEVE_PAGE.letPlanChoose}
    />
  );
  const tile = (key: Key, name: string, value: string) => (
    <Tile
      name={set[key] === undefined ? name : `${name}, yours`}
      value={value}
      open={open === key}
      onPress={() => setOpen(open === key ? null : key)}
      flexBasis={100}
    />
  );
  return (
    <Part title="Your hands">
      <View ref={opened} style={{ gap: 8 }}>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {tile(
            'turnsPerS',
            'handle',
            `${turnsText(set.turnsPerS ?? handleTurnsPerS(plan.presentation.cadence))} turn/s`,
          )}
          {tile('countdownS', firstName(plan), say.seconds(set.countdownS ?? h.countdownS))}
          {tile('tip', 'rod tip', TIP_NAME[set.tip ?? h.tip.position])}
          {tile('castM', 'cast', say.distance(set.castM ?? h.castM, units))}
          {tile('pauseS', 'hang', say.seconds(set.pauseS ?? h.pauseS))}
          {tile('style', 'cadence', named ?? styleTitle(set.style ?? h.style).toLowerCase())}
          {plan.canFloat ? tile('float', 'float', floatText(plan, units)) : null}
        </View>
        {open === 'turnsPerS'
          ? number(
              'turnsPerS',
              'Handle',
              RETRIEVE_PAGE.turns(plan.handleSpeedMps, units),
              turnsText,
              h.turnsPerS,
              STEPPERS.plain(0.05, 0.2, 3),
            )
          : null}
        {open === 'countdownS'
          ? number(
              'countdownS',
              capital(firstName(plan)),
              RETRIEVE_PAGE.countNote,
              say.seconds,
              h.countdownS,
              STEPPERS.seconds(),
            )
          : null}
        {open === 'castM'
          ? number(
              'castM',
              'Cast',
              RETRIEVE_PAGE.castNote(plan.overshootM, units),
              (v) => say.distance(v, units),
              h.castM,
              STEPPERS.distance(units),
            )
          : null}
        {open === 'pauseS'
          ? number('pauseS', 'Hang', RETRIEVE_PAGE.hangNote, say.seconds, h.pauseS, STEPPERS.seconds())
          : null}
        {open === 'tip' ? (
          <Panel hint={RETRIEVE_PAGE.tip(h.tip, units)} p={p}>
            <Choices
              label="Rod tip"
              options={TIP_POSITIONS.map((t) => ({ value: t, title: capital(TIP_NAME[t]) }))}
              value={h.tip.position}
              onChange={(t) => actions.setSettings({ tip: t as (typeof TIP_POSITIONS)[number] })}
            />
            {set.tip ? (
              <Button
                kind="plain"
                title={RETRIEVE_PAGE.letPlanChoose}
                onPress={drop('tip')}
                style={{ alignSelf: 'flex-start' }}
              />
            ) : null}
          </Panel>
        ) : null}
        {open === 'float' && plan.canFloat ? (
          <Panel hint={RETRIEVE_PAGE.floatNote} p={p}>
            <Choices
              label="Float"
              options={[
                { value: 'none', title: 'None' },
                { value: 'float', title: 'Under a float' },
              ]}
              value={plan.belowFloatM === null ? 'none' : 'float'}
              onChange={(v) => (v === 'float' ? actions.setSettings({ float: true }) : drop('float')())}
            />
          </Panel>
        ) : null}
        {open === 'style' ? (
          <Panel hint={RETRIEVE_PAGE.howWorked} p={p}>
            <Choices
              label="Cadence"
              options={CADENCE_STYLES.map((s) => ({ value: s, title: styleTitle(s) }))}
              value={h.style}
              onChange={(s) => actions.setSettings({ style: s as (typeof CADENCE_STYLES)[number] })}
            />
            {set.style ? (
              <Button
                kind="plain"
                title={RETRIEVE_PAGE.letPlanChoose}
                onPress={drop('style')}
                style={{ alignSelf: 'flex-start' }}
              />
            ) : null}
          </Panel>
        ) : null}
      </View>
    </Part>
  );
}

function Panel({ hint, p, children }: { hint: string; p: Palette; children: React.ReactNode }) {
  return (
    <View
      style={{
        backgroundColor: p.card,
        borderColor: p.moss,
        borderWidth: 2 * p.stroke,
        borderRadius: 14,
        padding: 12,
        gap: 10,
      }}
    >
      <Say kind="label" tone="soft">
        {hint}
      </Say>
      {children}
    </View>
  );
}
