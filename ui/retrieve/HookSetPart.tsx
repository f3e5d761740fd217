/** When it takes: how to set this hook on this line and rod, and how tight the drag. */
import { dragSentences, hookSetSentences } from '../../wording/hookset';
import type { Tackle } from '../day/tackle';
import { Part } from '../parts/Box';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import type { Plan } from '../../core/planning/plan/plan';
import type { Lure } from '../../core/records/lure';
import { hookSentence, jointSentences } from '../../wording/rig';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { hungIn, useHookSet } from './useHookSet';

interface Asked {
  lure: Lure;
  tackle: Tackle;
  plan: Plan;
}

export function HookSetPart({ lure, tackle, plan }: Asked) {
  const { units } = useTheme();
  const set = useHookSet(lure, tackle, plan);
  if (!set) return null;
  const { advice, tied } = set;
  const { line } = tackle;
  const [how, far] = hookSetSentences(advice, line.material, units, hungIn(plan) === 'straight-down');
  return (
    <Part title="When it takes">
      <Say>{how}</Say>
      <Say>{dragSentences(advice, line.material, units)[0]}</Say>
      <Say>{jointSentences(tied.joints, units)[0]}</Say>
      {lure.bare ? <Say>{hookSentence(tied.hooks, units)}</Say> : null}
      <Disclosure title={RETRIEVE_PAGE.whySet}>
        <Say>{far}</Say>
        <Say>{dragSentences(advice, line.material, units)[1]}</Say>
        <Say kind="label" tone="soft">
          {RETRIEVE_PAGE.setLimits}
        </Say>
      </Disclosure>
    </Part>
  );
}
