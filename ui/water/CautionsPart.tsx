/**
 * Cautions that matter here and now: short, put aside for the day with a touch, never in the way of the log. Thunder is
 * told here.
 */
import { useDayClock } from '../day/useDayClock';
import { useState } from 'react';
import { View } from 'react-native';
import { cautionsFor, flashDistanceM, thunderClearMs, type Caution } from '../../core/cautions/cautions';
import { risingTo } from '../../core/tide/source';
import { cautionText, flashText } from '../../wording/day';
import { capital } from '../../wording/names';
import { WATER_PAGE } from '../../wording/pages/water';
import { useActions, useConditions, usePrefs } from '../day/contexts';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useNow } from '../platform/clock';
import { useTheme } from '../theme/theme';

function useCautions(): { shown: Caution[]; aside: number } {
  const { day, reading } = useConditions();
  const prefs = usePrefs();
  const nowMs = useNow(prefs.demoClock, 15_000);
  if (!day || !reading) return { shown: [], aside: 0 };
  const all = cautionsFor({
    reading,
    weather: day.station,
    thunder: day.trip.thunder,
    rising: day.tide && risingTo(day.tide, nowMs),
    nowMs,
  });
  // Thunder under way is never put aside.
  const shown = all.filter((c) => c.code === 'lightning' || !day.trip.cautionsSeen.includes(c.code));
  return { shown, aside: all.length - shown.length };
}

export function CautionsPart() {
  const { day } = useConditions();
  const actions = useActions();
  const { p, units } = useTheme();
  const { shown, aside } = useCautions();
  if (!day) return null;
  const { zone } = day.water;
  return (
    <View style={{ gap: 8 }} role="group" aria-label="Cautions">
      {shown.map((c) => (
        <View
          key={c.code}
          role={c.weight === 3 ? 'alert' : 'note'}
          style={{
            borderLeftWidth: (c.weight === 3 ? 6 : 4) * p.stroke,
            borderLeftColor: c.weight === 3 ? p.bad : p.copper,
            backgroundColor: c.weight === 1 ? p.card : p.copperWash,
            borderRadius: 8,
            paddingLeft: 10,
            paddingRight: 4,
            paddingVertical: 4,
          }}
        >
          <Row gap={6}>
            <Say kind={c.weight === 3 ? 'strong' : 'body'} style={{ flex: 1, minWidth: 0 }}>
              {cautionText(c, units, zone)}
            </Say>
            {c.code === 'lightning' ? null : (
              <Button
                kind="plain"
                title="Seen"
                label={WATER_PAGE.seenAside(cautionText(c, units, zone))}
                onPress={() =>
                  actions.changeTrip((t) => ({ ...t, cautionsSeen: [...new Set([...t.cautionsSeen, c.code])] }))
                }
              />
            )}
          </Row>
        </View>
      ))}
      <Row gap={4} wrap>
        <ThunderKeys />
        {aside > 0 ? (
          <Button
            kind="plain"
            title={WATER_PAGE.aside(aside)}
            onPress={() => actions.changeTrip((t) => ({ ...t, cautionsSeen: [] }))}
          />
        ) : null}
      </Row>
    </View>
  );
}

/** Two touches: at the flash, at the thunder; or one when only thunder was heard. */
function ThunderKeys() {
  const { day } = useConditions();
  const now = useDayClock();
  const actions = useActions();
  const { units } = useTheme();
  const [flashAtMs, setFlashAtMs] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const tell = (seconds: number | null): void => {
    const atMs = now();
    actions.changeTrip((t) => ({ ...t, thunder: [...t.thunder.slice(-200), { atMs, seconds }] }));
    setFlashAtMs(null);
    setSaid(seconds === null ? '' : flashText(seconds, flashDistanceM(seconds, day?.station?.airTempC), units));
  };
  const counting = flashAtMs !== null;
  const waiting = day !== null && (thunderClearMs(day.trip.thunder) ?? 0) > now();
  const takeBack = (): void => {
    actions.changeTrip((t) => ({ ...t, thunder: t.thunder.slice(0, -1) }));
    setSaid('');
  };
  return (
    <>
      {counting ? (
        <>
          <Button kind="copper" title="Thunder now" onPress={() => tell(Math.min(300, (now() - flashAtMs) / 1000))} />
          <Button kind="plain" title="No thunder" onPress={() => setFlashAtMs(null)} />
        </>
      ) : (
        <>
          <Button kind="plain" title="Saw a flash" onPress={() => setFlashAtMs(now())} />
          <Button kind="plain" title="Heard thunder" onPress={() => tell(null)} />
          {waiting ? <Button kind="plain" title={WATER_PAGE.notThunder} onPress={takeBack} /> : null}
        </>
      )}
      {said ? (
        <Say kind="label" role="status">
          {capital(said)}
        </Say>
      ) : null}
    </>
  );
}
