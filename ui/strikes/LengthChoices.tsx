/** The length of a fish by one touch. */
import { useMemo } from 'react';
import type { StrikeEvent } from '../../core/records/event';
import { USUAL_CATCH_M } from '../../core/water/species/lengths';
import type { SpeciesId } from '../../core/water/terms';
import { TELL } from '../../wording/events';
import { say } from '../../wording/units';
import { useActions } from '../day/contexts';
import { Choices } from '../parts/Buttons';
import { lengthChoices } from '../theme/stepping';
import { useTheme } from '../theme/theme';

/** Lengths to be touched at once: around what this kind usually is. */
export function LengthChoices({ event, species }: { event: StrikeEvent; species: SpeciesId }) {
  const { units } = useTheme();
  const actions = useActions();
  const options = useMemo(
    () =>
      lengthChoices(USUAL_CATCH_M[species], units).map((m) => ({
        value: say.size(m, units),
        title: say.size(m, units),
        m,
      })),
    [species, units],
  );
  return (
    <Choices
      label={TELL.length}
      options={options}
      value={event.lengthM === null ? null : say.size(event.lengthM, units)}
      onChange={(title) => actions.tellEvent(event.id, { lengthM: options.find((o) => o.value === title)!.m })}
    />
  );
}
