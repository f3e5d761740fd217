/** The plan on one small card, to print or to look at with wet hands. */
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { Text, View } from 'react-native';
import { familyById } from '../../core/lures/families';
import { adviseHookSet } from '../../core/retrieve/hookset/advice';
import { speciesProfile } from '../../core/water/species';
import { hookSetSentences } from '../../wording/hookset';
import { capital, FAMILY_NAME, SPECIES_NAME } from '../../wording/names';
import { angleText, cadenceText, cardRows, reelInText } from '../../wording/retrieve';
import { dayText } from '../../wording/time';
import { say } from '../../wording/units';
import { useDay } from '../day/DayProvider';
import { Note } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Screen } from '../shell/Screen';
import { SHADE } from '../theme/palette';
import { FONT, ThemeContext, useTheme } from '../theme/theme';
import { CadenceLine } from './CadenceLine';

const CARD_ID = 'plan-card';
/** On paper only the card; it is as wide as a hand. */
const PRINT = `@media print{body *{visibility:hidden}#${CARD_ID},#${CARD_ID} *{visibility:visible}#${CARD_ID}{position:fixed;left:0;top:0;width:95mm;border:none}@page{margin:10mm}}`;
const SPAN_S = 12;

export function CardScreen() {
  const { plan, lure, tackle, day, nowMs } = useDay();
  const theme = useTheme();
  const router = useRouter();
  if (!plan || !lure || !tackle || !day)
    return (
      <Screen title="Plan card" section={false}>
        <Note>There is no plan to put on a card yet.</Note>
        <Button kind="solid" title="Back to the retrieve" onPress={() => router.navigate('/retrieve')} />
      </Screen>
    );
  const { units } = theme;
  const advice = adviseHookSet({
    family: { ...familyById(lure.family), hook: lure.hook },
    species: speciesProfile(day.trip.species),
    rod: tackle.rod,
    line: tackle.line,
    castM: plan.hands.castM,
  });
  const reelIn = reelInText(plan, units);
  const first = plan.track.beats[0]?.atS ?? 0;
  return (
    <Screen title="Plan card" sub="For the pocket" section={false}>
      <style>{PRINT}</style>
      <Button kind="solid" title="Print it" onPress={() => window.print()} />
      {/* Paper is white whatever the light. */}
      <ThemeContext.Provider value={{ ...theme, p: SHADE }}>
        <View
          nativeID={CARD_ID}
          role="region"
          aria-label="The card"
          style={{ backgroundColor: '#fff', borderColor: '#222', borderWidth: 1, borderRadius: 10, padding: 14, gap: 8 }}
        >
          <View>
            <Ink bold size={20}>
              {lure.name}
            </Ink>
            <Ink>{`${capital(FAMILY_NAME[lure.family])}, ${say.weight(plan.presentation.rig.weightKg, units)}, on ${tackle.line.name}`}</Ink>
            <Ink>{`${day.water.name}, ${dayText(nowMs, day.water.zone)}, ${SPECIES_NAME[day.trip.species]} at ${say.depthBand(plan.bandM, units)}`}</Ink>
          </View>
          <CadenceLine
            beats={plan.track.beats}
            fromS={first}
            spanS={SPAN_S}
            atS={null}
            label={`Cadence: ${cadenceText(plan.presentation.cadence)}`}
          />
          <Ink bold>{capital(cadenceText(plan.presentation.cadence))}.</Ink>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap' }}>
            {cardRows(plan, units).map(([name, value]) => (
              <View key={name} style={{ width: '50%', paddingVertical: 3, paddingRight: 8 }}>
                <Ink size={13}>{name}</Ink>
                <Ink bold size={17}>
                  {value}
                </Ink>
              </View>
            ))}
          </View>
          {day.conditions.water.currentMps ? <Ink>{`Throw ${angleText(plan.hands.angleDeg)}.`}</Ink> : null}
          {reelIn ? <Ink>{reelIn}</Ink> : null}
          <Ink>{hookSetSentences(advice, tackle.line.material, units)[0]}</Ink>
          <Ink
            size={13}
          >{`Among the fish ${say.percent(plan.zoneShare.mean)} of the cast${plan.range ? ` (${Math.round(100 * plan.zoneShare.low)}–${say.percent(plan.zoneShare.high)})` : ''}.`}</Ink>
        </View>
      </ThemeContext.Provider>
      <Button title="Back to the retrieve" onPress={() => router.navigate('/retrieve')} />
    </Screen>
  );
}

function Ink({ children, bold = false, size = 15 }: { children: ReactNode; bold?: boolean; size?: number }) {
  const { scale } = useTheme();
  return (
    <Text style={{ color: '#111', fontFamily: bold ? FONT.dataBold : FONT.data, fontSize: size * scale, lineHeight: size * 1.35 * scale }}>
      {children}
    </Text>
  );
}
