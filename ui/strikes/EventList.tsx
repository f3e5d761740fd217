/** Today's events, newest first; each can be struck out later too. */
import { View } from 'react-native';
import { EVENT_NAME, PHASE_NAME } from '../../wording/names';
import { clockText } from '../../wording/time';
import { useActions, useBook, useConditions, useLog } from '../day/contexts';
import { Part, Row } from '../parts/Box';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { MarkIcon } from './EventKeys';

const SHOWN = 8;

export function EventList() {
  const { tally } = useLog();
  const { day } = useConditions();
  const book = useBook();
  const actions = useActions();
  const { p, units } = useTheme();
  if (!tally || !day || tally.events.length === 0) return null;
  const events = [...tally.events].reverse();
  return (
    <Part title="Today’s log">
      {events.slice(0, SHOWN).map((e) => (
        <Row key={e.id} style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule }}>
          <View style={{ backgroundColor: p.water[2], borderRadius: 18 }}>
            <MarkIcon kind={e.kind} size={32} />
          </View>
          <View style={{ flex: 1, minWidth: 0 }}>
            <Say kind="strong">{`${EVENT_NAME[e.kind]}${e.phase ? ` · ${PHASE_NAME[e.phase]}` : ''}${e.side === 'behind' ? ' · from behind' : ''}`}</Say>
            <Say
              kind="label"
              tone="soft"
            >{`${clockText(e.atMs, day.water.zone, units)} · ${book.block[e.blockId]?.presentation.lureName ?? ''}`}</Say>
          </View>
          <Press
            label={`Strike out: ${EVENT_NAME[e.kind]} at ${clockText(e.atMs, day.water.zone, units)}`}
            onPress={() => actions.takeBack(e.id)}
            style={{ alignItems: 'center' }}
          >
            <Glyph name="close" size={20} color={p.soft} />
          </Press>
        </Row>
      ))}
      {events.length > SHOWN ? <Say kind="label" tone="soft">{`and ${events.length - SHOWN} earlier`}</Say> : null}
    </Part>
  );
}
