/** A field to find things by. The library's search bar has keys of 40, too small for a thumb: this is its field. */
import { View } from 'react-native';
import { TextField } from './TextField';
import { FIELD_OUTLINE, useTheme } from '../theme/theme';
import { Glyph } from './Glyph';
import { Press } from './Press';

interface FindProps {
  /** For a screen reader; what stands in the empty field, where that is shorter. */
  label: string;
  placeholder?: string;
  value: string;
  onChange: (text: string) => void;
}

export function Find({ label, placeholder = label, value, onChange }: FindProps) {
  const { p, scale } = useTheme();
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
      <Glyph name="search" size={22} color={p.soft} />
      <TextField
        mode="outlined"
        outlineStyle={FIELD_OUTLINE}
        aria-label={label}
        placeholder={placeholder}
        placeholderTextColor={p.soft}
        value={value}
        onChangeText={onChange}
        inputMode="search"
        style={{ flex: 1, minWidth: 0, minHeight: 56, backgroundColor: p.card, fontSize: 16 * scale }}
      />
      {value === '' ? null : (
        <Press label={`${label}: clear`} onPress={() => onChange('')} style={{ alignItems: 'center' }}>
          <Glyph name="close" size={20} />
        </Press>
      )}
    </View>
  );
}
