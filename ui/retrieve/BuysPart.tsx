/** What one change alone would buy, as bars to touch. */
import { View } from 'react-native';
import type { Change, Plan } from '../../core/retrieve/plan/plan';
import { changeTitle, gainText } from '../../wording/retrieve';
import { useDay } from '../day/DayProvider';
import { Part, Row } from '../parts/Box';
import { Disclosure } from '../parts/Disclosure';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

/** Gains below this are within what the model can tell. */
const TELLS = 0.02;

export function BuysPart({ plan, busy }: { plan: Plan; busy: boolean }) {
  const helps = plan.buys.filter((b) => b.gain > TELLS);
  const hurts = plan.buys.filter((b) => b.gain < -TELLS).reverse();
  if (plan.buys.length === 0)
    return busy ? (
      <Say kind="label" tone="soft">
        Working out what one change would buy…
      </Say>
    ) : null;
  const widest = Math.max(0.05, ...plan.buys.map((b) => Math.abs(b.gain)));
  return (
    <Part title="What one change would buy">
      {helps.length === 0 ? <Say>Nothing you could change on its own would hold it among the fish longer.</Say> : null}
      {helps.map((b) => (
        <ChangeBar key={changeKey(b)} b={b} widest={widest} />
      ))}
      {hurts.length > 0 ? (
        <Disclosure title="And what would cost most">
          {hurts.slice(0, 4).map((b) => (
            <ChangeBar key={changeKey(b)} b={b} widest={widest} />
          ))}
        </Disclosure>
      ) : null}
    </Part>
  );
}

const changeKey = (b: Change): string => `${b.kind}-${JSON.stringify(b.facts)}`;

function ChangeBar({ b, widest }: { b: Change; widest: number }) {
  const { actions } = useDay();
  const { p, units } = useTheme();
  const settable = b.kind !== 'line';
  const body = (
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
      <Row style={{ justifyContent: 'space-between', paddingHorizontal: 14, paddingVertical: 10 }}>
        <Say style={{ flexShrink: 1 }}>{changeTitle(b, units)}</Say>
        <Say kind="strong" tone={b.gain > 0 ? 'copper' : 'ink'}>
          {gainText(b.gain)}
        </Say>
      </Row>
    </View>
  );
  if (!settable)
    return (
      <View accessible aria-label={`${changeTitle(b, units)}: ${gainText(b.gain)}. Change the line under Tackle`}>
        {body}
      </View>
    );
  return (
    <Press label={`${changeTitle(b, units)}: ${gainText(b.gain)}. Do it`} onPress={() => actions.setSettings(b.settings)}>
      {body}
    </Press>
  );
}
