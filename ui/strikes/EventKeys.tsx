/** One touch for what happened, at most one more for when. Big keys, each with its own mark. */
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useStore } from 'zustand';
import { PHASES } from '../../core/planning/cadence/cadence';
import { EVENT_NAME, PHASE_NAME, capital } from '../../wording/names';
import { askWhenText, onPhaseText, photoOfText, TELL } from '../../wording/events';
import { useActions, useBook, useConditions, usePrefs } from '../day/contexts';
import { lastTouch, type LastTouch } from '../day/lastTouch';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { recordOf } from '../../core/records';
import type { EventKind, StrikeEvent } from '../../core/records/event';
import { EventPhotosLater } from '../photos/later';
import { MarkIcon } from './MarkIcon';
import { LengthChoices } from './LengthChoices';
import { TellLater } from './TellLater';

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

/** What was just logged is asked about for so long, ms; another touch ends it sooner. */
const ASKED_MS = 120_000;

/** No fish did that. */
const NO_FISH: ReadonlySet<LastTouch['what']> = new Set<LastTouch['what']>(['cast', 'snag', 'lure-lost']);

/** The event of the last touch once it is stored, until all is told, it is done with, or another touch is made. */
function useAsked(): { event: StrikeEvent | null; done: () => void } {
  const book = useBook();
  const made = useStore(lastTouch, (s) => s.made);
  const [doneWith, setDoneWith] = useState<string | null>(null);
  const id = made && !NO_FISH.has(made.what) && made.id !== doneWith ? made.id : null;
  useEffect(() => {
    if (!id) return;
    const timer = setTimeout(() => setDoneWith(id), ASKED_MS);
    return () => clearTimeout(timer);
  }, [id]);
  const event = (id && recordOf(book, 'event', id)) || null;
  const told =
    event && (event.phase !== null || event.side !== null) && (event.kind !== 'landed' || event.lengthM !== null);
  return { event: told ? null : event, done: () => setDoneWith(id) };
}

/** When in the cast, how long: asked of what was just logged, by one touch each. */
function AskedAbout() {
  const actions = useActions();
  const { day } = useConditions();
  const { p, units } = useTheme();
  const { event, done } = useAsked();
  if (!event || !day) return null;
  return (
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
      {event.phase === null && event.side === null ? (
        <>
          <Say kind="strong">{askWhenText(event.kind)}</Say>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {PHASES.map((ph) => (
              <WhenKey
                key={ph}
                label={onPhaseText(ph)}
                name={capital(PHASE_NAME[ph])}
                onPress={() => actions.tellEvent(event.id, { phase: ph })}
              />
            ))}
            {FROM_BEHIND.includes(event.kind) ? (
              <WhenKey
                label="From behind it"
                name="Behind it"
                onPress={() => actions.tellEvent(event.id, { side: 'behind' })}
              />
            ) : null}
          </View>
        </>
      ) : null}
      {event.kind === 'landed' && event.lengthM === null ? (
        <>
          <Say kind="strong">{TELL.howLong}</Say>
          <LengthChoices event={event} species={day.trip.species} />
        </>
      ) : null}
      {event.kind === 'landed' ? (
        <EventPhotosLater eventId={event.id} what={photoOfText(event, day.water.zone, units)} />
      ) : null}
      <Disclosure title={TELL.more}>
        <TellLater event={event} species={day.trip.species} zone={day.water.zone} photos={event.kind !== 'landed'} />
      </Disclosure>
      <Button kind="plain" title={TELL.done} onPress={done} />
    </View>
  );
}

export function EventKeys() {
  const actions = useActions();
  const { hand } = usePrefs();
  const { p, scale } = useTheme();
  const looks = {
    copper: { backgroundColor: p.copper, borderColor: p.copper },
    mossLine: { backgroundColor: p.card, borderColor: p.moss },
    edgeLine: { backgroundColor: p.card, borderColor: p.edge },
    plain: { backgroundColor: p.ground, borderColor: p.rule },
  };
  return (
    <View style={{ gap: 10 }}>
      <AskedAbout />
      <View style={{ flexDirection: hand === 'left' ? 'row-reverse' : 'row', flexWrap: 'wrap', gap: 10 }}>
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
