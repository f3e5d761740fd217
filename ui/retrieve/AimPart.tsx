/** Where to throw: at what, over what, from this stand, at which angle to the current. */
import { STANDS, TELLING_CURRENT_MPS } from '../../core/tackle/stand';
import type { Plan } from '../../core/planning/plan/plan';
import { withoutSetting, type Rise } from '../../core/planning/task/request';
import { aimText, angleText, overText, STAND_TEXT } from '../../wording/retrieve';
import { capital } from '../../wording/names';
import { say } from '../../wording/units';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useActions, useConditions } from '../day/contexts';
import { Adjuster } from '../parts/Adjuster';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { stepBy, STEPPERS, type Stepper } from '../theme/stepping';
import { useTheme } from '../theme/theme';

const PLANNED = 'planned';
/** Where the asking begins: this share of the planned cast. */
const FIRST_SHARE = 0.7;

export function AimPart({ plan, busy }: { plan: Plan; busy: boolean }) {
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
            {RETRIEVE_PAGE.aimAtNothing}
          </Say>
          <Button
            title="I aim at something"
            onPress={() => aimAt((now) => now ?? stepBy(stepper, FIRST_SHARE * plan.hands.castM, 1))}
          />
        </>
      ) : (
        <Adjuster
          label={RETRIEVE_PAGE.aimAt}
          hint={aimText(plan, aimM, units) ?? RETRIEVE_PAGE.droppedOnto}
          text={`${say.distance(aimM, units)} off`}
          onLess={step(-1)}
          onMore={step(1)}
          onClear={() => aimAt(() => null)}
          clearTitle="Aim at nothing"
        />
      )}
      <RisePart plan={plan} over={day.trip.over} busy={busy} />
      {runs ? (
        <>
          <Say>{RETRIEVE_PAGE.throws(plan.hands.angleDeg)}</Say>
          <Choices
            label={RETRIEVE_PAGE.angle}
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

/** Where the asking begins: this share of the planned cast off, and this share of the depth down. */
const FIRST_RISE = { off: 0.5, down: 0.5 } as const;

function RisePart({ plan, over, busy }: { plan: Plan; over: Rise | null; busy: boolean }) {
  const { reading } = useConditions();
  const actions = useActions();
  const { units } = useTheme();
  const set = (next: (now: Rise | null) => Rise | null): void =>
    actions.changeTrip((t) => ({ ...t, over: next(t.over) }));
  if (!over)
    return (
      <Button
        title={RETRIEVE_PAGE.risesTitle}
        onPress={() =>
          set(
            (now) =>
              now ?? {
                atM: stepBy(STEPPERS.distance(units), FIRST_RISE.off * plan.hands.castM, 1),
                topM: stepBy(STEPPERS.depth(units), FIRST_RISE.down * (reading?.depthM ?? plan.depthM), -1),
              },
          )
        }
      />
    );
  const step = (key: keyof Rise, stepper: Stepper, way: 1 | -1) => (): void =>
    set((now) => now && { ...now, [key]: stepBy(stepper, now[key], way) });
  const [off, down] = [STEPPERS.distance(units), STEPPERS.depth(units)];
  return (
    <>
      <Adjuster
        label={RETRIEVE_PAGE.whatRises}
        // While it is planned anew the plan in hand may know nothing of it yet.
        hint={plan.over ? overText(plan.over, units) : busy ? RETRIEVE_PAGE.riseWaiting : RETRIEVE_PAGE.notInTheWay}
        text={`${say.distance(over.atM, units)} off`}
        onLess={step('atM', off, -1)}
        onMore={step('atM', off, 1)}
      />
      <Adjuster
        label="Its top"
        hint={RETRIEVE_PAGE.topBelow}
        text={`${say.depth(over.topM, units)} down`}
        onLess={step('topM', down, -1)}
        onMore={step('topM', down, 1)}
        onClear={() => set(() => null)}
        clearTitle="Nothing rises"
      />
    </>
  );
}
