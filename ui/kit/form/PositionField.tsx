/** A position: typed, pasted, or from where the device is. */
import { useState } from 'react';
import { View } from 'react-native';
import { TextField } from '../../parts/TextField';
import { typedPosition } from '../../../wording/typed';
import { positionText } from '../../../wording/units';
import { Button } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { whereIAm } from '../../platform/location';
import { FIELD_OUTLINE, useTheme } from '../../theme/theme';
import type { Field } from './fields';
import { Wrong } from './Wrong';

interface Position {
  latDeg: number;
  lonDeg: number;
}

export function PositionField({
  f,
  value,
  problem,
  onChange,
}: {
  f: Extract<Field, { type: 'position' }>;
  value: Position;
  problem: string | undefined;
  onChange: (v: Position) => void;
}) {
  const { p, scale } = useTheme();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const take = (read: Position | { trouble: string }): void => {
    if ('trouble' in read) {
      setWrong(read.trouble);
      return;
    }
    setTyped(null);
    setWrong(null);
    onChange(read);
  };
  const text = positionText(value);
  const done = (): void => {
    if (typed !== null && typed !== text) take(typedPosition(typed));
    else setTyped(null);
  };
  const here = async (): Promise<void> => {
    setAsking(true);
    const found = await whereIAm();
    setAsking(false);
    take(found);
  };
  return (
    <View style={{ gap: 4, maxWidth: 720 }}>
      <Say kind="strong">{f.label}</Say>
      <TextField
        mode="outlined"
        outlineStyle={FIELD_OUTLINE}
        aria-label={f.label}
        value={typed ?? text}
        error={wrong !== null || !!problem}
        selectTextOnFocus
        onChangeText={(t) => {
          setTyped(t);
          setWrong(null);
        }}
        onBlur={done}
        onSubmitEditing={done}
        style={{ backgroundColor: p.card, minHeight: 56, fontSize: 16 * scale }}
      />
      <Wrong text={wrong ?? problem} />
      {f.hint ? (
        <Say kind="label" tone="soft">
          {f.hint}
        </Say>
      ) : null}
      <Button
        title={asking ? 'Asking the device…' : 'From here'}
        label={`${f.label}: from here`}
        disabled={asking}
        onPress={() => void here()}
        style={{ alignSelf: 'flex-start' }}
      />
    </View>
  );
}
