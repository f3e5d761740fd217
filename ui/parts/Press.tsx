/** The one pressable, on the library's: at least 48 high, pressed state. The ring of the focus: public/index.html. */
import type { ReactNode } from 'react';
import type { PressableProps, StyleProp, ViewStyle } from 'react-native';
import { TouchableRipple } from 'react-native-paper';

/** The library lets a new ground come in slowly; a change of light is there at once, text and ground together. */
const STILL = { transition: 'none' } as unknown as ViewStyle;

const nothing = (): void => undefined;

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
    <TouchableRipple
      role={as}
      aria-label={label}
      aria-expanded={expanded}
      {...(state as object)}
      {...({ onKeyDown } as object)}
      {...(rest as object)}
      // Without one the library takes it for switched off, though it may go by its other touches.
      onPress={rest.onPress ?? nothing}
      style={({ pressed }) => [
        STILL,
        { minHeight: 48, minWidth: 48, justifyContent: 'center', opacity: rest.disabled ? 0.55 : pressed ? 0.75 : 1 },
        style,
      ]}
    >
      {/* The library wants one child; several stand as they would without it. */}
      <>{children}</>
    </TouchableRipple>
  );
}
