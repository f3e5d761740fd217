/** What follows from the readings; changes under the finger while one is dragged. */
import { View } from 'react-native';
import { speciesProfile } from '../../core/water/species';
import type { UnitPrefs } from '../../wording/units';
import { derivedFacts, holdingReasons, waterWords, type DerivedFact, type WaterWords } from '../../wording/water';
import { useConditions } from '../day/contexts';
import { useShownReading, useShownText } from '../day/shown';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import type { ResolvedConditions } from '../../core/water/resolve';

interface Following {
  r: ResolvedConditions;
  units: UnitPrefs;
  words: WaterWords;
  facts: readonly DerivedFact[];
}
let last: Following | null = null;

/** All that follows, worked out once for each reading: every text below asks for its own. */
function following(r: ResolvedConditions, units: UnitPrefs): Following {
  if (last?.r !== r || last.units !== units) {
    const profile = speciesProfile(r.species);
    last = { r, units, words: waterWords(r, profile, units), facts: derivedFacts(r, profile, units) };
  }
  return last;
}

/** A text by itself: what stands around it is not drawn anew with it, which is most of the work. */
function Live({ of }: { of: (f: Following) => string }) {
  const { units } = useTheme();
  return useShownText((r) => of(following(r, units)));
}

export function Derived() {
  const { reading } = useConditions();
  const { p, units, scale } = useTheme();
  if (!reading) return null;
  return (
    <View style={{ gap: 8 }}>
      <Say>
        Expect them{' '}
        <Say kind="strong">
          <Live of={(f) => f.words.where} />
        </Say>
        .
      </Say>
      <View
        style={{
          flexDirection: 'row',
          flexWrap: 'wrap',
          rowGap: 8,
          columnGap: 10,
          borderTopWidth: p.stroke,
          borderTopColor: p.rule,
          paddingTop: 8,
        }}
      >
        {following(reading, units).facts.map(({ id }, i) => (
          <View key={id} style={{ flexGrow: 1, flexBasis: scale > 1.4 ? '45%' : '30%' }}>
            <Say kind="strong">
              <Live of={(f) => f.facts[i]!.value} />
            </Say>
            <Say kind="small" tone="soft">
              <Live of={(f) => f.facts[i]!.name} />
            </Say>
          </View>
        ))}
      </View>
      <Disclosure title="Why there?">
        <Why />
      </Disclosure>
    </View>
  );
}

/** Drawn only while it is open, and then by itself. */
function Why() {
  const r = useShownReading();
  const { units } = useTheme();
  if (!r) return null;
  const { words } = following(r, units);
  return [...holdingReasons(r, units), `Season: ${words.season}. ${words.comfort}`].map((t) => <Say key={t}>{t}</Say>);
}
