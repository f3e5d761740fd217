/** What the fish showed, touched as it is seen; each moves the mood, and fades. */
import { View } from 'react-native';
import { SIGN_NAME } from '../../wording/names';
import { WATER_PAGE } from '../../wording/pages/water';
import { useActions, useConditions, useMood } from '../day/contexts';
import { Row } from '../parts/Box';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import type { SignKind } from '../../core/water/terms';

const WHILE_GUARDING: readonly SignKind[] = [
  'nudge',
  'flare',
  'quick-turns',
  'short-strike',
  'hit-at-once',
  'empty-cast',
];
const OFFERED: readonly SignKind[] = [
  'follow',
  'short-strike',
  'chase-miss',
  'hit-at-once',
  'marks-ignore-lure',
  'marks-rise',
];
export function Signs() {
  const { day } = useConditions();
  const mood = useMood();
  const actions = useActions();
  const { p } = useTheme();
  const next = mood?.nextSign?.kind;
  const usual = mood?.guarding ? WHILE_GUARDING : OFFERED;
  const offered = next && !usual.includes(next) ? [...usual.slice(0, 5), next] : usual;
  const counts = new Map<SignKind, number>();
  for (const s of day?.trip.signs ?? []) counts.set(s.kind, (counts.get(s.kind) ?? 0) + s.count);
  return (
    <View style={{ gap: 8 }}>
      <Say kind="label" tone="soft">
        {WATER_PAGE.seen(next)}
      </Say>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {offered.map((kind) => {
          const n = counts.get(kind) ?? 0;
          const on = n > 0;
          return (
            <Row
              key={kind}
              gap={0}
              style={{
                borderRadius: 24,
                borderWidth: (on ? 2 : 1.5) * p.stroke,
                borderColor: on ? p.moss : p.rule,
                backgroundColor: on ? p.mossWash : p.card,
              }}
            >
              <Press
                label={WATER_PAGE.addSign(kind, n)}
                onPress={() => actions.addSign(kind)}
                style={{ paddingHorizontal: 14 }}
              >
                <Say kind={on ? 'strong' : 'body'}>{on ? `${SIGN_NAME[kind]} ×${n}` : SIGN_NAME[kind]}</Say>
              </Press>
              {on ? (
                <Press
                  label={WATER_PAGE.takeSignBack(kind)}
                  onPress={() => actions.takeSign(kind)}
                  style={{ alignItems: 'center', borderLeftWidth: p.stroke, borderLeftColor: p.rule }}
                >
                  <Glyph name="minus" size={18} />
                </Press>
              ) : null}
            </Row>
          );
        })}
      </View>
    </View>
  );
}
