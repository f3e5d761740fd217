/** A number to be typed, in the angler's units; what cannot be read as one is said and kept. */
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { typedNumber } from '../../wording/typed';
import { FONT, useTheme } from '../theme/theme';
import { Row } from './Box';
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
    <View style={{ flexShrink: 1, gap: 4 }}>
      <Row gap={8} style={{ justifyContent: 'center' }}>
        <TextInput
          aria-label={label}
          aria-invalid={wrong !== null}
          value={typed ?? text}
          onChangeText={(t) => {
            setTyped(t);
            setWrong(null);
          }}
          onBlur={done}
          onSubmitEditing={done}
          inputMode="decimal"
          selectTextOnFocus
          style={{
            width: 84 * Math.min(scale, 1.5),
            minHeight: 56,
            borderWidth: 1.5 * p.stroke,
            borderColor: wrong ? p.bad : p.edge,
            borderRadius: 12,
            paddingHorizontal: 8,
            textAlign: 'center',
            color: p.ink,
            backgroundColor: p.card,
            fontFamily: FONT.dataBold,
            fontSize: 20 * Math.min(scale, 1.5),
          }}
        />
        <Say>{unit}</Say>
      </Row>
      {wrong ? (
        <Say kind="label" tone="bad" role="alert" style={{ textAlign: 'center' }}>
          {wrong}
        </Say>
      ) : null}
    </View>
  );
}
