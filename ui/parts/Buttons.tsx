/** Buttons and choices in our shapes. */
import { useEffect, useRef, type ReactNode } from 'react';
import { View, type StyleProp, type TextStyle, type ViewStyle } from 'react-native';
import { Button as PaperButton } from 'react-native-paper';
import { useTheme } from '../theme/theme';
import { Row } from './Box';
import { Glyph } from './Glyph';
import { Press } from './Press';
import { Say, useSayStyle } from './Say';

/**
 * A button of the library. Its label may take several lines (large type, narrow screens), which the library's own would
 * cut off.
 */
export function Button({
  title,
  label,
  kind = 'outline',
  icon,
  disabled,
  onPress,
  style,
}: {
  title: string;
  /** For a screen reader, where the title alone does not say enough. */
  label?: string;
  kind?: 'solid' | 'outline' | 'plain' | 'copper';
  icon?: ReactNode;
  disabled?: boolean;
  onPress: () => void;
  style?: StyleProp<ViewStyle>;
}) {
  const { p, scale } = useTheme();
  const words = useSayStyle('strong');
  return (
    <PaperButton
      mode={kind === 'plain' ? 'text' : kind === 'outline' ? 'outlined' : 'contained'}
      buttonColor={{ solid: p.moss, copper: p.copper, outline: p.card, plain: 'transparent' }[kind]}
      textColor={{ solid: p.onMoss, copper: p.onCopper, outline: p.ink, plain: p.ink }[kind]}
      icon={icon ? () => icon : undefined}
      disabled={disabled}
      onPress={onPress}
      accessibilityLabel={label ?? title}
      style={[
        { borderRadius: 12, maxWidth: '100%', opacity: disabled ? 0.55 : 1 },
        kind === 'outline' && { borderWidth: 1.5 * p.stroke, borderColor: p.edge },
        style,
      ]}
      contentStyle={{ minHeight: 48 }}
      labelStyle={
        {
          fontFamily: words.fontFamily,
          fontSize: words.fontSize,
          lineHeight: words.lineHeight,
          letterSpacing: 0,
          marginVertical: 8,
          marginHorizontal: kind === 'plain' ? 8 : 16 * Math.min(scale, 1.25),
          // The library draws its icon half into the margin of the words.
          ...(icon ? { marginLeft: 20 } : {}),
          flexShrink: 1,
          whiteSpace: 'normal',
          textDecorationLine: kind === 'plain' ? 'underline' : 'none',
        } as TextStyle
      }
    >
      {title}
    </PaperButton>
  );
}

export interface Option<T extends string | number> {
  value: T;
  title: string;
}

const ARROWS: Record<string, 1 | -1> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** Arrow keys go from choice to choice and take it, as in any group of its kind. */
function byArrows(e: {
  key: string;
  currentTarget: HTMLElement;
  target: EventTarget;
  preventDefault: () => void;
}): void {
  const way = ARROWS[e.key];
  if (!way) return;
  const all = [...e.currentTarget.querySelectorAll<HTMLElement>('[role="radio"]')];
  const at = all.indexOf(e.target as HTMLElement);
  if (at < 0) return;
  e.preventDefault();
  const next = all[(at + way + all.length) % all.length]!;
  next.focus();
  next.click();
}

/** A group of which one is chosen, by touch or by arrows. */
export function RadioGroup({
  label,
  style,
  children,
}: {
  label: string;
  style?: StyleProp<ViewStyle>;
  children: ReactNode;
}) {
  return (
    <View role="radiogroup" aria-label={label} {...({ onKeyDown: byArrows } as object)} style={style}>
      {children}
    </View>
  );
}

/** One of a few: chips in a group. */
export function Choices<T extends string | number>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly Option<T>[];
  value: T | null;
  onChange: (v: T) => void;
}) {
  const { p } = useTheme();
  return (
    <RadioGroup label={label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {options.map((o) => {
        const on = o.value === value;
        return (
          <Press
            key={o.value}
            as="radio"
            selected={on}
            label={o.title}
            onPress={() => onChange(o.value)}
            style={{
              borderRadius: 24,
              borderWidth: (on ? 2 : 1.5) * p.stroke,
              borderColor: on ? p.moss : p.rule,
              backgroundColor: on ? p.mossWash : p.card,
              paddingHorizontal: 14,
              paddingVertical: 6,
              maxWidth: '100%',
              alignItems: 'center',
            }}
          >
            <Say kind={on ? 'strong' : 'body'}>{o.title}</Say>
          </Press>
        );
      })}
    </RadioGroup>
  );
}

/** Several of a few: chips that stay pressed. */
export function Picks({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly Option<string>[];
  value: readonly string[];
  onChange: (v: string[]) => void;
}) {
  const { p } = useTheme();
  const chosen = new Set(value);
  const shown = value.join('\n');
  /** What was last asked for, until what is shown has followed it: of two quick taps the second builds on the first. */
  const asked = useRef<readonly string[] | null>(null);
  useEffect(() => {
    asked.current = null;
  }, [shown]);
  const toggle = (v: string): void => {
    const from = asked.current ?? value;
    const next = from.includes(v) ? from.filter((x) => x !== v) : [...from, v];
    asked.current = next;
    onChange(next);
  };
  return (
    <View role="group" aria-label={label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {options.map((o) => {
        const on = chosen.has(o.value);
        return (
          <Press
            key={o.value}
            as="checkbox"
            selected={on}
            label={o.title}
            onPress={() => toggle(o.value)}
            style={{
              borderRadius: 10,
              borderWidth: (on ? 2 : 1.5) * p.stroke,
              borderColor: on ? p.moss : p.rule,
              backgroundColor: on ? p.mossWash : p.card,
              paddingHorizontal: 12,
            }}
          >
            <Row gap={6}>
              {on ? <Glyph name="check" size={18} /> : null}
              <Say kind={on ? 'strong' : 'body'}>{o.title}</Say>
            </Row>
          </Press>
        );
      })}
    </View>
  );
}
