/** All text goes through here: two faces, a few sizes, the in-app text scale. Nothing smaller than 13. */
import type { ReactNode } from 'react';
import { Text, type TextProps, type TextStyle } from 'react-native';
import { FONT, useTheme } from '../theme/theme';

const KINDS = {
  title: { fontFamily: FONT.head, fontSize: 24, lineHeight: 29 },
  heading: { fontFamily: FONT.head, fontSize: 18, lineHeight: 24 },
  figure: { fontFamily: FONT.head, fontSize: 21, lineHeight: 27 },
  body: { fontFamily: FONT.data, fontSize: 16, lineHeight: 23 },
  strong: { fontFamily: FONT.dataBold, fontSize: 16, lineHeight: 23 },
  label: { fontFamily: FONT.data, fontSize: 14, lineHeight: 19 },
  labelStrong: { fontFamily: FONT.dataBold, fontSize: 14, lineHeight: 19 },
  small: { fontFamily: FONT.data, fontSize: 13, lineHeight: 17 },
} as const satisfies Record<string, TextStyle>;
export type SayKind = keyof typeof KINDS;

export type SayTone = 'ink' | 'soft' | 'moss' | 'copper' | 'bad' | 'onMoss' | 'onCopper' | 'onStrong';

export function useSayStyle(kind: SayKind, tone: SayTone = 'ink'): TextStyle {
  const { p, scale } = useTheme();
  const k = KINDS[kind];
  return { ...k, fontSize: k.fontSize * scale, lineHeight: k.lineHeight * scale, color: p[tone] };
}

export function Say({
  kind = 'body',
  tone = 'ink',
  style,
  children,
  level,
  ...rest
}: TextProps & { kind?: SayKind; tone?: SayTone; children: ReactNode; level?: number }) {
  const s = useSayStyle(kind, tone);
  const heading = level ? { role: 'heading' as const, 'aria-level': level } : {};
  return (
    <Text {...heading} {...rest} style={[s, style]}>
      {children}
    </Text>
  );
}
