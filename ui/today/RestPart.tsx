/** What should be left alone for a while, and when to come back. */
import { View } from 'react-native';
import { restText } from '../../wording/day';
import { useConditions, useBookWithoutLog, usePrefs } from '../day/contexts';
import { Part } from '../parts/Box';
import { Say } from '../parts/Say';
import { useRestList } from './useDayAhead';

export function RestPart({ quiet = false }: { quiet?: boolean }) {
  const { day, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const prefs = usePrefs();
  const rest = useRestList();
  if (!day || (quiet && rest.length === 0)) return null;
  return (
    <Part title="Resting">
      {rest.length === 0 ? (
        <Say tone="soft">
          Nothing rests. A fish missed, bumped or lost puts its spot here, with the time to come back.
        </Say>
      ) : null}
      <View style={{ gap: 6 }}>
        {rest.map((r) => (
          <Say key={r.spotId ?? 'water'}>
            {restText(
              r,
              r.spotId ? (book.spot[r.spotId]?.name ?? 'this spot') : 'this place',
              day.water.zone,
              nowMs,
              prefs.units,
            )}
          </Say>
        ))}
      </View>
    </Part>
  );
}
