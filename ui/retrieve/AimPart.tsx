/** Where to throw: how far off what is aimed at is, what this stand means, at which angle to the current. */
import { STANDS, TELLING_CURRENT_MPS } from '../../core/tackle/stand';
import type { Plan } from '../../core/planning/plan/plan';
import { withoutSetting } from '../../core/planning/task/request';
import { aimText, angleText, STAND_TEXT } from '../../wording/retrieve';
import { capital } from '../../wording/names';
import { say } from '../../wording/units';
import { useActions, useConditions } from '../day/contexts';
import { Adjuster } from '../parts/Adjuster';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { stepBy, STEPPERS } from '../theme/stepping';
import { useTheme } from '../theme/theme';

const PLANNED = 'planned';
/** Where the asking begins: this share of the planned cast. */
const FIRST_SHARE = 0.7;

export function AimPart({ plan }: { plan: Plan }) {
  const { reading, day } = useConditions();
  const actions = useActions();
  const { units } = useTheme();
  if (!reading || !day) return null;
  const text = STAND_TEXT[reading.access];
  const runs = reading.currentMps >= TELLING_CURRENT_MPS;
  const set = day.trip.settings.angleDeg;
  const { aimM } = day.trip;
  const aimAt = (next: (now: number | null) => number | null): void =>
    actions.changeTrip((t) => ({ ...t, aimM: next(t.aimM) }));
  const stepper = STEPPERS.distance(units);
  const step = (way: 1 | -1) => (): void => aimAt((now) => stepBy(stepper, now ?? plan.hands.castM, way));
  return (
    <Part title="Where to throw">
      {text ? <Say>{text}</Say> : null}
      {aimM === null ? (
        <>
          <Say kind="label" tone="soft">
            As if fish could be anywhere along the cast. A limb, a rock, a rise: say how far off it is, and the plan
            brings the lure by it.
          </Say>
          <Button
            title="I aim at something"
            onPress={() => aimAt((now) => now ?? stepBy(stepper, FIRST_SHARE * plan.hands.castM, 1))}
          />
        </>
      ) : (
        <Adjuster
          label="What you aim at"
          hint={
            aimText(plan, aimM, units) ??
            'This lure is dropped right onto it: how far off it is changes nothing for its plan.'
          }
          text={`${say.distance(aimM, units)} off`}
          onLess={step(-1)}
          onMore={step(1)}
          onClear={() => aimAt(() => null)}
          clearTitle="Aim at nothing"
        />
      )}
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
