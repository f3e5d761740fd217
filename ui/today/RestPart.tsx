/** What should be left alone for a while, and when to come back. */
import { View } from 'react-native';
import { leftOverText, restText } from '../../wording/day';
import { useConditions, useBookWithoutLog, usePrefs } from '../day/contexts';
import { Part } from '../parts/Box';
import { Say } from '../parts/Say';
import { useLeftOver, useRestList } from './useDayAhead';

/** Of those of earlier days so many are named. */
const SHOWN = 3;

export function RestPart({ quiet = false }: { quiet?: boolean }) {
  const { day, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const prefs = usePrefs();
  const rest = useRestList();
  const left = useLeftOver().slice(0, SHOWN);
  if (!day || (quiet && rest.length + left.length === 0)) return null;
  return (
    <Part title="Resting">
      {rest.length + left.length === 0 ? (
        <Say tone="soft">
          Nothing rests. A fish missed, bumped or lost puts its spot here, with the time to come back.
        </Say>
      ) : null}
      <View style={{ gap: 6 }}>
        {rest.map((r) => (
          <Say key={`${r.spotId} ${r.place}`}>
            {restText(
              r,
              r.spotId ? (book.spot[r.spotId]?.name ?? 'this spot') : 'this place',
              day.water.zone,
              nowMs,
              prefs.units,
            )}
          </Say>
        ))}
        {left.map((l) => (
          <Say key={l.spotId} tone="soft">
            {leftOverText(l, book.spot[l.spotId]?.name ?? 'a spot that is gone', day.water.zone)}
          </Say>
        ))}
      </View>
    </Part>
  );
}
