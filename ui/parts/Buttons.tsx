/** Buttons and choices in our own shapes. */
import type { ReactNode } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
import { useTheme } from '../theme/theme';
import { Row } from './Box';
import { Glyph } from './Glyph';
import { Press, type PressProps } from './Press';
import { Say } from './Say';

export function Button({
  title,
  kind = 'outline',
  icon,
  ...rest
}: Omit<PressProps, 'children'> & {
  title: string;
  kind?: 'solid' | 'outline' | 'plain' | 'copper';
  icon?: ReactNode;
}) {
  const { p } = useTheme();
  const look = {
    solid: { backgroundColor: p.moss, borderColor: p.moss },
    copper: { backgroundColor: p.copper, borderColor: p.copper },
    outline: { backgroundColor: p.card, borderColor: p.edge },
    plain: { backgroundColor: 'transparent', borderColor: 'transparent' },
  }[kind];
  const tone = kind === 'solid' ? 'onMoss' : kind === 'copper' ? 'onCopper' : 'ink';
  return (
    <Press
      label={title}
      {...rest}
      style={[
        {
          borderWidth: 1.5 * p.stroke,
          borderRadius: 12,
          paddingHorizontal: kind === 'plain' ? 8 : 16,
          paddingVertical: 8,
          alignItems: 'center',
          maxWidth: '100%',
        },
        look,
        rest.style,
      ]}
    >
      <Row gap={8}>
        {icon}
        <Say
          kind="strong"
          tone={tone}
          style={{ textAlign: 'center', flexShrink: 1, textDecorationLine: kind === 'plain' ? 'underline' : 'none' }}
        >
          {title}
        </Say>
      </Row>
    </Press>
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
            onPress={() => onChange(on ? value.filter((x) => x !== o.value) : [...value, o.value])}
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
