/** This place, marked by one touch: a spot where the device is, and the day goes on there. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Spot } from '../../core/records/spot';
import { MARK } from '../../wording/mark';
import { clockText, dayText } from '../../wording/time';
import { useActions, useBookWithoutLog, useConditions } from '../day/contexts';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { newId } from '../platform/ids';
import { whereIAm } from '../platform/location';
import { useTheme } from '../theme/theme';

type State = 'ready' | 'asking' | { marked: string; name: string } | { pinned: string } | { trouble: string };

export function MarkPart() {
  const { day, nowMs } = useConditions();
  const actions = useActions();
  const router = useRouter();
  const { units } = useTheme();
  const book = useBookWithoutLog();
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
  const spot = day.trip.spotId ? book.spot[day.trip.spotId] : undefined;
  const pin = async (of: Spot): Promise<void> => {
    setState('asking');
    const at = await whereIAm();
    if ('trouble' in at) return setState(at);
    const { pinHere } = await import('../kit/spots/pages');
    const done = pinHere(of, at, units);
    if ('pinned' in done) actions.pinMark(of.id, { name: clockText(nowMs, zone, units), ...at });
    setState(done);
  };
  const told =
    typeof state === 'string'
      ? null
      : 'trouble' in state
        ? state.trouble
        : 'pinned' in state
          ? state.pinned
          : MARK.done(state.name);
  return (
    <View style={{ gap: 6 }}>
      <Row gap={8} wrap>
        <Button title={MARK.title} disabled={state === 'asking'} onPress={() => void mark()} />
        {spot ? (
          <Button title={MARK.pin(spot.name)} disabled={state === 'asking'} onPress={() => void pin(spot)} />
        ) : null}
      </Row>
      <View role="status" aria-live="polite">
        {state === 'asking' ? <Say tone="soft">{MARK.asking}</Say> : null}
        {told ? <Say>{told}</Say> : null}
      </View>
      {typeof state === 'object' && !('pinned' in state) ? (
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
