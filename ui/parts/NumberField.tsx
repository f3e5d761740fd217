/** A number to be typed, in the angler's units; what cannot be read as one is said and kept. */
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { typedNumber } from '../../wording/typed';
import { FONT, useTheme } from '../theme/theme';
import { Say } from './Say';

interface NumberFieldProps {
  label: string;
  /** As it stands, with no more digits than a hand means. */
  text: string;
  unit: string;
  range: readonly [number, number];
  onNumber: (v: number) => void;
}

export function NumberField({ label, text, unit, range, onNumber }: NumberFieldProps) {
  const { p, scale } = useTheme();
  // What is typed lives here until it is left or entered.
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const done = (): void => {
    if (typed === null) return;
    const read = typedNumber(typed, range);
    if (typeof read === 'number') {
      setTyped(null);
      setWrong(null);
      onNumber(read);
    } else setWrong(read.trouble);
  };
  return (
    <View style={{ flexGrow: 1, flexShrink: 1, maxWidth: 150 * Math.min(scale, 1.6), gap: 4 }}>
      <TextInput
        mode="outlined"
        dense
        accessibilityLabel={label}
        value={typed ?? text}
        onChangeText={(t) => {
          setTyped(t);
          setWrong(null);
        }}
        onBlur={done}
        onSubmitEditing={done}
        inputMode="decimal"
        selectTextOnFocus
        error={wrong !== null}
        right={<TextInput.Affix text={unit} textStyle={{ fontFamily: FONT.data }} />}
        style={{ backgroundColor: p.card, minHeight: 56 }}
        contentStyle={{ fontFamily: FONT.dataBold }}
      />
      {wrong ? (
        <Say kind="label" tone="bad" role="alert">
          {wrong}
        </Say>
      ) : null}
    </View>
  );
}
