/** Piece by piece: what, why, and what would have been next; then from line to lure, and what does not go together. */
import { View } from 'react-native';
import { tiedOn } from '../../core/lures/own';
import type { RankedLure } from '../../core/ranking/ranked';
import { rigReasons } from '../../core/ranking/rigReasons';
import { pairingFaults } from '../../core/ranking/pairing';
import { rodFit, type RodSpec } from '../../core/tackle/rod';
import { inUse } from '../../core/records';
import { speciesProfile } from '../../core/water/species';
import { faultSentence, howToTie, PART_NAME, rigReasonText, tiedSentences } from '../../wording/rig';
import { LURES_PAGE } from '../../wording/pages/lures';
import { useConditions, useMood, usePlan, useBookWithoutLog } from '../day/contexts';
import { Note } from '../parts/Box';
import { KnotStepsLater } from '../knots/later';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { useTied } from './useTied';

/**
 * What does not go together: said before it costs a fish. The rod is the one in hand if it casts this lure, else any
 * that does.
 */
export function Faults({ x }: { x: RankedLure }) {
  const { reading } = useConditions();
  const { tackle } = usePlan();
  const book = useBookWithoutLog();
  const { units } = useTheme();
  if (!reading || !tackle) return null;
  const f = tiedOn(book.lure[x.key], x.family, x.weightKg);
  const fits = (r: RodSpec): boolean => rodFit(r, x.rig.weightKg) === 'fits';
  const rod = fits(tackle.rod) ? tackle.rod : (inUse(book.rod).find(fits) ?? tackle.rod);
  const faults = pairingFaults(f, x.rig.weightKg, { rod, line: tackle.line }, speciesProfile(reading.species), reading);
  return (
    <>
      {faults.map((fault) => (
        <Note key={fault.code}>{faultSentence(fault, units)}</Note>
      ))}
    </>
  );
}

export function RigPart({ x }: { x: RankedLure }) {
  const { reading, schools } = useConditions();
  const { tackle } = usePlan();
  const mood = useMood();
  const book = useBookWithoutLog();
  const { units } = useTheme();
  const tiedWith = useTied();
  if (!reading || !mood) return null;
  const own = book.lure[x.key];
  const f = tiedOn(own, x.family, x.weightKg);
  const species = speciesProfile(reading.species);
  const reasons = rigReasons(x.rig, f, reading, species, x.weighing, schools);
  const tied = tackle && tiedWith(f, x.rig, tackle.line);
  const ties = tied ? tiedSentences(tied, units) : [];
  const { toLeader, toLure } = tied?.joints ?? {};
  const knots = [...(toLeader ? [toLeader] : []), ...(toLure ? [toLure] : [])];
  return (
    <View style={{ gap: 8 }}>
      {reasons.map((r) => {
        const t = rigReasonText(r, units);
        return (
          <Say key={r.part}>
            <Say kind="strong">{`${PART_NAME[r.part]}: ${t.what}`}</Say>
            {LURES_PAGE.rigWhy(t.why, t.runnerUp)}
          </Say>
        );
      })}
      {ties.map((j) => (
        <Say key={j}>{j}</Say>
      ))}
      {knots.map((k) => (
        <Disclosure key={k} title={howToTie(k)}>
          <KnotStepsLater knot={k} />
        </Disclosure>
      ))}
    </View>
  );
}
