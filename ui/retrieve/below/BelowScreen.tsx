/** Straight down, or towed behind: how to be at the fish's depth when nothing is cast. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useConditions, usePlan } from '../../day/contexts';
import { Note } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Screen } from '../../shell/Screen';
import { Behind, Down } from './parts';
import { BELOW_PAGE } from '../../../wording/pages/below';
import { SHARED } from '../../../wording/pages/shared';

type Way = 'down' | 'behind';
const DOWN_FIRST = ['ice', 'dock', 'kayak'];

export function BelowScreen() {
  const { request, lure } = usePlan();
  const { reading } = useConditions();
  const router = useRouter();
  const [way, setWay] = useState<Way | null>(null);
  if (!request || !lure || !reading)
    return (
      <Screen title="Below and behind" section={false}>
        <Note>{BELOW_PAGE.noDay}</Note>
        <Button kind="solid" title={SHARED.backToRetrieve} onPress={() => router.navigate('/retrieve')} />
      </Screen>
    );
  const shown = way ?? (DOWN_FIRST.includes(reading.access) || reading.marks.length === 0 ? 'down' : 'behind');
  return (
    <Screen title="Below and behind" sub={BELOW_PAGE.title(lure.name)} section={false}>
      <Choices
        label={BELOW_PAGE.howFished}
        options={[
          { value: 'down', title: 'Straight down' },
          { value: 'behind', title: 'Towed behind' },
        ]}
        value={shown}
        onChange={(v) => setWay(v as Way)}
      />
      {shown === 'down' ? (
        <Down
          request={request}
          fishDepthM={reading.fishDepthM}
          onIce={reading.access === 'ice'}
          marks={reading.marks}
        />
      ) : (
        <Behind request={request} />
      )}
    </Screen>
  );
}
