/** The keys of the log and the places, in the order in which they are listed. */
import { PHASES, type Phase } from '../../core/planning/cadence/cadence';
import { EVENT_NAME, PHASE_NAME, capital } from '../../wording/names';
import { SHELL } from '../../wording/pages/shell';
import { PLACES } from './places';
import type { EventKind } from '../../core/records/event';

export type KeyAction =
  | { do: 'go'; path: (typeof PLACES)[number]['path'] }
  | { do: 'cast' }
  | { do: 'event'; kind: EventKind }
  | { do: 'phase'; phase: Phase }
  | { do: 'undo' }
  | { do: 'list' };

export interface Shortcut {
  key: string;
  says: string;
  group: string;
  action: KeyAction;
}

const EVENT_KEYS: Record<EventKind, string> = {
  landed: 'l',
  lost: 'o',
  missed: 'm',
  bump: 'b',
  follow: 'f',
  snag: 's',
  'lure-lost': 'k',
};
/** The upper row of letters, in the order in which the question shows the answers. */
const PHASE_KEYS = ['q', 'w', 'e', 'r', 't', 'y'];

export const SHORTCUTS: readonly Shortcut[] = [
  ...PLACES.map((p, i): Shortcut => ({
    key: String(i + 1),
    says: p.name,
    group: 'Places',
    action: { do: 'go', path: p.path },
  })),
  { key: 'c', says: 'One cast more', group: 'The log', action: { do: 'cast' } },
  ...(Object.entries(EVENT_KEYS) as [EventKind, string][]).map(([kind, key]): Shortcut => ({
    key,
    says: EVENT_NAME[kind],
    group: 'The log',
    action: { do: 'event', kind },
  })),
  { key: 'u', says: 'Undo the last', group: 'The log', action: { do: 'undo' } },
  ...PHASES.map((phase, i): Shortcut => ({
    key: PHASE_KEYS[i]!,
    says: capital(PHASE_NAME[phase]),
    group: SHELL.shortcutPhase,
    action: { do: 'phase', phase },
  })),
  { key: '?', says: SHELL.shortcutList, group: 'This list', action: { do: 'list' } },
];

interface KeyPress {
  key: string;
  ctrlKey: boolean;
  metaKey: boolean;
  altKey: boolean;
  repeat: boolean;
}

/** What a key does; null while someone types, with another key held, or when it repeats by itself. */
export function actionOf(e: KeyPress, typing: boolean): KeyAction | null {
  if (typing || e.ctrlKey || e.metaKey || e.altKey || e.repeat) return null;
  return SHORTCUTS.find((s) => s.key === e.key.toLowerCase())?.action ?? null;
}
