/** Where on the water one is: the day goes on at another spot. */
import { spotsOf } from '../../core/forecast/ahead';
import { CHANGE_TEXTS } from '../../wording/strikes';
import { useActions, useBookWithoutLog, useConditions } from '../day/contexts';
import { atSpot } from '../day/tripActions';
import { Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';

const NO_SPOT = '';

export function SpotChoice() {
  const { day } = useConditions();
  const book = useBookWithoutLog();
  const actions = useActions();
  const spots = day ? spotsOf(book, day.trip.waterId) : [];
  if (!day || spots.length === 0) return null;
  return (
    <>
      <Say kind="strong">{CHANGE_TEXTS.spot}</Say>
      <Choices
        label={CHANGE_TEXTS.spot}
        options={[
          ...spots.map((s) => ({ value: s.id, title: s.name })),
          { value: NO_SPOT, title: CHANGE_TEXTS.noSpot },
        ]}
        value={day.trip.spotId ?? NO_SPOT}
        onChange={(id) => actions.changeTrip((t) => atSpot(t, id || null))}
      />
    </>
  );
}
