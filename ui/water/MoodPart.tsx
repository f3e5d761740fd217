/** The mood as five bars with its reasons, and the signs to tap. */
import { useWindowDimensions, View } from 'react-native';
import { MOODS, likeliestMood } from '../../core/mood/states';
import type { SignKind } from '../../core/water/conditions';
import { MOOD_NAME, SIGN_NAME, capital } from '../../wording/names';
import { moodHeadline, moodSentences } from '../../wording/mood';
import { say } from '../../wording/units';
import { useDay } from '../day/DayProvider';
import { Part, Row } from '../parts/Box';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

const OFFERED: readonly SignKind[] = ['follow', 'short-strike', 'chase-miss', 'hit-at-once', 'marks-ignore-lure', 'marks-rise'];
const BAR_PX = 46;

export function MoodPart() {
  const { mood, reading } = useDay();
  const { p, units, scale } = useTheme();
  // Five words side by side need room; without it they stand below each other.
  const { width } = useWindowDimensions();
  const stacked = scale > 1.1 || width < 370;
  if (!mood || !reading) return null;
  const top = likeliestMood(mood.distribution);
  return (
    <Part title="The mood of the fish">
      <Say>{moodHeadline(mood, reading)}</Say>
      <View
        role="img"
        aria-label={`Chances: ${MOODS.map((m, i) => `${MOOD_NAME[m]} ${say.percent(mood.distribution[i]!)}`).join(', ')}`}
        style={{ flexDirection: stacked ? 'column' : 'row', gap: 5, alignItems: stacked ? 'stretch' : 'flex-end' }}
      >
        {MOODS.map((m, i) => {
          const share = mood.distribution[i]!;
          const on = m === top;
          const look = { backgroundColor: on ? p.moss : p.mossWash, borderWidth: 1.5 * p.stroke, borderColor: p.moss, borderRadius: 4 };
          if (stacked)
            return (
              <View key={m} style={{ gap: 2 }}>
                <Say kind={on ? 'labelStrong' : 'label'}>{`${MOOD_NAME[m]} ${say.percent(share)}`}</Say>
                <View style={{ ...look, height: 12, width: `${Math.max(2, share * 100)}%` }} />
              </View>
            );
          return (
            <View key={m} style={{ flex: 1, alignItems: 'stretch', gap: 3 }}>
              <View style={{ ...look, height: Math.max(4, (BAR_PX * share) / Math.max(0.35, ...mood.distribution)) }} />
              <Say
                kind={on ? 'labelStrong' : 'small'}
                tone={on ? 'ink' : 'soft'}
                numberOfLines={1}
                style={{ textAlign: 'center', fontSize: 13 * Math.min(scale, 1.05) }}
              >
                {MOOD_NAME[m]}
              </Say>
            </View>
          );
        })}
      </View>
      <Disclosure title="Why this mood?">
        {moodSentences(mood, reading, units)
          .slice(1)
          .map((t) => (
            <Say key={t}>{t}</Say>
          ))}
      </Disclosure>
      <Signs />
    </Part>
  );
}

function Signs() {
  const { mood, day, actions } = useDay();
  const { p } = useTheme();
  const next = mood?.nextSign?.kind;
  const offered = next && !OFFERED.includes(next) ? [...OFFERED.slice(0, 5), next] : OFFERED;
  const counts = new Map(day?.trip.signs.map((s) => [s.kind, s.count]));
  return (
    <View style={{ gap: 8 }}>
      <Say kind="label" tone="soft">{`Seen something? Touch it.${next ? ` “${capital(SIGN_NAME[next])}” would tell most now.` : ''}`}</Say>
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
                label={`${SIGN_NAME[kind]}${on ? `, seen ${n}` : ''}: add one`}
                onPress={() => actions.addSign(kind)}
                style={{ paddingHorizontal: 14 }}
              >
                <Say kind={on ? 'strong' : 'body'}>{on ? `${SIGN_NAME[kind]} ×${n}` : SIGN_NAME[kind]}</Say>
              </Press>
              {on ? (
                <Press
                  label={`${SIGN_NAME[kind]}: take one back`}
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
