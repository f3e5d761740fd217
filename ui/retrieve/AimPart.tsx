/** Where to throw from this stand, and at which angle to the current. */
import { STANDS, TELLING_CURRENT_MPS } from '../../core/tackle/stand';
import type { Plan } from '../../core/planning/plan/plan';
import { withoutSetting } from '../../core/planning/task/request';
import { angleText, STAND_TEXT } from '../../wording/retrieve';
import { capital } from '../../wording/names';
import { useActions, useConditions } from '../day/contexts';
import { Part } from '../parts/Box';
import { Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';

const PLANNED = 'planned';

export function AimPart({ plan }: { plan: Plan }) {
  const { reading, day } = useConditions();
  const actions = useActions();
  if (!reading || !day) return null;
  const text = STAND_TEXT[reading.access];
  const runs = reading.currentMps >= TELLING_CURRENT_MPS;
  if (!text && !runs) return null;
  const set = day.trip.settings.angleDeg;
  return (
    <Part title="Where to throw">
      {text ? <Say>{text}</Say> : null}
      {runs ? (
        <>
          <Say>{`This plan throws ${angleText(plan.hands.angleDeg)}. Up or up and across the lure comes down as food drifts; straight down it works against the water and rises.`}</Say>
          <Choices
            label="Angle to the current"
            options={[
              { value: PLANNED, title: 'As planned' },
              ...STANDS[reading.access].anglesDeg.map((a) => ({ value: String(a), title: capital(angleText(a)) })),
            ]}
            value={set === undefined ? PLANNED : String(set)}
            onChange={(v) =>
              v === PLANNED
                ? actions.changeTrip((t) => ({ ...t, settings: withoutSetting(t.settings, 'angleDeg') }))
                : actions.setSettings({ angleDeg: Number(v) })
            }
          />
        </>
      ) : null}
    </Part>
  );
}
