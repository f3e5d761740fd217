/** Another lure or another spot, from where the log is kept: the next cast opens a new block. */
import { CHANGE_TEXTS } from '../../wording/strikes';
import { useActions, useBookWithoutLog, useConditions, usePlan, useRanking } from '../day/contexts';
import { LureChoice } from '../lures/LureChoice';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { SpotChoice } from '../water/SpotChoice';

export function ChangePart() {
  const { day } = useConditions();
  const { lure } = usePlan();
  const { ranking } = useRanking();
  const { box } = useBookWithoutLog();
  const actions = useActions();
  if (!day) return null;
  return (
    <Disclosure title={CHANGE_TEXTS.title}>
      <Say kind="strong">{CHANGE_TEXTS.lure}</Say>
      <LureChoice
        label={CHANGE_TEXTS.lure}
        box={box}
        ranked={ranking?.ranked}
        value={lure?.id ?? null}
        onChange={actions.chooseLure}
      />
      <SpotChoice />
    </Disclosure>
  );
}
