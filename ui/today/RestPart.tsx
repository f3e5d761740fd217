/** What should be left alone for a while, and when to come back. */
import { View } from 'react-native';
import type { RestingSpot } from '../../core/forecast/rest';
import type { Book } from '../../core/records';
import { leftOverText, restText } from '../../wording/day';
import { DAY_PAGE } from '../../wording/pages/today';
import { useConditions, useBookWithoutLog, usePrefs } from '../day/contexts';
import { Part } from '../parts/Box';
import { Say } from '../parts/Say';
import { useLeftOver, useRestList } from './useDayAhead';

/** Of those of earlier days so many are named. */
const SHOWN = 3;

/** The name of where it rests. */
export function restsAt(book: Pick<Book, 'spot' | 'piece'>, { spotId, at }: RestingSpot): string {
  if (at) return book.piece[at.pieceId]?.name ?? DAY_PAGE.pieceGone;
  return spotId ? (book.spot[spotId]?.name ?? 'this spot') : 'this place';
}

export function RestPart({ quiet = false }: { quiet?: boolean }) {
  const { day, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const prefs = usePrefs();
  const rest = useRestList();
  const left = useLeftOver().slice(0, SHOWN);
  if (!day || (quiet && rest.length + left.length === 0)) return null;
  return (
    <Part title="Resting">
      {rest.length + left.length === 0 ? <Say tone="soft">{DAY_PAGE.nothingRests}</Say> : null}
      <View style={{ gap: 6 }}>
        {rest.map((r) => (
          <Say key={`${r.spotId} ${r.place} ${r.at?.pieceId} ${r.at?.target}`}>
            {restText(r, restsAt(book, r), day.water.zone, nowMs, prefs.units)}
          </Say>
        ))}
        {left.map((l) => (
          <Say key={l.spotId} tone="soft">
            {leftOverText(l, book.spot[l.spotId]?.name ?? DAY_PAGE.spotGone, day.water.zone)}
          </Say>
        ))}
      </View>
    </Part>
  );
}
