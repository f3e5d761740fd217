/** Two plans side by side: one put aside, one in hand. Both paths are in the section. */
import { View } from 'react-native';
import type { Plan } from '../../core/planning/plan/plan';
import { compareRows } from '../../wording/retrieve';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useActions } from '../day/contexts';
import { Part, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { keepPlan, useKeptPlan } from '../day/keptPlan';

export function ComparePart({ plan }: { plan: Plan }) {
  const kept = useKeptPlan();
  const actions = useActions();
  const { p, units } = useTheme();
  if (!kept)
    return (
      <Part title="Compare two plans">
        <Say kind="label" tone="soft">
          {RETRIEVE_PAGE.compare}
        </Say>
        <Button title={RETRIEVE_PAGE.putAside} onPress={() => keepPlan(plan)} />
      </Part>
    );
  const h = kept.hands;
  const same = kept.presentation.lureId === plan.presentation.lureId;
  return (
    <Part title="Compare two plans">
      <View role="table" aria-label={RETRIEVE_PAGE.asideAndInHand} style={{ gap: 2 }}>
        <Cells role="columnheader" cells={['', 'put aside', 'in hand']} />
        {compareRows(kept, plan, units).map(([name, a, b]) => (
          <View key={name} style={{ borderTopWidth: p.stroke, borderTopColor: p.rule }}>
            <Cells role="cell" cells={[name, a, b]} />
          </View>
        ))}
      </View>
      {same ? (
        <Button
          title={RETRIEVE_PAGE.fishAside}
          onPress={() => {
            const { cadence } = kept.presentation;
            actions.setSettings(null);
            actions.setSettings({
              castM: h.castM,
              countdownS: h.countdownS,
              turnsPerS: h.turnsPerS,
              tip: h.tip.position,
              pauseS: h.pauseS,
              style: h.style,
              ...(kept.own ? { cadence } : {}),
            });
          }}
        />
      ) : null}
      <Row gap={8} style={{ flexWrap: 'wrap' }}>
        <Button kind="plain" title={RETRIEVE_PAGE.asideInstead} onPress={() => keepPlan(plan)} />
        <Button kind="plain" title="Stop comparing" onPress={() => keepPlan(null)} />
      </Row>
    </Part>
  );
}

function Cells({ cells, role }: { cells: readonly string[]; role: 'columnheader' | 'cell' }) {
  return (
    <View role="row" style={{ flexDirection: 'row', gap: 8, paddingVertical: 6 }}>
      {cells.map((c, i) => (
        <View key={i} role={i === 0 ? 'rowheader' : role} style={{ flex: i === 0 ? 1.3 : 1, minWidth: 0 }}>
          <Say
            kind={i === 0 || role === 'columnheader' ? 'label' : 'strong'}
            tone={i === 0 || role === 'columnheader' ? 'soft' : 'ink'}
          >
            {c}
          </Say>
        </View>
      ))}
    </View>
  );
}
