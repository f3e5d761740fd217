/** A note that is kept when it is left, by whatever way: another touch, another page. */
import { useEffect, useRef, useState } from 'react';
import { TextField } from './TextField';
import { FIELD_OUTLINE, useTheme } from '../theme/theme';

interface NoteFieldProps {
  label: string;
  value: string;
  /** Letters at the most. */
  most: number;
  multiline?: boolean;
  onNote: (note: string) => void;
}

export function NoteField({ label, value, most, multiline = false, onNote }: NoteFieldProps) {
  const { p, scale } = useTheme();
  // Null: nothing was typed since it was kept.
  const [typed, setTyped] = useState<string | null>(null);
  const keep = (): void => {
    if (typed !== null) onNote(typed.trim());
    setTyped(null);
  };
  // A page that is left takes its field away without a word to it.
  const leaving = useRef<() => void>(() => undefined);
  useEffect(() => {
    leaving.current = () => {
      if (typed !== null) onNote(typed.trim());
    };
  });
  useEffect(() => () => leaving.current(), []);
  return (
    <TextField
      mode="outlined"
      outlineStyle={FIELD_OUTLINE}
      aria-label={label}
      value={typed ?? value}
      multiline={multiline}
      maxLength={most}
      onChangeText={setTyped}
      onBlur={keep}
      style={{ backgroundColor: p.card, minHeight: multiline ? 72 : 56, maxWidth: 720, fontSize: 16 * scale }}
    />
  );
}
