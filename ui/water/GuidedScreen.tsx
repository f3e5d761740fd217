/**
 * A reading for those who have no gauge and no words for it yet: one question at a time, one touch an answer, then the
 * mood with its reasons.
 */
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { useActions, useConditions } from '../day/contexts';
import { Note, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import { Derived } from './Derived';
import { questions, type Answer } from './guided';
import { MoodPart } from './MoodPart';
import { GUIDED_PAGE } from '../../wording/pages/guided';
import { SHARED } from '../../wording/pages/shared';

export function GuidedScreen() {
  const { day, reading } = useConditions();
  const actions = useActions();
  const { p } = useTheme();
  const router = useRouter();
  const [at, setAt] = useState(0);
  const [given, setGiven] = useState<Record<string, string>>({});
  const head = useRef<View>(null);
  useEffect(() => {
    // The next question is read out, and the keyboard is at its first answer.
    if (at > 0) (head.current as unknown as HTMLElement | null)?.focus();
  }, [at]);
  if (!day || !reading)
    return (
      <Screen title="Read the water" section={false}>
        <Note>{GUIDED_PAGE.noDay}</Note>
        <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
      </Screen>
    );
  const all = questions(reading.salinity);
  const q = all[at];
  const answer = (a: Answer): void => {
    if (a.set) actions.setReadings(a.set);
    // Asked again, a sign is not counted twice.
    if (a.sign && given[q!.id] !== a.id) actions.addSign(a.sign);
    setGiven((g) => ({ ...g, [q!.id]: a.id }));
    setAt(at + 1);
  };
  if (!q)
    return (
      <Screen title={GUIDED_PAGE.thatIsIt} sub={day.water.name}>
        <MoodPart />
        <Derived />
        <Button kind="copper" title={SHARED.tieOn} onPress={() => router.navigate('/lures')} />
        <Row wrap>
          <Button title="Ask me again" onPress={() => setAt(0)} />
          <Button title="All readings" onPress={() => router.navigate('/')} />
        </Row>
      </Screen>
    );
  return (
    <Screen title="Read the water" sub={GUIDED_PAGE.questionOf(at + 1, all.length)} section={false}>
      <View ref={head} {...({ tabIndex: -1, style: { outline: 'none' } } as object)}>
        <Say kind="heading" level={2}>
          {q.ask}
        </Say>
        <Say tone="soft">{q.help}</Say>
      </View>
      <View role="group" aria-label={q.ask} style={{ gap: 8 }}>
        {q.answers.map((a) => (
          <Press
            key={a.id}
            label={a.title}
            selected={given[q.id] === a.id}
            onPress={() => answer(a)}
            style={{
              minHeight: 56,
              borderRadius: 14,
              borderWidth: (given[q.id] === a.id ? 2.5 : 1.5) * p.stroke,
              borderColor: given[q.id] === a.id ? p.moss : p.edge,
              backgroundColor: given[q.id] === a.id ? p.mossWash : p.card,
              paddingHorizontal: 16,
            }}
          >
            <Say kind="strong" tone={a.set ? 'ink' : 'soft'}>
              {a.title}
            </Say>
          </Press>
        ))}
      </View>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        {at > 0 ? (
          <Button kind="plain" title="Back" onPress={() => setAt(at - 1)} />
        ) : (
          <Button kind="plain" title="Leave" onPress={() => router.navigate('/')} />
        )}
        <Button kind="plain" title={GUIDED_PAGE.enough} onPress={() => setAt(all.length)} />
      </Row>
    </Screen>
  );
}
