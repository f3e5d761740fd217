/** This place, marked by one touch: a spot where the device is, and the day goes on there. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { MARK } from '../../wording/mark';
import { clockText, dayText } from '../../wording/time';
import { useActions, useConditions } from '../day/contexts';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { newId } from '../platform/ids';
import { whereIAm } from '../platform/location';
import { useTheme } from '../theme/theme';

type State = 'ready' | 'asking' | { marked: string; name: string } | { trouble: string };

export function MarkPart() {
  const { day, nowMs } = useConditions();
  const actions = useActions();
  const router = useRouter();
  const { units } = useTheme();
  const [state, setState] = useState<State>('ready');
  if (!day) return null;
  const { id: waterId, zone } = day.water;
  const mark = async (): Promise<void> => {
    setState('asking');
    const at = await whereIAm();
    if ('trouble' in at) return setState(at);
    const name = MARK.name(dayText(nowMs, zone), clockText(nowMs, zone, units));
    const marked = newId();
    actions.markSpot({ id: marked, waterId, name, ...at });
    setState({ marked, name });
  };
  return (
    <View style={{ gap: 6 }}>
      <Button title={MARK.title} disabled={state === 'asking'} onPress={() => void mark()} />
      <View role="status" aria-live="polite">
        {state === 'asking' ? <Say tone="soft">{MARK.asking}</Say> : null}
        {typeof state === 'object' ? <Say>{'trouble' in state ? state.trouble : MARK.done(state.name)}</Say> : null}
      </View>
      {typeof state === 'object' ? (
        <Button
          title={'trouble' in state ? MARK.byHand : MARK.more}
          onPress={() =>
            router.navigate(
              ('trouble' in state
                ? `/kit/spot/new?water=${encodeURIComponent(waterId)}`
                : `/kit/spot/${encodeURIComponent(state.marked)}`) as never,
            )
          }
        />
      ) : null}
    </View>
  );
}
