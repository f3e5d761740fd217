/** Today's events, newest first; each can be told more of, struck out later too, and brought back. */
import { useState } from 'react';
import { struckOut } from '../../core/log/tally';
import { earlierText, TODAYS_LOG } from '../../wording/strikes';
import { useBook, useConditions, useLog } from '../day/contexts';
import { Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { EventRow } from './EventRow';

const SHOWN = 8;

export function EventList() {
  const { tally } = useLog();
  const { day } = useConditions();
  const book = useBook();
  const [shown, setShown] = useState(SHOWN);
  if (!day || !tally) return null;
  const gone = struckOut(book, tally.blocks);
  const events = [...tally.events, ...gone].sort((a, b) => b.seq - a.seq);
  if (events.length === 0) return null;
  return (
    <Part title={TODAYS_LOG}>
      {events.slice(0, shown).map((e) => (
        <EventRow
          key={e.id}
          event={e}
          gone={gone.includes(e)}
          species={day.trip.species}
          zone={day.water.zone}
          lureName={book.block[e.blockId]?.presentation.lureName ?? ''}
        />
      ))}
      {events.length > shown ? (
        <Button kind="plain" title={earlierText(events.length - shown)} onPress={() => setShown(shown + 5 * SHOWN)} />
      ) : null}
    </Part>
  );
}
