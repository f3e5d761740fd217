/**
 * Listens for the keys and lists them; both can be switched off in the Kit, since a single letter is easily struck by
 * mistake.
 */
import { useRouter } from 'expo-router';
import { useLayoutEffect, useRef, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { useActions, usePrefs } from '../day/contexts';
import { useLastTouch } from '../day/lastTouch';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Overlay } from '../parts/Overlay';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { NOTHING_IN_HAND } from '../../wording/strikes';
import { SHELL } from '../../wording/pages/shell';
import { actionOf, SHORTCUTS, type KeyAction } from './shortcuts';

const isTyping = (e: EventTarget | null): boolean =>
  e instanceof HTMLElement && (e.isContentEditable || e.matches('input, textarea, select'));

export function Shortcuts() {
  const prefs = usePrefs();
  const actions = useActions();
  const router = useRouter();
  const [listed, setListed] = useState(false);
  const [refused, setRefused] = useState(false);
  const run = (action: KeyAction): void => {
    switch (action.do) {
      case 'go':
        return router.navigate(action.path);
      case 'cast':
        return setRefused(actions.logCast() === null);
      case 'event':
        return setRefused(actions.logEvent(action.kind) === null);
      case 'phase':
        return actions.setPhaseOfLast(action.phase);
      case 'undo':
        return actions.takeBackLast();
      case 'list':
        return setListed((v) => !v);
    }
  };
  const latest = useRef(run);
  // With what is drawn, not some time after it: keys that the Kit shows as off are off.
  useLayoutEffect(() => {
    latest.current = run;
  });
  useLayoutEffect(() => {
    if (!prefs.shortcuts) return;
    const onKey = (e: KeyboardEvent): void => {
      const action = actionOf(e, isTyping(e.target));
      if (!action) return;
      e.preventDefault();
      latest.current(action);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [prefs.shortcuts]);
  // What a key logged is said aloud too: the page in view may show nothing of it.
  const last = useLastTouch();
  const said = refused
    ? NOTHING_IN_HAND
    : last
      ? SHELL.stored(
          SHORTCUTS.find((s) => s.action.do === 'event' && s.action.kind === last.what)?.says.toLowerCase() ??
            'one cast',
        )
      : '';
  return (
    <>
      <View role="status" aria-live="polite" style={{ position: 'absolute', width: 1, height: 1, overflow: 'hidden' }}>
        <Say>{said}</Say>
      </View>
      <ShortcutList open={listed} onClose={() => setListed(false)} />
    </>
  );
}

function ShortcutList({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { p, scale } = useTheme();
  const groups = [...new Set(SHORTCUTS.map((s) => s.group))];
  return (
    <Overlay open={open} onClose={onClose}>
      <View
        role="dialog"
        aria-label="Keys"
        style={{
          backgroundColor: p.ground,
          borderRadius: 16,
          padding: 20,
          gap: 14,
          maxHeight: '100%',
          width: '100%',
          maxWidth: 560 * scale,
        }}
      >
        <Row style={{ justifyContent: 'space-between' }}>
          <Say kind="title" level={2}>
            Keys
          </Say>
          <Button title="Close" onPress={onClose} />
        </Row>
        <ScrollView contentContainerStyle={{ gap: 14 }}>
          {groups.map((g) => (
            <View key={g} style={{ gap: 4 }}>
              <Say kind="labelStrong" tone="soft">
                {g}
              </Say>
              <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 18, rowGap: 6 }}>
                {SHORTCUTS.filter((s) => s.group === g).map((s) => (
                  <Row key={s.key} gap={10} style={{ width: 150 * scale }}>
                    <KeyCap letter={s.key} />
                    <Say style={{ flexShrink: 1 }}>{s.says}</Say>
                  </Row>
                ))}
              </View>
            </View>
          ))}
          <Say kind="label" tone="soft">
            {SHELL.shortcutsWhere}
          </Say>
        </ScrollView>
      </View>
    </Overlay>
  );
}

function KeyCap({ letter }: { letter: string }) {
  const { p, scale } = useTheme();
  return (
    <View
      style={{
        minWidth: 32 * scale,
        minHeight: 32 * scale,
        borderRadius: 6,
        borderWidth: 1.5 * p.stroke,
        borderBottomWidth: 4 * p.stroke,
        borderColor: p.edge,
        backgroundColor: p.card,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <Say kind="strong">{letter.toUpperCase()}</Say>
    </View>
  );
}
