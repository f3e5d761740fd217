/** The fight is nearly over: drag, net, grip, care in this water, letting go. */
import { landingSteps } from '../../core/cautions/landing';
import { speciesProfile } from '../../core/water/species';
import { dragSentences } from '../../wording/hookset';
import { LANDING_TEXT, LANDING_TITLE } from '../../wording/landing';
import { useConditions, usePlan } from '../day/contexts';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useHookSet } from '../retrieve/useHookSet';
import { useTheme } from '../theme/theme';

export function LandingPart() {
  const { reading } = useConditions();
  const { lure, tackle, plan } = usePlan();
  const { units } = useTheme();
  const set = useHookSet(lure, tackle, plan);
  if (!reading) return null;
  const trebles = (lure?.bare ? plan?.presentation.rig.hook : lure?.hook) === 'treble';
  const steps = landingSteps({ species: speciesProfile(reading.species), reading, trebles });
  return (
    <Disclosure title={LANDING_TITLE}>
      {set && tackle ? <Say>{dragSentences(set.advice, tackle.line.material, units)[0]}</Say> : null}
      {steps.map((s) => (
        <Say key={s}>{LANDING_TEXT[s]}</Say>
      ))}
    </Disclosure>
  );
}
