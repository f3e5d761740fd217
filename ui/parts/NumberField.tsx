/**
 * A measure to be typed, as the page shows it or in any other unit; what cannot be read is said and kept. Its label
 * stands above it: the library's own shrinks to 12 whatever the size of the text.
 */
import { useState } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
import { HelperText } from 'react-native-paper';
import { TextField } from './TextField';
import { typedMeasure, type Typed } from '../../wording/typed';
import { FIELD_OUTLINE, FONT, useTheme } from '../theme/theme';

interface NumberFieldProps {
  label: string;
  /** As it stands. */
  text: string;
  typed: Typed;
  onNumber: (v: number) => void;
  /** Whether what stands there cannot be read. */
  onTrouble?: (wrong: boolean) => void;
  /** Typed into at once, and told when that is over. */
  autoFocus?: boolean;
  onLeave?: () => void;
  /** What is wrong with the value itself, and what else there is to say. */
  problem?: string | null;
  hint?: string;
  /** In the middle, as the figure that it stands for. */
  centred?: boolean;
  style?: StyleProp<ViewStyle>;
}

export function NumberField({
  label,
  text,
  typed: how,
  onNumber,
  onTrouble,
  autoFocus,
  onLeave,
  problem = null,
  hint,
  centred = false,
  style,
}: NumberFieldProps) {
  const { p, scale } = useTheme();
  // What is typed lives here until it is left or entered.
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const done = (): void => {
    if (typed === null || typed === text) {
      setTyped(null);
      onLeave?.();
      return;
    }
    const read = typedMeasure(typed, how);
    if (typeof read !== 'number') {
      setWrong(read.trouble);
      onTrouble?.(true);
      return;
    }
    setTyped(null);
    setWrong(null);
    onTrouble?.(false);
    onNumber(read);
    onLeave?.();
  };
  const said = wrong ?? problem;
  return (
    <View style={[{ flexShrink: 1, minWidth: 0 }, style]}>
      <TextField
        mode="outlined"
        outlineStyle={FIELD_OUTLINE}
        aria-label={label}
        value={typed ?? text}
        error={said !== null}
        autoFocus={autoFocus}
        selectTextOnFocus
        onChangeText={(t) => {
          setTyped(t);
          setWrong(null);
          onTrouble?.(false);
        }}
        onBlur={done}
        onSubmitEditing={done}
        onKeyPress={(e) => {
          if (e.nativeEvent.key !== 'Escape') return;
          setTyped(null);
          setWrong(null);
          onLeave?.();
        }}
        style={{
          backgroundColor: p.card,
          minHeight: 56,
          fontFamily: FONT.dataBold,
          fontSize: 19 * Math.min(scale, 1.5),
          textAlign: centred ? 'center' : 'left',
        }}
      />
      {said || hint ? (
        <HelperText
          type={said ? 'error' : 'info'}
          role={said ? 'alert' : undefined}
          style={{ fontSize: 14 * scale, lineHeight: 19 * scale, color: said ? p.bad : p.soft }}
        >
          {said ?? hint}
        </HelperText>
      ) : null}
    </View>
  );
}
