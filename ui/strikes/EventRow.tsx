/** One event of a log: what it was, when, on what; opened, all that can be told of it; struck out, brought back. */
import { useState } from 'react';
import { View } from 'react-native';
import type { StrikeEvent } from '../../core/records/event';
import type { SpeciesId } from '../../core/water/terms';
import { bringBackText, detailsText, eventTitle, moreOfText, strikeOutText, TELL } from '../../wording/events';
import { clockText } from '../../wording/time';
import { useActions, usePrefs } from '../day/contexts';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { MarkIcon } from './MarkIcon';
import { TellLater } from './TellLater';

interface EventRowProps {
  event: StrikeEvent;
  /** Struck out: it can be brought back. */
  gone?: boolean;
  species: SpeciesId;
  zone: string;
  lureName: string;
}

export function EventRow({ event: e, gone = false, species, zone, lureName }: EventRowProps) {
  const { p, units } = useTheme();
  const { hand } = usePrefs();
  const actions = useActions();
  const [open, setOpen] = useState(false);
  const clock = clockText(e.atMs, zone, units);
  const details = detailsText(e, units);
  return (
    <View style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule }}>
      <Row style={{ flexDirection: hand === 'left' ? 'row-reverse' : 'row' }}>
        <Press
          label={moreOfText(e.kind, clock)}
          expanded={gone ? undefined : open}
          disabled={gone}
          onPress={() => setOpen(!open)}
          style={{ flex: 1, minWidth: 0, paddingVertical: 4 }}
        >
          <Row>
            <View style={{ backgroundColor: p.water[2], borderRadius: 18 }}>
              <MarkIcon kind={e.kind} size={32} />
            </View>
            <View style={{ flex: 1, minWidth: 0 }}>
              <Say kind="strong" style={gone ? { textDecorationLine: 'line-through' } : undefined}>
                {eventTitle(e)}
              </Say>
              <Say kind="label" tone="soft">
                {`${clock} · ${lureName}`}
              </Say>
              {details ? <Say kind="label">{details}</Say> : null}
            </View>
            {gone ? null : <Glyph name={open ? 'up' : 'down'} size={20} color={p.soft} />}
          </Row>
        </Press>
        {gone ? (
          <Button
            kind="plain"
            title={TELL.bringBack}
            label={bringBackText(e.kind, clock)}
            onPress={() => actions.bringBack(e.id)}
          />
        ) : (
          <Press
            label={strikeOutText(e.kind, clock)}
            onPress={() => actions.takeBack(e.id)}
            style={{ alignItems: 'center' }}
          >
            <Glyph name="close" size={20} color={p.soft} />
          </Press>
        )}
      </Row>
      {open && !gone ? <TellLater event={e} species={species} zone={zone} /> : null}
    </View>
  );
}
