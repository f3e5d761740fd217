/** The one pressable: at least 48 high, visible focus, pressed state. */
import { useState, type ReactNode } from 'react';
import { Pressable, type PressableProps, type StyleProp, type ViewStyle } from 'react-native';
import { useTheme } from '../theme/theme';

export interface PressProps extends Omit<PressableProps, 'style' | 'children'> {
  children: ReactNode;
  label?: string;
  selected?: boolean;
  expanded?: boolean;
  /** Says whether it is a choice among others (radio), a switch (checkbox) or a plain button. */
  as?: 'button' | 'radio' | 'checkbox' | 'link' | 'tab';
  style?: StyleProp<ViewStyle>;
}

export function Press({ children, label, selected, expanded, as = 'button', style, ...rest }: PressProps) {
  const { p } = useTheme();
  const [focus, setFocus] = useState(false);
  const state =
    as === 'radio' || as === 'checkbox'
      ? { 'aria-checked': !!selected }
      : as === 'tab'
        ? { 'aria-selected': !!selected }
        : as === 'link'
          ? {}
          : selected === undefined
            ? {}
            : { 'aria-pressed': selected };
  // The library lets the space bar press buttons alone; choices and tabs are pressed with it too.
  const onKeyDown =
    as === 'button' || as === 'link'
      ? undefined
      : (e: { key: string; preventDefault: () => void }) => {
          if (e.key !== ' ' || rest.disabled) return;
          e.preventDefault();
          rest.onPress?.(e as never);
        };
  return (
    <Pressable
      role={as}
      aria-label={label}
      aria-expanded={expanded}
      {...(state as object)}
      {...({ onKeyDown } as object)}
      {...rest}
      onFocus={() => setFocus(true)}
      onBlur={() => setFocus(false)}
      style={({ pressed }) => [
        { minHeight: 48, minWidth: 48, justifyContent: 'center', opacity: rest.disabled ? 0.55 : pressed ? 0.75 : 1 },
        style,
        focus && ({ outlineColor: p.copper, outlineWidth: 3, outlineStyle: 'solid', outlineOffset: 1 } as ViewStyle),
      ]}
    >
      {children}
    </Pressable>
  );
}
