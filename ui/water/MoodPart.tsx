/** The mood as five bars with its reasons, or the agitation of a guarding fish as four; and the signs to tap. */
import { useWindowDimensions, View } from 'react-native';
import { FULL_ENOUGH } from '../../core/mood/full';
import { AGITATIONS } from '../../core/mood/guarding';
import { likeliestMood } from '../../core/mood/states';
import { AGITATION_NAME, MOOD_NAME, capital } from '../../wording/names';
import { fullText, GUARDING_CARE, guardingText, moodHeadline, moodSentences } from '../../wording/mood';
import { say } from '../../wording/units';
import { WATER_PAGE } from '../../wording/pages/water';
import { useConditions, useMood } from '../day/contexts';
import { Part, Row } from '../parts/Box';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { Signs } from './Signs';
import { MOODS } from '../../core/water/moods';

const BAR_PX = 46;

export function MoodPart() {
  const { reading } = useConditions();
  const mood = useMood();
  const { p, units, scale } = useTheme();
  // Five words side by side need room; without it they stand below each other.
  const { width } = useWindowDimensions();
  const stacked = scale > 1.1 || width < 370;
  if (!mood || !reading) return null;
  const top = likeliestMood(mood.distribution);
  return (
    <Part title={WATER_PAGE.mood}>
      {mood.guarding ? (
        <>
          <Say kind="strong">{guardingText(mood.guarding)}</Say>
          <Agitation shares={mood.guarding.distribution} />
          <Say kind="label" tone="soft">
            {GUARDING_CARE}
          </Say>
        </>
      ) : (
        <Say>{moodHeadline(mood, reading)}</Say>
      )}
      {mood.full >= FULL_ENOUGH ? <Say>{fullText(mood.full)}</Say> : null}
      {mood.guarding ? null : (
        <View
          role="img"
          aria-label={WATER_PAGE.chances(mood)}
          style={{ flexDirection: stacked ? 'column' : 'row', gap: 5, alignItems: stacked ? 'stretch' : 'flex-end' }}
        >
          {MOODS.map((m, i) => {
            const share = mood.distribution[i]!;
            const on = m === top;
            const look = {
              backgroundColor: on ? p.moss : p.mossWash,
              borderWidth: 1.5 * p.stroke,
              borderColor: p.moss,
              borderRadius: 4,
            };
            if (stacked)
              return (
                <View key={m} style={{ gap: 2 }}>
                  <Say kind={on ? 'labelStrong' : 'label'}>{`${MOOD_NAME[m]} ${say.percent(share)}`}</Say>
                  <View style={{ ...look, height: 12, width: `${Math.max(2, share * 100)}%` }} />
                </View>
              );
            return (
              <View key={m} style={{ flex: 1, alignItems: 'stretch', gap: 3 }}>
                <View
                  style={{ ...look, height: Math.max(4, (BAR_PX * share) / Math.max(0.35, ...mood.distribution)) }}
                />
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
      )}
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

/** How worked up the guarding fish is, as four bars. */
function Agitation({ shares }: { shares: readonly number[] }) {
  const { p } = useTheme();
  const top = shares.indexOf(Math.max(...shares));
  return (
    <View role="img" aria-label={WATER_PAGE.agitation(shares)} style={{ gap: 4 }}>
      {AGITATIONS.map((a, i) => (
        <Row key={a} gap={8}>
          <Say kind={i === top ? 'labelStrong' : 'label'} style={{ width: 96 }}>
            {capital(AGITATION_NAME[a])}
          </Say>
          <View style={{ flex: 1 }}>
            <View
              style={{
                height: 14,
                borderRadius: 4,
                width: `${Math.max(2, 100 * shares[i]!)}%`,
                backgroundColor: i === top ? p.copper : p.copperWash,
                borderWidth: 1.5 * p.stroke,
                borderColor: p.copper,
              }}
            />
          </View>
        </Row>
      ))}
    </View>
  );
}
