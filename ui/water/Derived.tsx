/** What follows from the readings; changes under the finger while one is dragged. */
import { View } from 'react-native';
import { speciesProfile } from '../../core/water/species';
import { derivedFacts, holdingReasons, waterWords } from '../../wording/water';
import { useShownReading } from '../day/shown';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

export function Derived() {
  const r = useShownReading();
  const { p, units, scale } = useTheme();
  if (!r) return null;
  const profile = speciesProfile(r.species);
  const words = waterWords(r, profile, units);
  return (
    <View style={{ gap: 8 }}>
      <Say>
        Expect them <Say kind="strong">{words.where}</Say>.
      </Say>
      <View
        style={{ flexDirection: 'row', flexWrap: 'wrap', rowGap: 8, columnGap: 10, borderTopWidth: p.stroke, borderTopColor: p.rule, paddingTop: 8 }}
      >
        {derivedFacts(r, profile, units).map((f) => (
          <View key={f.id} style={{ flexGrow: 1, flexBasis: 104 * scale }}>
            <Say kind="strong">{f.value}</Say>
            <Say kind="small" tone="soft">
              {f.name}
            </Say>
          </View>
        ))}
      </View>
      <Disclosure title="Why there?">
        {holdingReasons(r, units).map((t) => (
          <Say key={t}>{t}</Say>
        ))}
        <Say>{`Season: ${words.season}. ${words.comfort}`}</Say>
      </Disclosure>
    </View>
  );
}
