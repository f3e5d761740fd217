/** What follows from the readings; changes under the finger while one is dragged. */
import { memo } from 'react';
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
      <Where text={words.where} />
      <View
        style={{ flexDirection: 'row', flexWrap: 'wrap', rowGap: 8, columnGap: 10, borderTopWidth: p.stroke, borderTopColor: p.rule, paddingTop: 8 }}
      >
        {derivedFacts(r, profile, units).map((f) => (
          <Fact key={f.id} name={f.name} value={f.value} basis={scale > 1.4 ? '45%' : '30%'} />
        ))}
      </View>
      {WHY}
    </View>
  );
}

// Each is drawn anew only when its own words change.
const Where = memo(function Where({ text }: { text: string }) {
  return (
    <Say>
      Expect them <Say kind="strong">{text}</Say>.
    </Say>
  );
});

const Fact = memo(function Fact({ name, value, basis }: { name: string; value: string; basis: `${number}%` }) {
  return (
    <View style={{ flexGrow: 1, flexBasis: basis }}>
      <Say kind="strong">{value}</Say>
      <Say kind="small" tone="soft">
        {name}
      </Say>
    </View>
  );
});

/** Drawn only while it is open, and then by itself. */
function Why() {
  const r = useShownReading();
  const { units } = useTheme();
  if (!r) return null;
  const words = waterWords(r, speciesProfile(r.species), units);
  return [...holdingReasons(r, units), `Season: ${words.season}. ${words.comfort}`].map((t) => <Say key={t}>{t}</Say>);
}

// One element for good: React leaves it alone while the readings change around it.
const WHY = (
  <Disclosure title="Why there?">
    <Why />
  </Disclosure>
);
