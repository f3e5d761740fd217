/** The set-ups and what goes with them on one sheet, to print and tick off. */
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { tiedOn } from '../../../core/lures/own';
import type { FamilyId } from '../../../core/lures/family';
import { chooseRig } from '../../../core/ranking/rig';
import { speciesProfile } from '../../../core/water/species';
import { rigLine } from '../../../wording/lures';
import { capital, FAMILY_NAME } from '../../../wording/names';
import { tiedSentences } from '../../../wording/rig';
import { PACK_ALWAYS, packForFish } from '../../../wording/packing';
import { onItText, scenariosText } from '../../../wording/rods';
import { dayText } from '../../../wording/time';
import { RODS_PAGE } from '../../../wording/pages/rods';
import { SHARED } from '../../../wording/pages/shared';
import { useConditions, useMood, usePlan, useBookWithoutLog } from '../../day/contexts';
import { Note } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Ink, Sheet } from '../../parts/Paper';
import { Press } from '../../parts/Press';
import { Screen } from '../../shell/Screen';
import { useTheme } from '../../theme/theme';
import { useNames } from '../useNames';
import { useTied } from '../useTied';
import { useRods } from './useRods';

export function PackingScreen() {
  const { day, reading, schools, nowMs } = useConditions();
  const { tackle } = usePlan();
  const book = useBookWithoutLog();
  const mood = useMood();
  const { units } = useTheme();
  const router = useRouter();
  const nameOf = useNames();
  const tiedWith = useTied();
  const { rods, outfits, plan, failed } = useRods();
  if (!day || !reading || !mood || !plan)
    return (
      <Screen title="Packing list" section={false}>
        <Note>{day && !failed ? RODS_PAGE.setUpsWaiting : SHARED.noDay}</Note>
        <Button kind="solid" title={RODS_PAGE.backToRods} onPress={() => router.navigate('/lures/rods' as never)} />
      </Screen>
    );
  const species = speciesProfile(reading.species);
  const setUps = plan.setUps.map((s) => {
    const f = tiedOn(book.lure[s.key], s.key as FamilyId, s.weightKg);
    const rig = chooseRig(f, reading, species, mood.mean, schools);
    const outfit = s.rod === null ? tackle : outfits[s.rod]!;
    const tied = outfit && tiedWith(f, rig, outfit.line);
    return { ...s, f, rig, ties: tied ? tiedSentences(tied, units) : [] };
  });
  return (
    <Screen title="Packing list" sub={RODS_PAGE.toPrint} section={false}>
      <Button kind="solid" title={SHARED.print} onPress={() => window.print()} />
      <Sheet id="packing-list" label="Packing list" width="100%">
        <View>
          <Ink bold size={20}>{`${day.water.name}, ${dayText(nowMs, day.water.zone)}`}</Ink>
          <Ink>{RODS_PAGE.forFish(reading.species, setUps.length)}</Ink>
        </View>
        {setUps.map((s, i) => (
          <Tick key={s.key} bold text={RODS_PAGE.onRod(nameOf(s.key), s.rod === null ? null : rods[s.rod]!.name, i)}>
            {s.rod !== null && outfits[s.rod] ? <Ink>{onItText(outfits[s.rod]!)}</Ink> : null}
            <Ink>{`${capital(FAMILY_NAME[s.f.id])}: ${rigLine(s.rig, units)}.`}</Ink>
            <Ink>
              {RODS_PAGE.forScenarios(
                scenariosText(
                  s.covers.map((j) => plan.scenarios[j]!),
                  plan.scenarios,
                ),
              )}
            </Ink>
            {s.ties.map((t) => (
              <Ink key={t}>{t}</Ink>
            ))}
          </Tick>
        ))}
        <View>
          <Ink bold>With them</Ink>
          {[...packForFish(species, reading.access), ...PACK_ALWAYS].map((x) => (
            <Tick key={x} text={x} />
          ))}
        </View>
        <Ink size={13}>{RODS_PAGE.law}</Ink>
      </Sheet>
      <Button title={RODS_PAGE.backToRods} onPress={() => router.navigate('/lures/rods' as never)} />
    </Screen>
  );
}

function Tick({ text, bold = false, children }: { text: string; bold?: boolean; children?: ReactNode }) {
  const [on, setOn] = useState(false);
  return (
    <View style={{ gap: 2 }}>
      <Press as="checkbox" selected={on} label={text} onPress={() => setOn(!on)}>
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <View
            style={{
              width: 20,
              height: 20,
              borderWidth: 2,
              borderColor: '#222',
              borderRadius: 4,
              alignItems: 'center',
              justifyContent: 'center',
            }}
          >
            {on ? <View style={{ width: 11, height: 11, backgroundColor: '#222', borderRadius: 2 }} /> : null}
          </View>
          <View style={{ flex: 1, minWidth: 0 }}>
            <Ink bold={bold} size={bold ? 17 : 15}>
              {text}
            </Ink>
          </View>
        </View>
      </Press>
      {children ? <View style={{ paddingLeft: 30, gap: 1 }}>{children}</View> : null}
    </View>
  );
}
