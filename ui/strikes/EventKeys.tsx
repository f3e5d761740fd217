/** One touch for what happened, at most one more for when. Big keys, each with its own mark. */
import { View } from 'react-native';
import { Svg } from '../platform/shapes';
import { PHASES } from '../../core/planning/cadence/cadence';
import { EVENT_NAME, PHASE_NAME, capital } from '../../wording/names';
import { useLog, useActions, useBook } from '../day/contexts';
import { Row } from '../parts/Box';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { EventMark } from '../section/Marks';
import { useTheme } from '../theme/theme';
import type { EventKind } from '../../core/records/event';

const KEYS: readonly { kind: EventKind; more: string; look: 'copper' | 'mossLine' | 'edgeLine' | 'plain' }[] = [
  { kind: 'landed', more: 'in the hand', look: 'copper' },
  { kind: 'lost', more: 'hooked, came off', look: 'mossLine' },
  { kind: 'missed', more: 'struck, no hook', look: 'mossLine' },
  { kind: 'bump', more: 'a knock', look: 'mossLine' },
  { kind: 'follow', more: 'came, turned', look: 'edgeLine' },
  { kind: 'snag', more: 'hung up', look: 'plain' },
  { kind: 'lure-lost', more: 'broke off', look: 'plain' },
];

/** What may come up behind the lure without taking it. */
const FROM_BEHIND: readonly EventKind[] = ['missed', 'bump', 'follow'];

function WhenKey({ label, name, onPress }: { label: string; name: string; onPress: () => void }) {
  const { p, scale } = useTheme();
  return (
    <Press
      label={label}
      onPress={onPress}
      style={{
        flexGrow: 1,
        flexBasis: 90 * scale,
        minHeight: 56,
        alignItems: 'center',
        borderRadius: 12,
        borderWidth: 1.5 * p.stroke,
        borderColor: p.moss,
        backgroundColor: p.card,
        paddingHorizontal: 8,
      }}
    >
      <Say kind="strong" style={{ textAlign: 'center' }}>
        {name}
      </Say>
    </Press>
  );
}

export function EventKeys() {
  const actions = useActions();
  const book = useBook();
  const { p, scale } = useTheme();
  // Asked as long as the last touch can be undone, and never about what no fish did.
  const { last: touch } = useLog();
  const last = touch && touch.what !== 'snag' && touch.what !== 'lure-lost' ? book.event[touch.id] : null;
  const looks = {
    copper: { backgroundColor: p.copper, borderColor: p.copper },
    mossLine: { backgroundColor: p.card, borderColor: p.moss },
    edgeLine: { backgroundColor: p.card, borderColor: p.edge },
    plain: { backgroundColor: p.ground, borderColor: p.rule },
  };
  return (
    <View style={{ gap: 10 }}>
      {last && last.phase === null && last.side === null ? (
        <View
          style={{
            backgroundColor: p.mossWash,
            borderRadius: 14,
            borderWidth: 2 * p.stroke,
            borderColor: p.moss,
            padding: 10,
            gap: 8,
          }}
        >
          <Say kind="strong">{`${EVENT_NAME[last.kind]}. When?`}</Say>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {PHASES.map((ph) => (
              <WhenKey
                key={ph}
                label={`On the ${PHASE_NAME[ph]}`.replace('On the at', 'At')}
                name={capital(PHASE_NAME[ph])}
                onPress={() => actions.tellEvent(last.id, { phase: ph })}
              />
            ))}
            {FROM_BEHIND.includes(last.kind) ? (
              <WhenKey
                label="From behind it"
                name="Behind it"
                onPress={() => actions.tellEvent(last.id, { side: 'behind' })}
              />
            ) : null}
          </View>
        </View>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        {KEYS.map(({ kind, more, look }, i) => (
          <Press
            key={kind}
            label={`${EVENT_NAME[kind]}: ${more}`}
            onPress={() => actions.logEvent(kind)}
            style={[
              {
                flexGrow: 1,
                flexBasis: (i === 0 ? 260 : 132) * Math.min(scale, 1.9),
                minHeight: i === 0 ? 72 : 66,
                maxWidth: '100%',
                borderRadius: 16,
                borderWidth: 2 * p.stroke,
                alignItems: 'center',
                paddingHorizontal: 10,
                paddingVertical: 6,
              },
              looks[look],
            ]}
          >
            <Row gap={10}>
              <MarkIcon kind={kind} />
              <View style={{ flexShrink: 1 }}>
                <Say kind="heading" tone={look === 'copper' ? 'onCopper' : 'ink'}>
                  {EVENT_NAME[kind]}
                </Say>
                <Say kind="small" tone={look === 'copper' ? 'onCopper' : 'soft'}>
                  {more}
                </Say>
              </View>
            </Row>
          </Press>
        ))}
      </View>
    </View>
  );
}

export function MarkIcon({ kind, size = 34 }: { kind: EventKind; size?: number }) {
  const { p } = useTheme();
  return (
    <Svg width={size} height={size} viewBox="0 0 34 34" aria-hidden>
      <EventMark kind={kind} x={17} y={17} p={p} size={9} />
    </Svg>
  );
}
